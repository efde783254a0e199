package gurukram.web.drawing;

import gurukram.core.score.NodeTotal;
import gurukram.core.time.Millis;

/**
 * The mats a row lays at the spine: right work to the right of it, left work to the left, the rest on it. Widths are in
 * units of a 200-wide drawing and grow with the square root of the time, so that four seconds and five minutes both show.
 */
public record SpineBar(int right, int left, int centre, String rightTime, String leftTime) {
    public static final String VIEW = "0 0 200 16";
    static final int MOST = 94;
    private static final double UNITS_PER_ROOT_SECOND = 5.4;
    private static final int MIDDLE = 100;
    private static final int GAP = 4;

    static final SpineBar EMPTY = new SpineBar(0, 0, 0, "", "");

    public static SpineBar of(NodeTotal total) {
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

    /** The drawing in words. */
    public String words() {
        if (leftTime.isEmpty() && rightTime.isEmpty()) return centre == 0 ? "" : "both sides at once";
        return "left %s, right %s"
                .formatted(leftTime.isEmpty() ? "0:00" : leftTime, rightTime.isEmpty() ? "0:00" : rightTime);
    }

    /** The rectangles; work on the spine stands above work at its sides when there is both. */
    public String shapes() {
        boolean mixed = centre > 0 && (right > 0 || left > 0);
        StringBuilder shapes = new StringBuilder();
        if (centre > 0) rect(shapes, "centre-bar\" rx=\"2", MIDDLE - centre, 2 * centre, mixed ? 0 : 3, mixed ? 5 : 9);
        if (left > 0) rect(shapes, "left-bar", MIDDLE - GAP - left, left, mixed ? 7 : 3, mixed ? 8 : 9);
        if (right > 0) rect(shapes, "right-bar", MIDDLE + GAP, right, mixed ? 7 : 3, mixed ? 8 : 9);
        return shapes.toString();
    }

    static void rect(StringBuilder to, String look, int x, int width, int y, int height) {
        to.append("<rect class=\"")
                .append(look)
                .append("\" x=\"")
                .append(x)
                .append("\" y=\"")
                .append(y);
        to.append("\" width=\"")
                .append(width)
                .append("\" height=\"")
                .append(height)
                .append("\"/>");
    }
}
