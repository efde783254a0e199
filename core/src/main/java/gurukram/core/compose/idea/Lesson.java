package gurukram.core.compose.idea;

import gurukram.core.pose.Pose;
import gurukram.core.text.Table;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How a peak is taught, beside the stages of its ladder; from {@code resources/phrases/lessons.txt}.
 *
 * @param show what the demonstration shows
 * @param tries how often it is tried, stages not counted
 * @param turns who tries at a time
 * @param others what the others do meanwhile; empty where all try at once
 * @param stop the sign to go back a stage
 * @param out the way out, said before the way in
 * @param after what comes first after it
 */
public record Lesson(
        String peak, String show, int tries, String turns, String others, String stop, String out, String after) {
    private static final Map<String, Lesson> ALL = read();

    public static Optional<Lesson> of(String peak) {
        return Optional.ofNullable(ALL.get(peak));
    }

    /** How a rung is taught: as its pose is, or, where it is a form of what was asked for by its name, as that is. */
    public static Optional<Lesson> of(Pose pose, Pose asked) {
        boolean isForm =
                pose.name().toLowerCase(Locale.ROOT).contains(asked.name().toLowerCase(Locale.ROOT));
        return of(pose.id()).or(() -> isForm ? of(asked.id()) : Optional.empty());
    }

    public static List<Lesson> all() {
        return List.copyOf(ALL.values());
    }

    private static Map<String, Lesson> read() {
        Map<String, Lesson> all = new LinkedHashMap<>();
        for (Table.Row row : Table.of("/phrases/lessons.txt", "|", 8))
            all.put(
                    row.cell(0),
                    new Lesson(
                            row.cell(0),
                            row.cell(1),
                            Integer.parseInt(row.cell(2)),
                            row.cell(3),
                            row.cell(4),
                            row.cell(5),
                            row.cell(6),
                            row.cell(7)));
        return all;
    }
}
