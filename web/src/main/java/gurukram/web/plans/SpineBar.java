package gurukram.web.plans;

import gurukram.core.score.NodeTotal;
import gurukram.core.time.Millis;

/**
 * What one row hangs on the spine: right work to the right of it, left work to the left, the rest on it. Widths are in
 * units of a 240-wide drawing and grow with the square root of the time, so that four seconds and five minutes both show.
 */
public record SpineBar(int right, int left, int centre, String rightTime, String leftTime) {
    static final int MOST = 100;
    private static final double UNITS_PER_ROOT_SECOND = 6.2;

    static final SpineBar EMPTY = new SpineBar(0, 0, 0, "", "");

    static SpineBar of(NodeTotal total) {
        if (total == null) return EMPTY;
        return new SpineBar(
                width(total.rightMs()),
                width(total.leftMs()),
                width(total.centreMs()),
                time(total.rightMs()),
                time(total.leftMs()));
    }

    private static int width(long ms) {
        if (ms == 0) return 0;
        return (int) Math.max(4, Math.min(MOST, Math.round(UNITS_PER_ROOT_SECOND * Math.sqrt(ms / 1000.0))));
    }

    private static String time(long ms) {
        return ms == 0 ? "" : Millis.showWhole(ms);
    }

    /** Work on the spine and at its sides: drawn one above the other. */
    public boolean mixed() {
        return centre > 0 && (right > 0 || left > 0);
    }

    public int centreX() {
        return 120 - centre / 2;
    }

    public int leftX() {
        return 112 - left;
    }
}
