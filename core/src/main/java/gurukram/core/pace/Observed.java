package gurukram.core.pace;

import gurukram.core.body.Side;
import gurukram.core.plan.settings.Mode;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * One moment as it was planned by the defaults, and as long as it really was. Times in ms.
 *
 * @param lesson the class it comes from
 * @param what what its work is
 * @param complexity of the pose people get into; null where nobody gets into one
 * @param entering how they get into it
 * @param secondSide whether it is on the side the flow does second, {@code time} how often that side was done by then
 * @param surelyMs what no pace has a say in: what was typed
 * @param transitionMs changing base
 * @param settingUpMs getting into it, {@code workMs} its work, where they were not typed
 * @param realMs without pauses
 */
public record Observed(
        String lesson,
        Work what,
        @Nullable Complexity complexity,
        Entering entering,
        boolean secondSide,
        int time,
        long surelyMs,
        long transitionMs,
        long settingUpMs,
        long workMs,
        long realMs) {
    /**
     * How people are got into a pose.
     *
     * @param again whether the class has met it already, {@code byBreath} whether they are led by the breath
     * @param level null when it is not known
     */
    public record Entering(
            boolean again, boolean byBreath, @Nullable Level level) {
        public static final Entering USUAL = new Entering(false, false, null);
    }

    /** The same in another class. */
    Observed in(String other) {
        return new Observed(
                other,
                what,
                complexity,
                entering,
                secondSide,
                time,
                surelyMs,
                transitionMs,
                settingUpMs,
                workMs,
                realMs);
    }

    /** The same, really taking so long. */
    Observed lasting(long ms) {
        return new Observed(
                lesson, what, complexity, entering, secondSide, time, surelyMs, transitionMs, settingUpMs, workMs, ms);
    }

    /** What is done at a pace of its own. */
    public enum Work {
        ACTIVE,
        PASSIVE,
        MOVEMENT,
        REPETITIONS,
        /** talking and showing: as long as it is written, and no pace has a say in it */
        TALK,
        /** nothing with a pace: open time, pauses, what is typed */
        OTHER
    }

    /**
     * As it stood in a score or in a script that was kept.
     *
     * @param flow null outside flows, {@code pass} which time through it, {@code learn} whether its round is taught
     * @param counted whether it is held by breaths
     * @param surelyMs as in {@link Observed}, with the work where that was typed
     */
    public record Planned(
            Moment.Kind kind,
            @Nullable String pose,
            @Nullable Side side,
            @Nullable String flow,
            @Nullable Integer pass,
            boolean learn,
            boolean counted,
            boolean byBreath,
            @Nullable Level level,
            long surelyMs,
            long transitionMs,
            long settingUpMs,
            long workMs) {
        static Planned of(Moment m, boolean byBreath, Level level) {
            long surely = (m.settingUpTyped() ? m.settingUpMs() : 0) + (m.typed() ? m.workMs() : 0);
            return new Planned(
                    m.kind(),
                    m.pose(),
                    m.side(),
                    m.flow() == null ? null : m.flow().value(),
                    m.pass(),
                    m.mode() == Mode.LEARN,
                    m.breaths() != null,
                    byBreath,
                    level,
                    surely,
                    m.transitionMs(),
                    m.settingUpTyped() ? 0 : m.settingUpMs(),
                    m.typed() ? 0 : m.workMs());
        }
    }

    /**
     * @param level at which it was unfolded
     * @param byBreath whether people are led into the pose of a moment by the breath
     */
    public static List<Planned> planned(Score score, Level level, Predicate<Moment> byBreath) {
        return score.moments().stream()
                .map(moment -> Planned.of(moment, byBreath.test(moment), level))
                .toList();
    }

    /**
     * The moments of which something can be learnt.
     *
     * @param real how long each really was, by its place; what was left out, gone back to or passed by is not there
     */
    public static List<Observed> of(
            String lesson, List<Planned> planned, Map<Integer, Long> real, PoseCatalogue catalogue) {
        List<Observed> all = new ArrayList<>();
        Map<String, Side> firstSides = new HashMap<>();
        Map<String, Set<String>> passes = new HashMap<>();
        Set<String> met = new HashSet<>();
        for (int i = 0; i < planned.size(); i++) {
            Planned p = planned.get(i);
            boolean second = false;
            int time = 1;
            if (p.flow() != null && p.kind() == Moment.Kind.MOVEMENT) {
                if (p.side() != null) firstSides.putIfAbsent(p.flow(), p.side());
                second = p.side() != null && p.side() != firstSides.get(p.flow());
                Set<String> done = passes.computeIfAbsent(p.flow() + " " + p.side(), key -> new HashSet<>());
                if (!p.learn()) done.add(String.valueOf(p.pass()));
                time = Math.max(1, done.size());
            }
            boolean again = p.pose() != null && !met.add(p.pose());
            Long ms = real.get(i);
            if (ms != null) all.add(observed(lesson, p, again, second, time, ms, catalogue));
        }
        return all;
    }

    private static Observed observed(
            String lesson, Planned p, boolean again, boolean second, int time, long real, PoseCatalogue catalogue) {
        Pose pose = p.pose() == null || !catalogue.has(p.pose()) ? null : catalogue.pose(p.pose());
        Work what = work(p, pose);
        boolean paced = what != Work.OTHER;
        Complexity complexity = pose == null || p.settingUpMs() == 0 ? null : pose.complexity();
        long lost = (paced ? 0 : p.workMs()) + (complexity == null ? p.settingUpMs() : 0);
        return new Observed(
                lesson,
                what,
                complexity,
                new Entering(again, p.byBreath(), p.level()),
                second,
                time,
                p.surelyMs() + lost,
                p.transitionMs(),
                complexity == null ? 0 : p.settingUpMs(),
                paced ? p.workMs() : 0,
                real);
    }

    private static Work work(Planned p, @Nullable Pose pose) {
        if (p.kind() == Moment.Kind.TALK || p.kind() == Moment.Kind.DEMONSTRATION) return Work.TALK;
        if (p.workMs() == 0 || pose == null || p.learn()) return Work.OTHER;
        return switch (p.kind()) {
            case MOVEMENT -> Work.MOVEMENT;
            case REPS -> Work.REPETITIONS;
            case HOLD, ATTEMPT -> !p.counted() ? Work.OTHER : pose.hold() == Hold.ACTIVE ? Work.ACTIVE : Work.PASSIVE;
            default -> Work.OTHER;
        };
    }

    long plannedMs() {
        return surelyMs + transitionMs + settingUpMs + workMs;
    }

    /** Whether it was about as long as anything can be that was really done. */
    boolean isPlausible() {
        long planned = plannedMs();
        return planned > 0 && realMs * 5 >= planned && realMs <= planned * 4;
    }
}
