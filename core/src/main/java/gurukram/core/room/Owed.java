package gurukram.core.room;

import gurukram.core.body.Side;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a class that was taught owes the next one: a side that was not done, breaths or repetitions one side had and the other had not.
 *
 * @param node the step it is about
 * @param words {@code tree left was left out: begin left next time}
 */
public record Owed(String node, String words) {
    private static final int LEAST_BREATHS = 2;

    /**
     * One moment of the log that is of a side.
     *
     * @param flow whether it stands in a flow: there sides are owed by rounds, not by breaths
     * @param unit what was counted, as one: {@code breath}; empty when nothing was
     * @param count how many were done, {@code planned} how many were meant; 0 when nothing is counted
     */
    public record Done(
            String node,
            String name,
            @Nullable Side side,
            boolean flow,
            boolean done,
            String unit,
            int count,
            int planned) {}

    private static final class Sum {
        private final int[] times = new int[2];
        private final int[] meant = new int[2];
        private final int[] count = new int[2];
        private String name = "";
        private String unit = "";
        private boolean flow;
    }

    /** In the order in which they came. */
    public static List<Owed> of(List<Done> log) {
        Map<String, Sum> sums = new LinkedHashMap<>();
        for (Done done : log) {
            if (done.side() == null) continue;
            Sum sum = sums.computeIfAbsent(done.node(), key -> new Sum());
            int side = done.side() == Side.RIGHT ? 0 : 1;
            sum.name = done.name();
            sum.unit = done.unit();
            sum.flow = done.flow();
            sum.meant[side]++;
            if (!done.done()) continue;
            sum.times[side]++;
            sum.count[side] += done.count();
        }
        List<Owed> owed = new ArrayList<>();
        sums.forEach((node, sum) -> {
            String words = words(sum);
            if (!words.isEmpty()) owed.add(new Owed(node, words));
        });
        return owed;
    }

    private static String words(Sum sum) {
        boolean even = sum.meant[0] == sum.meant[1];
        if (!even) return "";
        int fewer = sum.times[0] < sum.times[1] ? 0 : 1;
        String side = fewer == 0 ? "right" : "left";
        int missing = sum.times[1 - fewer] - sum.times[fewer];
        if (missing > 0 && sum.times[fewer] == 0)
            return "%s %s was left out: begin %s next time".formatted(sum.name, side, side);
        if (missing > 0) return "%s %s was done %s less".formatted(sum.name, side, Words.count(missing, "time"));
        if (sum.flow || sum.unit.isEmpty() || sum.times[0] == 0) return "";
        int less = sum.count[0] < sum.count[1] ? 0 : 1;
        int owes = sum.count[1 - less] - sum.count[less];
        // breaths are told by the clock: who goes on a moment early owes nothing
        if (owes < (sum.unit.equals("breath") ? LEAST_BREATHS : 1)) return "";
        return "%s %s still owes %s".formatted(sum.name, less == 0 ? "right" : "left", Words.count(owes, sum.unit));
    }
}
