package gurukram.core.coverage;

import gurukram.core.body.Side;
import gurukram.core.score.TimeUse;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What one class that was taught had in it, all in ms as they really were.
 *
 * @param poses how long each pose was worked in, by its id, in the order they came; getting into it is left out
 * @param time what the whole of its time went into
 * @param flows flows by their names, with how many rounds were done
 */
public record Covered(Map<String, Sides> poses, Map<TimeUse.Part, Long> time, Map<String, Integer> flows) {
    public static final Covered NOTHING = new Covered(Map.of(), Map.of(), Map.of());

    /** @param centre what has no side */
    public record Sides(long right, long left, long centre) {
        public static final Sides NONE = new Sides(0, 0, 0);

        public Sides plus(Sides other) {
            return new Sides(right + other.right, left + other.left, centre + other.centre);
        }

        public long all() {
            return right + left + centre;
        }
    }

    /**
     * One moment that was done.
     *
     * @param pose its id; null for a pause or open time
     * @param part what its work counts as
     * @param round the round of its flow; 0 outside flows
     * @param leadInMs getting there and into it, {@code workMs} the rest
     */
    public record Done(
            @Nullable String pose,
            @Nullable Side side,
            TimeUse.Part part,
            String flow,
            int round,
            long leadInMs,
            long workMs) {
        /** The same taking as long as it really took; what is not known apart keeps its share of the plan. */
        public Done lasting(long realMs) {
            long planned = leadInMs + workMs;
            long work = planned == 0 ? realMs : Math.round((double) realMs * workMs / planned);
            return new Done(pose, side, part, flow, round, realMs - work, work);
        }
    }

    public Covered {
        poses = Map.copyOf(poses);
        time = Map.copyOf(time);
        flows = Map.copyOf(flows);
    }

    public static Covered of(List<Done> moments) {
        Map<String, Sides> poses = new LinkedHashMap<>();
        Map<TimeUse.Part, Long> time = new EnumMap<>(TimeUse.Part.class);
        Map<String, List<Integer>> rounds = new LinkedHashMap<>();
        for (Done done : moments) {
            time.merge(TimeUse.Part.SETTING_UP, done.leadInMs(), Long::sum);
            time.merge(done.part(), done.workMs(), Long::sum);
            if (done.pose() != null) poses.merge(done.pose(), sides(done), Sides::plus);
            if (done.flow().isEmpty()) continue;
            List<Integer> seen = rounds.computeIfAbsent(done.flow(), flow -> new ArrayList<>());
            if (!seen.contains(done.round())) seen.add(done.round());
        }
        Map<String, Integer> flows = new LinkedHashMap<>();
        rounds.forEach((flow, seen) -> flows.put(flow, seen.size()));
        time.values().removeIf(ms -> ms == 0);
        return new Covered(poses, time, flows);
    }

    private static Sides sides(Done done) {
        if (done.side() == Side.RIGHT) return new Sides(done.workMs(), 0, 0);
        if (done.side() == Side.LEFT) return new Sides(0, done.workMs(), 0);
        return new Sides(0, 0, done.workMs());
    }
}
