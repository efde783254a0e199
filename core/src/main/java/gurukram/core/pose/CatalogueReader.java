package gurukram.core.pose;

import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseText;
import gurukram.core.text.Refused;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/**
 * Reads the catalogue's YAML files, one a family, and reports every problem of every file together.
 *
 * <p>{@code catalogue/families.txt} lists the files; adding a pose means adding an entry to one of them.
 */
public final class CatalogueReader {
    private static final String FOLDER = "/catalogue/";
    private static final Pattern ENTRY = Pattern.compile("(?m)^- id: *(\\S+)");
    private static final YAMLMapper YAML = new YAMLMapper();

    private final List<Pose> poses = new ArrayList<>();
    private final List<CatalogueProblem> problems = new ArrayList<>();
    private final Map<String, CatalogueProblem> places = new HashMap<>();

    private CatalogueReader() {}

    /** The catalogue that ships with the app; {@link CatalogueException} with all problems when it is not sound. */
    public static PoseCatalogue shipped() {
        Map<String, String> files = new java.util.LinkedHashMap<>();
        for (String family : resource("families.txt").split("\\R")) {
            if (!family.isBlank()) files.put(family.strip() + ".yaml", resource(family.strip() + ".yaml"));
        }
        return read(files);
    }

    /** Reads files given as name and text. */
    public static PoseCatalogue read(Map<String, String> files) {
        CatalogueReader reader = new CatalogueReader();
        files.forEach(reader::readFile);
        reader.problems.addAll(CatalogueRules.check(reader.poses, reader.places));
        if (!reader.problems.isEmpty()) throw new CatalogueException(reader.problems);
        return new PoseCatalogue(reader.poses);
    }

    private void readFile(String file, String text) {
        Map<String, Integer> lines = linesOfEntries(text);
        try {
            JsonNode root = YAML.readTree(text);
            String family = file.replace(".yaml", "").replace('-', ' ');
            for (JsonNode entry : root) {
                String id = entry.path("id").asString("?");
                CatalogueProblem place = new CatalogueProblem(file, lines.getOrDefault(id, 0), id, "");
                places.putIfAbsent(id, place);
                Pose pose = readPose(entry, family, place);
                if (pose != null) poses.add(pose);
            }
        } catch (JacksonException e) {
            int line = e.getLocation() == null ? 0 : e.getLocation().getLineNr();
            problems.add(new CatalogueProblem(file, line, "-", "not readable as YAML: " + e.getOriginalMessage()));
        }
    }

    private Pose readPose(JsonNode entry, String family, CatalogueProblem place) {
        PoseFields fields = new PoseFields(entry, place, problems);
        int before = problems.size();
        SideBehaviour sides = fields.choice("sides", SideBehaviour.class, SideBehaviour.SYMMETRIC);
        Pose pose = new Pose(
                fields.text("id"),
                fields.text("name"),
                fields.optional("sanskrit"),
                fields.list("also"),
                family,
                fields.choice("base", Base.class, null),
                sides,
                fields.choiceOrNull("sideOf", SideOf.class),
                fields.choiceOrNull("twist", Twist.class),
                fields.choice("hold", Hold.class, null),
                fields.choice("complexity", Complexity.class, null),
                fields.millisOrNull("settingUpSeconds"),
                fields.whole("effort", 1, 5),
                fields.choice("level", Level.class, null),
                fields.choice("breath", BreathAffinity.class, null),
                fields.millisOrNull("repSeconds"),
                doses(fields),
                fields.felt("stretches"),
                fields.felt("works"),
                fields.flag("wristLoad"),
                fields.cautions());
        fields.refuseUnknown();
        return problems.size() == before ? pose : null;
    }

    /** {@code doses: [5 breaths, 8 breaths, 10 breaths]}: beginner, intermediate, advanced. */
    private static Map<Level, Dose> doses(PoseFields fields) {
        Map<Level, Dose> doses = new EnumMap<>(Level.class);
        List<String> texts = fields.list("doses");
        if (texts.size() != 3) {
            fields.problem("doses: three are needed, for beginner, intermediate and advanced");
            return doses;
        }
        for (Level level : Level.values()) {
            try {
                doses.put(level, DoseText.parse(texts.get(level.ordinal())));
            } catch (Refused e) {
                fields.problem("doses: " + e.getMessage());
            }
        }
        return doses;
    }

    private static Map<String, Integer> linesOfEntries(String text) {
        Map<String, Integer> lines = new HashMap<>();
        Matcher entry = ENTRY.matcher(text);
        while (entry.find()) {
            int line = 1
                    + (int) text.substring(0, entry.start())
                            .chars()
                            .filter(c -> c == '\n')
                            .count();
            lines.putIfAbsent(entry.group(1), line);
        }
        return lines;
    }

    private static String resource(String name) {
        try (InputStream in = CatalogueReader.class.getResourceAsStream(FOLDER + name)) {
            if (in == null)
                throw new CatalogueException(List.of(new CatalogueProblem(name, 0, "-", "file is missing")));
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
