package gurukram.core.progress;

import gurukram.core.pose.Ladder;
import java.util.Comparator;
import java.util.List;

/**
 * Where a group stands on a ladder: the rung it works on. It goes on to the next after three clean tries in each of so many
 * sessions running as the ladder asks, with a smooth breath and both sides within a fifth of each other; pain steps back one rung.
 *
 * @param rung the rung it works on, from 1
 * @param good how many good sessions running it has on that rung
 * @param words how it came to that: a whole sentence
 */
public record Standing(int rung, int good, String words) {
    static final int CLEAN_TRIES = 3;
    private static final Standing START =
            new Standing(1, 0, "Nothing is logged yet; a group begins on the first rung.");

    /** @param sessions in any order */
    public static Standing of(Ladder ladder, List<Tries> sessions) {
        Standing standing = START;
        for (Tries tries :
                sessions.stream().sorted(Comparator.comparing(Tries::day)).toList())
            standing = standing.after(tries, ladder);
        return standing;
    }

    private Standing after(Tries tries, Ladder ladder) {
        int top = ladder.rungs().size();
        int at = Math.min(tries.rung(), top);
        if (tries.pain()) {
            int back = Math.max(1, at - 1);
            return new Standing(back, 0, "There was pain on rung %d: one rung back.".formatted(at));
        }
        if (at < rung) return this;
        int running = (at == rung ? good : 0) + 1;
        int wanted = ladder.classesOn(at);
        String lacks = lacks(tries);
        if (!lacks.isEmpty()) return new Standing(at, 0, "Last time on rung %d %s.".formatted(at, lacks));
        if (running < wanted) return new Standing(at, running, open(at, running, wanted));
        if (at == top) return new Standing(top, wanted, "The top rung, %s running.".formatted(times(wanted)));
        return new Standing(at + 1, 0, "Ready: rung %d was good %s running.".formatted(at, times(wanted)));
    }

    private static String open(int at, int good, int wanted) {
        String more = wanted - good == 1 ? "one more" : "%d more".formatted(wanted - good);
        String had = good == 1 ? "One good session" : good + " good sessions";
        return "%s on rung %d; %s, and the next rung is open.".formatted(had, at, more);
    }

    private static String times(int number) {
        return number == 1 ? "once" : number == 2 ? "twice" : number + " times";
    }

    private static String lacks(Tries tries) {
        if (tries.clean() < CLEAN_TRIES)
            return "%d of the tries were clean, and %d are wanted".formatted(tries.clean(), CLEAN_TRIES);
        if (!tries.smooth()) return "the breath was not smooth";
        return tries.isEven() ? "" : "the sides were more than a fifth apart";
    }
}
