package gurukram.web.takeaway;

import gurukram.core.text.Refused;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A file that is brought back, opened: no more of it is read than there may be. */
final class Brought implements AutoCloseable {
    /** The longest log with its script is a tenth of it. */
    private static final long MOST_AN_ENTRY = 30_000_000;

    private static final long MOST_IN_ALL = 2_000_000_000;
    private static final int MOST_ENTRIES = 50_000;
    private static final Pattern NAME = Pattern.compile("([a-z]+)/([A-Za-z0-9-]{1,64})\\.json");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final ZipFile zip;
    private long read;

    private Brought(ZipFile zip) {
        this.zip = zip;
    }

    /** {@link Refused} when it is none of ours, broken, or of a newer version. */
    static Brought open(Path file, String schema) throws IOException {
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile());
        } catch (ZipException e) {
            throw new Refused("This is no file of everything, or only a part of one.");
        }
        Brought brought = new Brought(zip);
        try {
            brought.check(schema);
        } catch (RuntimeException | IOException e) {
            zip.close();
            throw e;
        }
        return brought;
    }

    private void check(String schema) throws IOException {
        if (zip.size() > MOST_ENTRIES)
            throw new Refused("There are more than %,d things in this file.".formatted(MOST_ENTRIES));
        ZipEntry about = zip.getEntry(Taking.ABOUT);
        if (about == null) throw new Refused("This is no file of everything: it does not say what it is.");
        JsonNode says = json(text(about));
        if (says == null
                || says.path("format").asInt(0) != Taking.FORMAT
                || says.path("schema").asInt(0) == 0)
            throw new Refused("This is no file of everything that I can read.");
        if (says.path("schema").asInt(0) > Integer.parseInt(schema))
            throw new Refused("This file is of a newer version of Gurukram; bring it to one that is as new.");
    }

    /** @param kind null for what is not known */
    record Item(Kind kind, String key, ZipEntry entry) {}

    /** What there is of a kind. */
    List<Item> of(Kind kind) {
        List<Item> items = new ArrayList<>();
        Enumeration<? extends ZipEntry> entries = zip.entries();
        while (entries.hasMoreElements()) {
            ZipEntry entry = entries.nextElement();
            Matcher name = NAME.matcher(entry.getName());
            if (name.matches() && name.group(1).equals(kind.folder())) items.add(new Item(kind, name.group(2), entry));
        }
        return items;
    }

    /** A class as text, where it stands beside it; empty otherwise. */
    String textBeside(Item item) throws IOException {
        ZipEntry entry = zip.getEntry(item.kind().folder() + "/" + item.key() + ".txt");
        return entry == null ? "" : text(entry);
    }

    /** Null when there are none. */
    String settings() throws IOException {
        ZipEntry entry = zip.getEntry(Taking.SETTINGS);
        return entry == null ? null : text(entry);
    }

    /** {@link Refused} when it is more than there may be, or no text. */
    String text(ZipEntry entry) throws IOException {
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes((int) MOST_AN_ENTRY + 1);
            read += bytes.length;
            if (bytes.length > MOST_AN_ENTRY || read > MOST_IN_ALL)
                throw new Refused("“%s” is larger than anything here can be.".formatted(entry.getName()));
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (ZipException | CharacterCodingException e) {
            throw new Refused("“%s” is damaged.".formatted(entry.getName()));
        }
    }

    /** Null when it is no JSON object. */
    static JsonNode json(String text) {
        try {
            JsonNode node = JSON.readTree(text);
            return node.isObject() ? node : null;
        } catch (JacksonException e) {
            return null;
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
