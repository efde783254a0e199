package gurukram.core.fit;

import gurukram.core.plan.NodeId;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a class is to be fitted to.
 *
 * @param targetMs the length it is to have, ms
 * @param toleranceMs how far off it may end, either way, ms
 * @param level the line that is fitted; null is the base line
 * @param freedom what may change
 * @param begun flows that have begun, each with the rounds that cannot be taken back
 */
public record FitRequest(
        long targetMs, long toleranceMs, @Nullable Level level, Freedom freedom, Map<NodeId, Integer> begun) {
    public static final long TOLERANCE_MS = 30L * Millis.SECOND;

    /**
     * What may change. What is locked never does, a final rest only when it is allowed, and then not below the smaller of
     * what is written and 8 % of the target.
     *
     * @param rounds rounds of flows
     * @param usualRanges doses without a range of their own, within the usual range of their pose at the level; where a range
     *     is written, it always holds
     * @param openTime open time without a range, from half to half as much again
     * @param optional whether optional steps and links may be left out
     * @param rest the final rest
     */
    public record Freedom(boolean rounds, boolean usualRanges, boolean openTime, boolean optional, boolean rest) {
        public static final Freedom ALL_BUT_REST = new Freedom(true, true, true, true, false);
        /** Only what the plan itself leaves open: written ranges, optional parts, rounds. */
        public static final Freedom WRITTEN = new Freedom(true, false, false, true, false);
    }

    public FitRequest {
        begun = Map.copyOf(begun);
        if (targetMs < 0 || toleranceMs < 0) throw new Refused("A class cannot be fitted to a length below nothing.");
    }

    public FitRequest(long targetMs, long toleranceMs, @Nullable Level level, Freedom freedom) {
        this(targetMs, toleranceMs, level, freedom, Map.of());
    }

    /** To the minutes of a slot, within the usual tolerance. */
    public static FitRequest toMinutes(int minutes, @Nullable Level level, Freedom freedom) {
        return new FitRequest((long) minutes * Millis.MINUTE, TOLERANCE_MS, level, freedom);
    }

    FitRequest within(long otherToleranceMs) {
        return new FitRequest(targetMs, otherToleranceMs, level, freedom, begun);
    }

    long shortestMs() {
        return Math.max(0, targetMs - toleranceMs);
    }

    long longestMs() {
        return targetMs + toleranceMs;
    }
}
