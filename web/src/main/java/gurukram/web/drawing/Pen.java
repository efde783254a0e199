package gurukram.web.drawing;

import gurukram.core.figure.Point;
import gurukram.core.figure.Skeleton;
import java.util.Locale;

/** Puts plain shapes into an SVG, mirrored or not, and keeps in mind how far they reach. */
final class Pen {
    private final boolean mirrored;
    private final StringBuilder svg = new StringBuilder(3_000);
    private double left = 1e9;
    private double right = -1e9;
    private double low = 1e9;
    private double high = -1e9;

    Pen(boolean mirrored) {
        this.mirrored = mirrored;
    }

    double left() {
        return left;
    }

    double right() {
        return right;
    }

    double low() {
        return low;
    }

    double high() {
        return high;
    }

    Pen append(Object piece) {
        svg.append(piece);
        return this;
    }

    /** What was drawn since the last time. */
    String take() {
        String drawn = svg.toString();
        svg.setLength(0);
        return drawn;
    }

    void line(String ink, double width, String path) {
        svg.append("<path fill=\"none\" stroke-linecap=\"round\" stroke=\"")
                .append(ink)
                .append("\" stroke-width=\"");
        svg.append(n(width)).append("\" d=\"").append(path).append("\"/>");
    }

    /** Two discs and what lies between them. */
    void capsule(StringBuilder path, Point from, Point to, double r1, double r2) {
        see(from, r1);
        see(to, r2);
        Point a = new Point(flip(from.x()), -from.y());
        Point b = new Point(flip(to.x()), -to.y());
        double far = a.distance(b);
        if (far <= Math.abs(r1 - r2) + 0.05) {
            disc(path, r1 >= r2 ? from : to, Math.max(r1, r2));
            return;
        }
        double direction = a.directionTo(b);
        double lean = Math.toDegrees(Math.acos((r1 - r2) / far));
        Point a1 = a.toward(direction + lean, r1);
        Point a2 = a.toward(direction - lean, r1);
        Point b1 = b.toward(direction + lean, r2);
        Point b2 = b.toward(direction - lean, r2);
        path.append('M')
                .append(raw(a1))
                .append('A')
                .append(n(r1))
                .append(' ')
                .append(n(r1))
                .append(" 0 ");
        path.append(lean < 90 ? 1 : 0)
                .append(" 1 ")
                .append(raw(a2))
                .append('L')
                .append(raw(b2))
                .append('A')
                .append(n(r2));
        path.append(' ')
                .append(n(r2))
                .append(" 0 ")
                .append(lean < 90 ? 0 : 1)
                .append(" 1 ")
                .append(raw(b1))
                .append('Z');
    }

    void disc(StringBuilder path, Point middle, double r) {
        see(middle, r);
        String arc = "a" + n(r) + " " + n(r) + " 0 1 1 ";
        path.append('M')
                .append(at(middle.plus(-r, 0)))
                .append(arc)
                .append(n(flip(1) * 2 * r))
                .append(" 0")
                .append(arc)
                .append(n(-flip(1) * 2 * r))
                .append(" 0Z");
    }

    void ellipse(StringBuilder path, Point middle, double crown) {
        see(middle, Skeleton.HEAD_HEIGHT);
        Point top = middle.toward(crown, Skeleton.HEAD_HEIGHT);
        Point bottom = middle.toward(crown, -Skeleton.HEAD_HEIGHT);
        double tilt = flip(1) > 0 ? -crown : crown - 180;
        String arc = "A" + n(Skeleton.HEAD_HEIGHT) + " " + n(Skeleton.HEAD_WIDTH) + " " + n(tilt) + " 1 1 ";
        path.append('M')
                .append(at(top))
                .append(arc)
                .append(at(bottom))
                .append(arc)
                .append(at(top))
                .append('Z');
    }

    void see(Point point, double r) {
        double x = flip(point.x());
        left = Math.min(left, x - r);
        right = Math.max(right, x + r);
        low = Math.min(low, point.y() - r);
        high = Math.max(high, point.y() + r);
    }

    /** The left side is the right one in a mirror. */
    double flip(double x) {
        return mirrored ? -x : x;
    }

    String at(Point p) {
        return n(flip(p.x())) + " " + n(-p.y());
    }

    private static String raw(Point p) {
        return n(p.x()) + " " + n(p.y());
    }

    static String n(double number) {
        String text = String.format(Locale.ROOT, "%.1f", number);
        if (text.endsWith(".0")) text = text.substring(0, text.length() - 2);
        return text.equals("-0") ? "0" : text;
    }
}
