package gurukram.core.plan.json;

import gurukram.core.pose.Level;
import java.util.Locale;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * From schema 1 to 2: doses by level become layers, a step's note and pace move to its texts and timing, a flow's settings
 * fall into sides and pace, the theme gets parts, movements may have several half-breaths, guards are words.
 */
final class Schema2 {
    private Schema2() {}

    /** Changes a plan or an edit, at any depth. */
    static void upcast(JsonNode node) {
        node.forEach(Schema2::upcast);
        if (!(node instanceof ObjectNode object)) return;
        switch (object.path("is").asString("")) {
            case "step" -> step(object);
            case "flow" -> {
                if (object.path("settings") instanceof ObjectNode settings) flow(settings);
            }
            case "link" -> {
                if (object.path("when") instanceof ObjectNode when) when(when);
            }
            default -> other(object);
        }
    }

    private static void other(ObjectNode object) {
        if (object.path("kind").asString("").equals("movement")) movement(object);
        if (object.has("title") && object.has("slotMinutes")) theme(object);
    }

    private static void step(ObjectNode step) {
        moveInto(step, "note", step, "texts", "note");
        moveInto(step, "positionMillis", step, "timing", "positionMillis");
        JsonNode byLevel = step.remove("byLevel");
        if (byLevel == null || byLevel.isEmpty()) return;
        ArrayNode layers = step.putArray("layers");
        String id = step.path("id").asString();
        for (Map.Entry<String, JsonNode> dose : byLevel.properties()) {
            Level level = Level.valueOf(dose.getKey());
            ObjectNode layer = layers.addObject();
            layer.put("is", "layer");
            layer.put("id", id + "-dose-" + level.name().substring(0, 1).toLowerCase(Locale.ROOT));
            layer.putObject("when").putArray("levels").add(level.name());
            layer.putObject("edit").put("do", "become").set("dose", dose.getValue());
        }
    }

    private static void flow(ObjectNode settings) {
        ObjectNode sides = settings.putObject("sides");
        move(settings, "counting", sides, "counting");
        move(settings, "order", sides, "order");
        move(settings, "firstSide", sides, "first");
        ObjectNode pace = settings.putObject("pace");
        boolean byRound = !settings.path("paceByRound").isEmpty();
        if (byRound) settings.remove("positionMillis");
        move(settings, "positionMillis", pace, "positionMillis");
        move(settings, "paceByRound", pace, "byRound");
    }

    private static void when(ObjectNode when) {
        JsonNode from = when.remove("fromRound");
        JsonNode to = when.remove("toRound");
        int first = from == null ? 1 : from.asInt(1);
        if (to != null && !to.isNull()) when.put("rounds", first + "-" + to.asInt());
        else if (first > 1) when.put("rounds", first + "+");
    }

    private static void movement(ObjectNode dose) {
        JsonNode breath = dose.remove("breath");
        if (breath != null) dose.putArray("breaths").add(breath);
    }

    private static void theme(ObjectNode settings) {
        moveInto(settings, "theme", settings, "theme", "title");
    }

    private static void move(ObjectNode from, String name, ObjectNode to, String newName) {
        JsonNode value = from.remove(name);
        if (value != null && !value.isNull()) to.set(newName, value);
    }

    private static void moveInto(ObjectNode from, String name, ObjectNode to, String part, String newName) {
        JsonNode value = from.remove(name);
        if (value == null || value.isNull() || value.isObject()) return;
        to.putObject(part).set(newName, value);
    }
}
