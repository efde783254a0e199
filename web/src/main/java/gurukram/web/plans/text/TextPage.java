package gurukram.web.plans.text;

import gurukram.core.notation.Located;
import gurukram.core.notation.Reading;
import gurukram.web.plans.StoredClass;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A class as text.
 *
 * @param version the one the text was made from
 * @param rows height of the box
 * @param lines one for every line of the text, so that what is wrong stands beside it
 * @param remarks lines whose name might have meant another pose, with what was taken
 * @param notice what else is wrong; empty when nothing
 */
public record TextPage(
        String id,
        String title,
        int version,
        String text,
        int rows,
        List<Line> lines,
        List<Line> faults,
        List<Line> remarks,
        String notice) {
    static final String COLLIDED =
            "This class was changed in another window in the meantime, so the text is not taken over. "
                    + "It stays here as you typed it; “As it is now” opens the class as it is.";

    static final String EMPTY =
            "There is nothing left of the class, so the text is not taken over. A class is put away at the "
                    + "end of its page.";

    /**
     * @param fault what is wrong; empty when nothing
     * @param offers whole lines that could stand in its place
     */
    public record Line(int number, int column, String fault, List<String> offers) {}

    static TextPage of(StoredClass stored, int version, String text, Reading reading, String notice) {
        Map<Integer, Located> problems = new HashMap<>();
        reading.problems().forEach(problem -> problems.putIfAbsent(problem.line(), problem));
        int count = Math.max(1, text.split("\\R", -1).length);
        List<Line> lines = new ArrayList<>();
        for (int i = 1; i <= count; i++) lines.add(line(i, problems.get(i)));
        List<Line> faults =
                lines.stream().filter(line -> !line.fault().isEmpty()).toList();
        List<Line> remarks = reading.lines().stream()
                .filter(line -> line.remark() != null)
                .map(line -> new Line(
                        line.number(),
                        1,
                        line.remark().toString(),
                        line.remark().offers()))
                .toList();
        return new TextPage(
                stored.id().toString(),
                stored.plan().settings().title(),
                version,
                text,
                count + 1,
                lines,
                faults,
                remarks,
                notice);
    }

    private static Line line(int number, Located problem) {
        if (problem == null) return new Line(number, 0, "", List.of());
        return new Line(
                number,
                problem.column(),
                problem.problem().toString(),
                problem.problem().offers());
    }

    /** The text behind the line break that a text box swallows. */
    public String boxed() {
        return "\n" + text;
    }

    /** {@code 2 lines are not understood}; empty when all are. */
    public String summary() {
        if (faults.isEmpty()) return "";
        return faults.size() == 1
                ? "One line is not understood; nothing is saved yet."
                : faults.size() + " lines are not understood; nothing is saved yet.";
    }
}
