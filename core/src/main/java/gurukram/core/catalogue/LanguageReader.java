package gurukram.core.catalogue;

import gurukram.core.catalogue.rules.CatalogueProblem;
import gurukram.core.catalogue.rules.Places;
import gurukram.core.pose.Language;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Reads the names of poses in one language, {@code names/pt.yaml}: every pose has one, and each means one pose. */
final class LanguageReader {
    private final String file;
    private final String text;
    private final Places places;
    private final Map<String, String> meaning = new HashMap<>();
    private final Map<String, List<String>> names = new LinkedHashMap<>();

    LanguageReader(String file, String text, Places places) {
        this.file = file;
        this.text = text;
        this.places = places;
    }

    Language read(JsonNode root, List<Pose> poses) {
        for (Pose pose : poses) PoseCatalogue.names(pose).forEach(name -> meaning.put(name, pose.id()));
        for (Map.Entry<String, JsonNode> entry : root.path("names").properties()) {
            List<String> said = names(entry.getValue());
            said.forEach(name -> means(name, entry.getKey()));
            names.put(entry.getKey(), said);
            if (poses.stream().noneMatch(pose -> pose.id().equals(entry.getKey())))
                problem(entry.getKey(), "there is no pose with this id");
        }
        for (Pose pose : poses)
            if (!names.containsKey(pose.id())) problem(pose.id(), "the pose has no name in this language");
        String called = root.path("language").asString("");
        if (called.isBlank()) problem("language", "say what the language is called");
        return new Language(file.replaceAll(".*/|\\.yaml$", ""), called, names);
    }

    private void means(String name, String pose) {
        String folded = Words.fold(name);
        String other = meaning.putIfAbsent(folded, pose);
        if (folded.isEmpty()) problem(pose, "the name needs some plain letters");
        else if (other != null && !other.equals(pose))
            problem(pose, "the name “" + name + "” is also a name of " + other);
    }

    private static List<String> names(JsonNode said) {
        if (!said.isArray()) return List.of(said.asString("").strip());
        List<String> names = new ArrayList<>();
        for (JsonNode name : said) names.add(name.asString("").strip());
        return names;
    }

    private void problem(String key, String what) {
        String[] lines = text.split("\n", -1);
        int line = 0;
        for (int i = 0; i < lines.length && line == 0; i++) if (lines[i].strip().startsWith(key + ":")) line = i + 1;
        places.problem(new CatalogueProblem(file, line, key, "names", what));
    }
}
