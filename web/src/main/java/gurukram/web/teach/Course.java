package gurukram.web.teach;

import gurukram.core.check.Subject;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.room.Tail;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * How a class goes on once it has left its plan, as the page takes it over: moment after moment, each told by what is different
 * about it.
 */
final class Course {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** It follows from what comes before. */
    private static final String START = "startMs";

    private Course() {}

    /**
     * One moment that follows.
     *
     * @param of which of the script it is, {@code again} whether it stands for none of the script's own
     * @param line what is different about it, by the names of {@link Script.Line}; a figure the script does not have stands with its
     *     address; null when nothing is
     */
    record Step(int of, boolean again, ObjectNode line) {}

    static List<Step> of(Script script, Subject subject, Level level, School school, List<Tail.Placed> tail) {
        ScriptWriter.Lines lines = ScriptWriter.lines(subject, level, school);
        int last = lines.lines().size();
        int from = last - tail.size();
        List<Step> course = new ArrayList<>();
        for (int i = 0; i < tail.size(); i++) {
            Tail.Placed placed = tail.get(i);
            ObjectNode before = JSON.valueToTree(script.moments().get(placed.of()));
            ObjectNode now = JSON.valueToTree(lines.lines().get(from + i));
            figure(now, "figure", lines.figures(), script.figures());
            figure(now, "shown", lines.figures(), script.figures());
            course.add(new Step(placed.of(), placed.again(), difference(before, now)));
        }
        return course;
    }

    private static void figure(ObjectNode line, String field, List<String> own, List<String> scripts) {
        JsonNode at = line.get(field);
        if (at == null || at.isNull()) return;
        String address = own.get(at.asInt());
        int there = scripts.indexOf(address);
        if (there >= 0) line.put(field, there);
        else line.put(field, address);
    }

    private static ObjectNode difference(ObjectNode before, ObjectNode now) {
        ObjectNode other = JSON.createObjectNode();
        for (var field : now.properties()) {
            if (field.getKey().equals(START)) continue;
            if (!field.getValue().equals(before.get(field.getKey()))) other.set(field.getKey(), field.getValue());
        }
        return other.isEmpty() ? null : other;
    }
}
