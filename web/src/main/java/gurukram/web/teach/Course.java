package gurukram.web.teach;

import gurukram.core.check.Subject;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.room.Tail;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
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

    private static final List<RecordComponent> PARTS = Arrays.stream(Script.Line.class.getRecordComponents())
            .filter(part -> !Set.of(START, "figure", "shown").contains(part.getName()))
            .toList();

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
            Script.Line before = script.moments().get(placed.of());
            Script.Line now = lines.lines().get(from + i);
            boolean same = isAlike(before, now)
                    && drawn(script.figures(), before.figure()).equals(drawn(lines.figures(), now.figure()))
                    && drawn(script.figures(), before.shown()).equals(drawn(lines.figures(), now.shown()));
            course.add(new Step(placed.of(), placed.again(), same ? null : difference(script, before, lines, now)));
        }
        return course;
    }

    /** Whether everything about them is the same but when they come and where their figures stand. */
    private static boolean isAlike(Script.Line a, Script.Line b) {
        try {
            for (RecordComponent part : PARTS)
                if (!Objects.equals(
                        part.getAccessor().invoke(a), part.getAccessor().invoke(b))) return false;
            return true;
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String drawn(List<String> figures, Integer at) {
        return at == null ? "" : figures.get(at);
    }

    private static ObjectNode difference(Script script, Script.Line before, ScriptWriter.Lines lines, Script.Line now) {
        ObjectNode was = JSON.valueToTree(before);
        ObjectNode is = JSON.valueToTree(now);
        figure(is, "figure", lines.figures(), script.figures());
        figure(is, "shown", lines.figures(), script.figures());
        ObjectNode other = JSON.createObjectNode();
        for (var field : is.properties()) {
            if (field.getKey().equals(START)) continue;
            if (!field.getValue().equals(was.get(field.getKey()))) other.set(field.getKey(), field.getValue());
        }
        return other.isEmpty() ? null : other;
    }

    private static void figure(ObjectNode line, String field, List<String> own, List<String> scripts) {
        JsonNode at = line.get(field);
        if (at == null || at.isNull()) return;
        String address = own.get(at.asInt());
        int there = scripts.indexOf(address);
        if (there >= 0) line.put(field, there);
        else line.put(field, address);
    }
}
