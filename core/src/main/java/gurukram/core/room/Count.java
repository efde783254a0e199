package gurukram.core.room;

import gurukram.core.score.Moment;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Where a moment stands among those it is counted with; all from 1, and of 1 where there is nothing to count.
 *
 * @param nth which repetition of those that go from side to side, {@code of} how many of them
 * @param set which set or try, {@code sets} of how many
 * @param turns of how many turns of the room
 * @param stages of how many stages, the whole pose the last of them; {@code stage} which it is
 */
public record Count(int nth, int of, int set, int sets, int turn, int turns, int stage, int stages) {
    private static final Count ONE = new Count(1, 1, 1, 1, 1, 1, 1, 1);

    /** One for every moment of a score, in its order. */
    public static List<Count> of(List<Moment> moments) {
        List<Count> all = new ArrayList<>();
        int from = 0;
        while (from < moments.size()) {
            int to = from + 1;
            while (to < moments.size() && isSameVisit(moments.get(from), moments.get(to))) to++;
            all.addAll(visit(moments.subList(from, to)));
            from = to;
        }
        return all;
    }

    private static boolean isSameVisit(Moment a, Moment b) {
        boolean sways = isSway(a) && isSway(b);
        return a.node().equals(b.node())
                && Objects.equals(a.pass(), b.pass())
                && Objects.equals(a.position(), b.position())
                && (sways || a.side() == b.side() || a.side() == null || b.side() == null);
    }

    /** One of the repetitions that go from side to side. */
    private static boolean isSway(Moment moment) {
        return moment.kind() == Moment.Kind.REPS && Integer.valueOf(1).equals(moment.reps()) && moment.side() != null;
    }

    private static List<Count> visit(List<Moment> moments) {
        Map<Integer, Integer> swaysOfSet = new HashMap<>();
        int sets = 1;
        int turns = 1;
        int stages = 1;
        for (Moment moment : moments) {
            if (isSway(moment)) swaysOfSet.merge(or1(moment.set()), 1, Integer::sum);
            sets = Math.max(sets, or1(moment.set()));
            turns = Math.max(turns, or1(moment.how().turn()));
            if (moment.how().stage() != null)
                stages = Math.max(stages, moment.how().stage() + 1);
        }
        List<Count> all = new ArrayList<>();
        Map<Integer, Integer> done = new HashMap<>();
        for (Moment moment : moments) {
            int set = or1(moment.set());
            boolean sways = isSway(moment);
            int nth = sways ? done.merge(set, 1, Integer::sum) : 1;
            int of = sways ? swaysOfSet.getOrDefault(set, 1) : 1;
            int stage = moment.how().stage() == null ? stages : moment.how().stage();
            Count count = new Count(nth, of, set, sets, or1(moment.how().turn()), turns, stage, stages);
            all.add(count.equals(ONE) ? ONE : count);
        }
        return all;
    }

    private static int or1(@Nullable Integer n) {
        return n == null ? 1 : n;
    }
}
