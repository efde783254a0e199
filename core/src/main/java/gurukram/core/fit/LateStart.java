package gurukram.core.fit;

import gurukram.core.plan.SectionRole;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.text.Refused;

/**
 * A class that begins late and ends on time: what is left of the work that can shrink. The rest and the close are not touched.
 *
 * @param shrinkableMs the work before the rest that can shrink, as planned
 * @param remainingMs what remains of it
 */
public record LateStart(long shrinkableMs, long remainingMs) {
    public LateStart {
        if (shrinkableMs < 0) throw new Refused("There is no time below nothing.");
        remainingMs = Math.max(0, remainingMs);
    }

    /** @param lateMs how late, ms */
    public static LateStart of(long shrinkableMs, long lateMs) {
        return new LateStart(shrinkableMs, shrinkableMs - lateMs);
    }

    /** All work from a time on up to the rest, when the class is late there. */
    public static LateStart of(Score score, long fromMs, long lateMs) {
        long work = 0;
        for (Moment moment : score.moments()) {
            boolean kept = score.sections().stream()
                    .anyMatch(s -> s.id().equals(moment.section())
                            && (s.role() == SectionRole.REST || s.role() == SectionRole.CLOSE));
            if (!kept && moment.startMs() >= fromMs) work += moment.workMs();
        }
        return of(work, lateMs);
    }

    /** To what part of itself the work shrinks: 0.8125 is to four fifths and a bit. */
    public double factor() {
        return shrinkableMs == 0 ? 1 : (double) remainingMs / shrinkableMs;
    }
}
