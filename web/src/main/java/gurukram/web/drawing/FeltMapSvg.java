package gurukram.web.drawing;

import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.body.Side;
import gurukram.core.pose.Pose;
import java.util.List;
import java.util.Map;

/**
 * Where a pose is felt, on a body seen from the front and from behind: stretch is hatched, work is dotted, and stronger is
 * denser; where it must not be felt is crossed.
 */
public final class FeltMapSvg {
    private static final String STRETCH = "#0b6b66";
    private static final String WORK = "#7a2f6f";
    private static final String NEVER = "#99160f";

    /** One part of an area: an ellipse, on the body's right half or on both; in the middle when x is 0. */
    private record Spot(boolean behind, double x, double y, double rx, double ry) {}

    /** x is the distance from the middle line, y the height from the crown; the body is 100 high. */
    private static final Map<BodyArea, List<Spot>> SPOTS = Map.ofEntries(
            Map.entry(BodyArea.NECK, List.of(front(0, 15.5, 3, 2.6), back(0, 15.5, 3.2, 2.8))),
            Map.entry(BodyArea.SHOULDERS, List.of(front(9.5, 20.5, 3.4, 3), back(9.5, 20.5, 3.4, 3))),
            Map.entry(BodyArea.CHEST, List.of(front(4.2, 24.5, 3.8, 3))),
            Map.entry(BodyArea.UPPER_BACK, List.of(back(4.2, 25, 3.8, 4.2))),
            Map.entry(BodyArea.LOWER_BACK, List.of(back(2.6, 37.5, 2.6, 3.6))),
            Map.entry(BodyArea.ARMS, List.of(front(13, 30, 2.1, 6.5), back(13, 30, 2.1, 6.5))),
            Map.entry(BodyArea.WRISTS, List.of(front(17.6, 45.8, 1.9, 1.9), back(17.6, 45.8, 1.9, 1.9))),
            Map.entry(BodyArea.CORE_FRONT, List.of(front(0, 35, 3.4, 6))),
            Map.entry(BodyArea.CORE_SIDES, List.of(front(6, 34.5, 1.8, 5.5), back(6.2, 34.5, 1.6, 4.5))),
            Map.entry(BodyArea.HIP_FRONT, List.of(front(4.6, 46, 2.7, 3))),
            Map.entry(BodyArea.OUTER_HIPS, List.of(front(8.3, 48.5, 1.6, 4.4), back(8.2, 48.5, 1.7, 4.4))),
            Map.entry(BodyArea.GLUTES, List.of(back(4.1, 48, 3.4, 4.2))),
            Map.entry(BodyArea.INNER_THIGHS, List.of(front(2.2, 56.5, 1.5, 5.5), back(2.2, 57.5, 1.4, 4.8))),
            Map.entry(BodyArea.FRONT_THIGHS, List.of(front(5.6, 59, 2.4, 8))),
            Map.entry(BodyArea.HAMSTRINGS, List.of(back(5.4, 62, 2.7, 7.5))),
            Map.entry(BodyArea.CALVES, List.of(back(5.8, 79.5, 2.4, 6))),
            Map.entry(BodyArea.ANKLES_FEET, List.of(front(5.9, 93.5, 2.3, 3.2), back(5.9, 92, 2, 2.4))),
            Map.entry(BodyArea.KNEES, List.of(front(5.8, 71, 2.5, 2.5), back(5.8, 71, 2.3, 2.3))));

    private final StringBuilder svg = new StringBuilder(6_000);

    private FeltMapSvg() {}

    private static Spot front(double x, double y, double rx, double ry) {
        return new Spot(false, x, y, rx, ry);
    }

    private static Spot back(double x, double y, double rx, double ry) {
        return new Spot(true, x, y, rx, ry);
    }

    /** @param side the side the pose is done on; null for a symmetric one */
    public static String draw(Pose pose, Side side) {
        FeltMapSvg map = new FeltMapSvg();
        map.begin();
        pose.stretches().forEach(felt -> map.felt(felt, side, "s"));
        pose.works().forEach(felt -> map.felt(felt, side, "w"));
        pose.notIn().forEach(map::never);
        return map.svg.append("</svg>").toString();
    }

    private void begin() {
        svg.append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 112 108\"><defs>");
        for (int strength = 1; strength <= 3; strength++) {
            double step = 3.4 - 0.8 * strength;
            svg.append(
                    "<pattern id=\"s%d\" width=\"%s\" height=\"%s\" patternUnits=\"userSpaceOnUse\" patternTransform=\"rotate(45)\">"
                            .formatted(strength, Pen.n(step), Pen.n(step)));
            svg.append("<path d=\"M0 0V9\" stroke=\"" + STRETCH + "\" stroke-width=\"" + Pen.n(0.5 + 0.3 * strength)
                    + "\"/></pattern>");
            svg.append("<pattern id=\"w%d\" width=\"%s\" height=\"%s\" patternUnits=\"userSpaceOnUse\">"
                    .formatted(strength, Pen.n(step), Pen.n(step)));
            svg.append("<circle cx=\"" + Pen.n(step / 2) + "\" cy=\"" + Pen.n(step / 2) + "\" r=\""
                    + Pen.n(0.4 + 0.06 * strength) + "\" fill=\"" + WORK + "\"/></pattern>");
        }
        svg.append("</defs>");
        body(28, "front");
        body(84, "back");
    }

    /** A plain standing body, arms a little away. */
    private void body(double middle, String word) {
        svg.append("<g fill=\"none\" stroke=\"#c6d2cf\" stroke-linecap=\"round\" stroke-linejoin=\"round\">");
        for (int mirror = -1; mirror <= 1; mirror += 2) {
            line(middle, mirror, 4.8, "9.5 20.5 13 31 17.4 46 18.6 50.5");
            line(middle, mirror, 7.6, "4.9 46 5.6 60");
            line(middle, mirror, 6, "5.6 60 5.8 71 5.9 80");
            line(middle, mirror, 4.2, "5.9 80 5.9 93 7 96");
        }
        svg.append("</g><g fill=\"#c6d2cf\"><path d=\"M" + Pen.n(middle - 10) + " 20Q" + Pen.n(middle) + " 15 "
                + Pen.n(middle + 10)
                + " 20L" + Pen.n(middle + 6.8) + " 36L" + Pen.n(middle + 9) + " 50H" + Pen.n(middle - 9) + "L"
                + Pen.n(middle - 6.8)
                + " 36Z\"/>");
        svg.append("<rect x=\"" + Pen.n(middle - 2.4) + "\" y=\"12\" width=\"4.8\" height=\"7\"/>");
        svg.append("<ellipse cx=\"" + Pen.n(middle) + "\" cy=\"8\" rx=\"5\" ry=\"6.2\"/></g>");
        svg.append("<text x=\"" + Pen.n(middle)
                + "\" y=\"106.5\" text-anchor=\"middle\" font-family=\"sans-serif\" font-size=\"5\" fill=\"#41585c\">"
                + word + "</text>");
    }

    private void line(double middle, int mirror, double width, String points) {
        String[] numbers = points.split(" ");
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < numbers.length; i += 2) {
            path.append(i == 0 ? 'M' : 'L')
                    .append(Pen.n(middle + mirror * Double.parseDouble(numbers[i])))
                    .append(' ')
                    .append(numbers[i + 1]);
        }
        svg.append("<path stroke-width=\"" + Pen.n(width) + "\" d=\"" + path + "\"/>");
    }

    private void felt(Felt felt, Side side, String how) {
        Side on = felt.on(side);
        String ink = how.equals("s") ? STRETCH : WORK;
        String fill = "fill=\"url(#" + how + felt.strength() + ")\" stroke=\"" + ink + "\" stroke-width=\".6\"";
        if (how.equals("w")) fill += " stroke-dasharray=\"1.2 .8\"";
        for (Spot spot : SPOTS.get(felt.area())) spot(spot, on, fill);
    }

    private void never(BodyArea area) {
        for (Spot spot : SPOTS.get(area)) {
            for (double x : places(spot, null)) {
                double r = 1.7;
                svg.append("<path stroke=\"" + NEVER + "\" stroke-width=\"1\" stroke-linecap=\"round\" d=\"M"
                        + Pen.n(x - r)
                        + " " + Pen.n(spot.y() - r) + "l" + Pen.n(2 * r) + " " + Pen.n(2 * r) + "m0 " + Pen.n(-2 * r)
                        + "l" + Pen.n(-2 * r)
                        + " " + Pen.n(2 * r) + "\"/>");
            }
        }
    }

    private void spot(Spot spot, Side on, String fill) {
        for (double x : places(spot, on)) {
            svg.append("<ellipse cx=\"" + Pen.n(x) + "\" cy=\"" + Pen.n(spot.y()) + "\" rx=\"" + Pen.n(spot.rx())
                    + "\" ry=\"" + Pen.n(spot.ry()) + "\" " + fill + "/>");
        }
    }

    /** The right side is on the reader's left of a body seen from the front, on the right of one seen from behind. */
    private static double[] places(Spot spot, Side on) {
        double middle = spot.behind() ? 84 : 28;
        if (spot.x() == 0) return new double[] {middle};
        double right = spot.behind() ? middle + spot.x() : middle - spot.x();
        double left = 2 * middle - right;
        if (on == null) return new double[] {right, left};
        return new double[] {on == Side.RIGHT ? right : left};
    }
}
