package gurukram.core.plan.json;

import gurukram.core.plan.settings.TypedPace;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** From schema 2 to 3: a typed pace says of what it is, and a hold has none. */
final class Schema3 {
    private static final Set<String> MOVING = Set.of("movement", "reps");

    private Schema3() {}

    /** Changes a plan or an edit, at any depth. */
    static void upcast(JsonNode node) {
        node.forEach(Schema3::upcast);
        if (!(node instanceof ObjectNode object)) return;
        if (object.path("timing") instanceof ObjectNode timing) pace(timing, "pace", moves(object.path("dose")));
        if (object.path("pace") instanceof ObjectNode pace) {
            pace(pace, "typed", true);
            if (pace.path("byRound") instanceof ArrayNode rounds) {
                for (int i = 0; i < rounds.size(); i++) rounds.set(i, words(rounds.get(i)));
            }
        }
    }

    private static boolean moves(JsonNode dose) {
        JsonNode single = dose.has("low") ? dose.path("low") : dose;
        return MOVING.contains(single.path("kind").asString(""));
    }

    private static void pace(ObjectNode in, String name, boolean kept) {
        JsonNode ms = in.remove("positionMillis");
        if (kept && ms != null && !ms.isNull()) in.put(name, words(ms));
    }

    private static String words(JsonNode ms) {
        return TypedPace.position(ms.asInt()).toString();
    }
}
