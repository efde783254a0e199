package gurukram.core.score;

import gurukram.core.body.Side;

/**
 * What one node of the plan comes to, in ms.
 *
 * @param startMs when it is first reached
 * @param rightMs work on the right, {@code leftMs} on the left, {@code centreMs} on neither
 * @param moments how many moments
 * @param movements how many half-breath movements
 */
public record NodeTotal(
        long startMs,
        long transitionMs,
        long settingUpMs,
        long rightMs,
        long leftMs,
        long centreMs,
        int moments,
        int movements) {

    static NodeTotal of(Moment moment) {
        return new NodeTotal(moment.startMs(), 0, 0, 0, 0, 0, 0, 0).plus(moment);
    }

    NodeTotal plus(Moment m) {
        return new NodeTotal(
                startMs,
                transitionMs + m.transitionMs(),
                settingUpMs + m.settingUpMs(),
                rightMs + (m.side() == Side.RIGHT ? m.workMs() : 0),
                leftMs + (m.side() == Side.LEFT ? m.workMs() : 0),
                centreMs + (m.side() == null ? m.workMs() : 0),
                moments + 1,
                movements + (m.kind() == Moment.Kind.MOVEMENT ? 1 : 0));
    }

    /** The same, reached at another time. */
    public NodeTotal from(long startMs) {
        return new NodeTotal(startMs, transitionMs, settingUpMs, rightMs, leftMs, centreMs, moments, movements);
    }

    public long workMs() {
        return rightMs + leftMs + centreMs;
    }

    public long lengthMs() {
        return transitionMs + settingUpMs + workMs();
    }
}
