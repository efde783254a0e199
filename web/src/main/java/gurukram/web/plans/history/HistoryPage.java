package gurukram.web.plans.history;

import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.shared.LineDifference;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * What a class was before.
 *
 * @param lines the newest first
 * @param notice what is to be said on top; empty for nothing
 * @param compared the state that is compared with the class as it is; null when none is
 */
public record HistoryPage(String id, String title, int version, List<Line> lines, Compared compared, String notice) {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH);

    /**
     * @param left whether it stands on a way that was undone and left
     * @param now whether the class stands there
     */
    public record Line(int seq, String label, String when, boolean left, boolean now) {}

    /** @param rows what stands in one of the two only; empty when both say the same */
    public record Compared(int seq, String when, List<LineDifference> rows) {}

    static List<Line> lines(List<ClassStore.Past> past, StoredClass now, ZoneId zone) {
        Map<Integer, Integer> parents = new HashMap<>();
        past.forEach(state -> parents.put(state.seq(), state.parent()));
        Set<Integer> way = new HashSet<>(now.redo());
        for (Integer at = now.head(); at != null; at = parents.get(at)) way.add(at);
        return past.stream()
                .map(state -> new Line(
                        state.seq(),
                        state.label(),
                        when(state.at(), zone),
                        !way.contains(state.seq()),
                        state.seq() == now.head()))
                .toList();
    }

    static String when(Instant at, ZoneId zone) {
        return WHEN.format(at.atZone(zone));
    }
}
