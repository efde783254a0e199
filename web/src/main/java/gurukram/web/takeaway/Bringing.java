package gurukram.web.takeaway;

import gurukram.core.text.Refused;
import gurukram.web.shared.Teacher;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Bringing a file of everything back: first a look at what is new, the same and different, then all of it, or nothing of what cannot be read. */
@Service
public class Bringing {
    private static final Logger LOG = LoggerFactory.getLogger(Bringing.class);
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_NAMED = 200;

    private final TakeawayStore store;
    private final Checker checker;
    private final TransactionTemplate each;

    Bringing(TakeawayStore store, Checker checker, PlatformTransactionManager transactions) {
        this.store = store;
        this.checker = checker;
        this.each = new TransactionTemplate(transactions);
        this.each.setPropagationBehavior(TransactionDefinition.PROPAGATION_NESTED);
    }

    /** How many of a kind. */
    public record Counts(Kind kind, int fresh, int same, int other) {}

    /**
     * What a file would do.
     *
     * @param other names of what is different here and there
     * @param settings whether the settings differ
     */
    public record Look(List<Counts> counts, List<String> other, boolean settings) {}

    /** Something that was not taken. @param text of a class, to be read line by line; empty otherwise */
    public record Left(String name, String why, String text) {}

    /** @param taken how many of each kind were put in */
    public record Done(Map<Kind, Integer> taken, List<Left> left) {}

    private interface Work<T> {
        T with(Brought brought) throws IOException;
    }

    /** {@link Refused} when it is no file of ours. */
    @Transactional
    Look look(Teacher teacher) {
        return opened(teacher, brought -> {
            store.inUtc();
            List<Counts> counts = new ArrayList<>();
            List<String> other = new ArrayList<>();
            for (Kind kind : Kind.values()) {
                Map<String, String> here = store.sums(teacher, kind);
                int fresh = 0;
                int same = 0;
                int different = 0;
                for (Brought.Item item : brought.of(kind)) {
                    String text = brought.text(item.entry());
                    String sum = here.get(item.key());
                    if (sum == null) fresh++;
                    else if (sum.equals(sum(text))) same++;
                    else {
                        different++;
                        if (other.size() < MOST_NAMED) other.add(name(kind, Brought.json(text)));
                    }
                }
                counts.add(new Counts(kind, fresh, same, different));
            }
            String settings = brought.settings();
            return new Look(counts, other, settings != null && !settings.equals(store.settings(teacher)));
        });
    }

    /**
     * Puts in what is new, and what is different where that is wanted; what cannot be read is left, and said.
     *
     * @param theirs whether what is different is taken from the file
     */
    @Transactional
    Done take(Teacher teacher, boolean theirs) {
        Done done = opened(teacher, brought -> {
            store.inUtc();
            Map<Kind, Integer> taken = new EnumMap<>(Kind.class);
            List<Left> left = new ArrayList<>();
            String settings = brought.settings();
            if (settings != null && theirs) takeSettings(teacher, settings, left);
            for (Kind kind : Kind.values()) {
                Map<String, String> here = store.sums(teacher, kind);
                for (Brought.Item item : brought.of(kind)) {
                    String sum = here.get(item.key());
                    if (sum != null && !theirs) continue;
                    String text = textOf(brought, item, left);
                    if (text == null || sum != null && sum.equals(sum(text))) continue;
                    if (take(teacher, brought, item, text, left)) taken.merge(kind, 1, Integer::sum);
                }
            }
            return new Done(taken, left);
        });
        store.forget(teacher);
        return done;
    }

    private static String textOf(Brought brought, Brought.Item item, List<Left> left) throws IOException {
        try {
            return brought.text(item.entry());
        } catch (Refused e) {
            left.add(new Left(item.entry().getName(), e.getMessage(), ""));
            return null;
        }
    }

    private boolean take(Teacher teacher, Brought brought, Brought.Item item, String text, List<Left> left)
            throws IOException {
        JsonNode content = Brought.json(text);
        String why = "it is damaged";
        if (content != null && content.path("row").isObject()) {
            ObjectNode whole = (ObjectNode) content;
            loosen(teacher, item.kind(), (ObjectNode) whole.path("row"));
            if (item.kind() == Kind.COURSE) withoutGone(teacher, whole);
            try {
                return Boolean.TRUE.equals(each.execute(status -> {
                    put(teacher, item, whole);
                    return true;
                }));
            } catch (Refused e) {
                why = e.getMessage();
            } catch (RuntimeException e) {
                // its words may have what somebody typed in them
                LOG.info(
                        "{} could not be brought back: {}",
                        item.entry().getName(),
                        e.getClass().getSimpleName());
            }
        }
        String asText = item.kind() == Kind.CLASS ? brought.textBeside(item) : "";
        left.add(new Left(content == null ? item.entry().getName() : name(item.kind(), content), why, asText));
        return false;
    }

    private void put(Teacher teacher, Brought.Item item, ObjectNode content) {
        Map<String, Set<String>> rows = new HashMap<>();
        for (Kind.Part part : item.kind().parts()) {
            Set<String> fields = new LinkedHashSet<>();
            for (JsonNode row : content.path(part.table())) fields.addAll(row.propertyNames());
            rows.put(part.table(), fields);
        }
        Set<String> fields = new LinkedHashSet<>(content.path("row").propertyNames());
        if (!store.put(teacher, item.kind(), item.key(), JSON.writeValueAsString(content), fields, rows))
            throw new Refused("it belongs to somebody else here");
        checker.check(teacher, item.kind(), item.key(), content);
    }

    /** What it refers to and is not here is let go of. */
    void loosen(Teacher teacher, Kind kind, ObjectNode row) {
        if (kind == Kind.CLASS) loosen(teacher, row, "group_id", Kind.GROUP);
        if (kind == Kind.GROUP) loosen(teacher, row, "room_id", Kind.ROOM);
        if (kind == Kind.COURSE) loosen(teacher, row, "group_id", Kind.GROUP);
        if (kind == Kind.MEETING || kind == Kind.EVENT) loosen(teacher, row, "class_id", Kind.CLASS);
        if (kind == Kind.EVENT) loosen(teacher, row, "room_id", Kind.ROOM);
    }

    /** A lesson whose class is not here has none yet. */
    private void withoutGone(Teacher teacher, ObjectNode course) {
        ArrayNode there = JSON.createArrayNode();
        for (JsonNode lesson : course.path("lesson"))
            if (store.has(teacher, Kind.CLASS, lesson.path("class_id").asString(""))) there.add(lesson);
        course.set("lesson", there);
    }

    private void loosen(Teacher teacher, ObjectNode row, String field, Kind kind) {
        JsonNode other = row.path(field);
        if (other.isString() && !store.has(teacher, kind, other.asString())) row.putNull(field);
    }

    private void takeSettings(Teacher teacher, String settings, List<Left> left) {
        JsonNode content = Brought.json(settings);
        try {
            if (content == null || !content.path("row").isObject()) throw new Refused("they are damaged");
            each.executeWithoutResult(status -> {
                JsonNode words = content.path("words");
                store.putSettings(
                        teacher,
                        settings,
                        Set.copyOf(content.path("row").propertyNames()),
                        words.isString() ? words.asString() : null);
                checker.checkSettings(teacher, content.path("row"));
            });
        } catch (RuntimeException e) {
            left.add(new Left("your settings", e instanceof Refused ? e.getMessage() : "they are damaged", ""));
        }
    }

    private static String name(Kind kind, JsonNode content) {
        if (content == null) return "something damaged";
        JsonNode row = content.path("row");
        String name = row.path("title")
                .asString(row.path("name").asString(row.path("pose").asString("")));
        String day =
                kind == Kind.LOG ? ", " + row.path("started_at").asString("").replaceAll("T.*", "") : "";
        String what = kind == Kind.CLASS
                ? "class"
                : kind.folder().substring(0, kind.folder().length() - 1);
        return name.isEmpty() ? "a " + what : "%s “%s”%s".formatted(what, name, day);
    }

    private static String sum(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What was sent, put together in a file that is gone afterwards. */
    private <T> T opened(Teacher teacher, Work<T> work) {
        int pieces = store.pieces(teacher);
        if (pieces == 0) throw new Refused("Choose a file first.");
        try {
            Path file = Files.createTempFile("brought", ".zip");
            try {
                try (OutputStream out = Files.newOutputStream(file)) {
                    for (int n = 0; n < pieces; n++)
                        out.write(store.piece(teacher, n)
                                .orElseThrow(() -> new Refused("A part of the file is missing; send it again.")));
                }
                try (Brought brought = Brought.open(file, store.schema())) {
                    return work.with(brought);
                }
            } finally {
                Files.delete(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
