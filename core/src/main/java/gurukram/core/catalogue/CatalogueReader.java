package gurukram.core.catalogue;

import gurukram.core.catalogue.rules.CatalogueProblem;
import gurukram.core.catalogue.rules.CatalogueRules;
import gurukram.core.catalogue.rules.Entries;
import gurukram.core.catalogue.rules.Places;
import gurukram.core.caution.Derivation;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Language;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/**
 * Reads the catalogue's YAML files, one a family, one of ladders and one a language, and reports every problem of every file
 * together.
 *
 * <p>{@code catalogue/families.txt} lists the families; adding a pose means adding an entry to one of them.
 * {@code names/languages.txt} lists the languages; each is one file with a name for every pose.
 */
public final class CatalogueReader {
    private static final String FOLDER = "/catalogue/";
    private static final String LADDERS = "ladders.yaml";
    private static final String NAMES = "names/";
    private static final YAMLMapper YAML = YAMLMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();

    private final List<Pose> poses = new ArrayList<>();
    private final List<Ladder> ladders = new ArrayList<>();
    private final Places places = new Places();

    private CatalogueReader() {}

    /** The catalogue that ships with the app; {@link CatalogueException} with all problems when it is not sound. */
    public static PoseCatalogue shipped() {
        return read(shippedFiles());
    }

    /** The files of the catalogue that ships with the app, by name. */
    public static Map<String, String> shippedFiles() {
        Map<String, String> files = new LinkedHashMap<>();
        for (String family : resource("families.txt").split("\\R")) {
            if (!family.isBlank()) files.put(family.strip() + ".yaml", resource(family.strip() + ".yaml"));
        }
        files.put(LADDERS, resource(LADDERS));
        for (String language : resource(NAMES + "languages.txt").split("\\R")) {
            String file = NAMES + language.strip() + ".yaml";
            if (!language.isBlank()) files.put(file, resource(file));
        }
        return files;
    }

    /** Reads files given as name and text. */
    public static PoseCatalogue read(Map<String, String> files) {
        CatalogueReader reader = new CatalogueReader();
        files.forEach((file, text) -> {
            if (!file.startsWith(NAMES)) reader.readFile(file, text);
        });
        List<Pose> poses = Derivation.of(reader.poses);
        CatalogueRules.check(new Entries(poses, reader.ladders, reader.places));
        List<Language> languages = new ArrayList<>();
        files.forEach((file, text) -> {
            if (file.startsWith(NAMES)) add(languages, reader.language(file, text, poses));
        });
        List<CatalogueProblem> problems = reader.places.problems();
        if (!problems.isEmpty()) throw new CatalogueException(problems);
        return new PoseCatalogue(poses, reader.ladders, languages);
    }

    private void readFile(String file, String text) {
        places.note(file, text);
        try {
            String family = file.replace(".yaml", "").replace('-', ' ');
            for (JsonNode entry : YAML.readTree(text)) {
                String id = entry.path("id").asString("?");
                if (file.equals(LADDERS)) add(ladders, LadderReader.read(entry, id, places));
                else add(poses, PoseReader.read(entry, id, family, places));
            }
        } catch (JacksonException e) {
            unreadable(file, e);
        }
    }

    private @Nullable Language language(String file, String text, List<Pose> poses) {
        try {
            return new LanguageReader(file, text, places).read(YAML.readTree(text), poses);
        } catch (JacksonException e) {
            unreadable(file, e);
            return null;
        }
    }

    private void unreadable(String file, JacksonException e) {
        int line = e.getLocation() == null ? 0 : e.getLocation().getLineNr();
        places.problem(new CatalogueProblem(file, line, "-", "", "not readable as YAML: " + e.getOriginalMessage()));
    }

    private static <T> void add(List<T> list, @Nullable T item) {
        if (item != null) list.add(item);
    }

    private static String resource(String name) {
        try (InputStream in =
                CatalogueReader.class.getResourceAsStream(name.startsWith(NAMES) ? "/" + name : FOLDER + name)) {
            if (in == null)
                throw new CatalogueException(List.of(new CatalogueProblem(name, 0, "-", "", "file is missing")));
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
