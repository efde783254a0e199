package gurukram.web.poses;

import gurukram.core.figure.Bone;
import gurukram.core.figure.Figure;
import gurukram.core.figure.Joint;
import gurukram.core.figure.Outline;
import gurukram.core.figure.Part;
import gurukram.core.figure.Point;
import gurukram.core.figure.Poser;
import gurukram.core.figure.Prop;
import gurukram.core.figure.Skeleton;
import gurukram.core.figure.View;
import gurukram.core.pose.Side;
import gurukram.core.pose.SideOf;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/**
 * Draws a figure as SVG: thick tapered limbs, near ones dark and far ones light, things, the mat, and the lead side told by
 * colour and by a mark.
 *
 * <p>Files of their own, without any style sheet, so that they can be cached, printed and sent.
 */
final class FigureSvg {
    private static final double GAP = 4;
    private static final double LEAST = 74;

    private final Skeleton body;
    private final Side side;
    private final Part lead;
    private final boolean hair;
    private final boolean letters;
    private final Inks inks;
    private final StringBuilder svg = new StringBuilder(3_000);
    private double left = 1e9;
    private double right = -1e9;
    private double low = 1e9;
    private double high = -1e9;

    /** The colours of one surrounding: {@link #LIGHT} for planning and paper, {@link #DARK} for the room. */
    enum Inks {
        LIGHT("#10272b", "#33525a", "#94a7aa", "#f6f9f7", "#a9410b", "#17568f", "#dfeaf4", "#8d9f9f", "#b8a67a"),
        DARK("#f2f6f4", "#c5d3d1", "#6d8286", "#0c1a1d", "#f0935a", "#8fc1f2", "#1c3347", "#5b7377", "#a8946a");

        private final String near;
        private final String torso;
        private final String far;
        private final String halo;
        private final String right;
        private final String left;
        private final String leftGround;
        private final String mat;
        private final String thing;

        Inks(
                String near,
                String torso,
                String far,
                String halo,
                String right,
                String left,
                String leftGround,
                String mat,
                String thing) {
            this.near = near;
            this.torso = torso;
            this.far = far;
            this.halo = halo;
            this.right = right;
            this.left = left;
            this.leftGround = leftGround;
            this.mat = mat;
            this.thing = thing;
        }
    }

    /**
     * How it is to be drawn.
     *
     * @param side lead side; null for a symmetric pose
     * @param hair whether the head has its knot of hair
     * @param letters whether the mark carries its letter; too small to read in a row
     */
    record Manner(Side side, boolean hair, boolean letters, Inks inks) {}

    private FigureSvg(Figure figure, SideOf sideOf, Manner manner) {
        this.body = Poser.pose(figure);
        this.side = manner.side();
        this.lead = side == null ? null : part(sideOf);
        this.hair = manner.hair();
        this.letters = manner.letters();
        this.inks = manner.inks();
    }

    /** @param sideOf the part the pose's side is named by; null for symmetric poses */
    static String draw(Figure figure, SideOf sideOf, Manner manner) {
        return new FigureSvg(figure, sideOf, manner).svg();
    }

    /** The drawn part that names the side; the trunk for turns and bends. */
    static Part part(SideOf sideOf) {
        if (sideOf == null) return null;
        return switch (sideOf) {
            case TOP_ARM -> Part.ARM;
            case TWIST_TO, BEND_TO -> Part.TORSO;
            default -> Part.LEG;
        };
    }

    private String svg() {
        List<Part> order = order();
        body.figure().props().forEach(this::prop);
        order.forEach(this::part);
        if (lead != null) mark();
        String drawn = svg.toString();
        svg.setLength(0);
        boolean above = body.figure().view() == View.ABOVE;
        if (above) matFromAbove();
        else see(new Point(0, 0), 1.5);
        double size = Math.max(LEAST, Math.max(right - left, high - low) + 2 * GAP);
        double middle = (left + right) / 2;
        double top = above ? (high + low) / 2 + size / 2 : low + size - GAP;
        String mat = svg.toString();
        if (!above)
            mat = "<path stroke=\"" + inks.mat + "\" stroke-width=\"1.6\" stroke-linecap=\"round\" d=\"M" + n(left)
                    + " 1H" + n(right) + "\"/>";
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"" + n(middle - size / 2) + " " + n(-top) + " "
                + n(size) + " " + n(size) + "\">" + mat + drawn + "</svg>";
    }

    /** Far limbs first; what the figure itself wants behind or before comes there. */
    private List<Part> order() {
        List<Part> order = new ArrayList<>(List.of(Part.values()));
        if (body.figure().view() == View.LEFT_SIDE) Collections.reverse(order);
        order.removeAll(body.figure().behind());
        order.removeAll(body.figure().before());
        order.addAll(0, body.figure().behind());
        order.addAll(body.figure().before());
        return order;
    }

    private void part(Part part) {
        switch (part) {
            case TORSO -> torso();
            case HEAD -> head();
            default -> limb(part);
        }
    }

    private void limb(Part part) {
        Skeleton.Posed limb = body.limbs().get(part);
        StringBuilder path = new StringBuilder();
        double upperShown = Math.sqrt(limb.angles().upper().shown());
        capsule(
                path,
                limb.start(),
                limb.middle(),
                part.upperBone().startRadius() * Math.min(1, 0.5 + upperShown),
                part.upperBone().endRadius());
        capsule(
                path,
                limb.middle(),
                limb.end(),
                part.lowerBone().startRadius(),
                part.lowerBone().endRadius());
        Point from = limb.heel() == null ? limb.end() : limb.heel();
        capsule(
                path,
                from,
                limb.tip(),
                part.endBone().startRadius(),
                part.endBone().endRadius());
        View view = body.figure().view();
        boolean far = view.isEdgewise() && part.isOther() == (view == View.SIDE);
        shape(path, part, far ? inks.far : inks.near);
    }

    private void torso() {
        List<Point> around = new ArrayList<>(Outline.torso(body));
        // turned the same way round in the mirror, so that overlapping pieces of one shape do not cut holes
        if (side == Side.LEFT) Collections.reverse(around);
        StringBuilder path = new StringBuilder();
        Point start = around.get(around.size() - 1).between(around.get(0), 0.5);
        path.append('M').append(at(start));
        for (int i = 0; i < around.size(); i++) {
            Point corner = around.get(i);
            Point next = corner.between(around.get((i + 1) % around.size()), 0.5);
            path.append('Q').append(at(corner)).append(' ').append(at(next));
            see(corner, 0);
        }
        path.append('Z');
        disc(path, body.spine().get(0), Bone.SPINE.startRadius() * 0.85);
        capsule(path, body.at(Joint.CHEST), body.neck(), Bone.NECK.startRadius(), Bone.NECK.endRadius());
        shape(path, Part.TORSO, inks.torso);
    }

    private void head() {
        Figure figure = body.figure();
        double crown = figure.head();
        StringBuilder path = new StringBuilder();
        ellipse(path, body.head(), crown);
        boolean edgewise = figure.view().isEdgewise();
        Double usual = edgewise ? figure.view().face(crown) : null;
        Double face = figure.face() != null ? figure.face() : usual;
        boolean seen = face == null && figure.view() != View.BACK && figure.chestTurn() >= 0;
        if (face != null) {
            Point nose = body.head().toward(face, Skeleton.HEAD_WIDTH + 0.6).toward(crown, -0.8);
            disc(path, nose, 1.3);
            if (hair) disc(path, body.head().toward(face + 180, 4.6).toward(crown, 4.6), 2.9);
        } else if (hair) {
            disc(path, body.head().toward(crown, 7.6), 2.9);
        }
        shape(path, Part.HEAD, inks.near);
        if (!seen) return;
        StringBuilder patch = new StringBuilder();
        double r = 3.9;
        Point middle = body.head().toward(crown, -1.1);
        disc(patch, middle, r);
        svg.append("<path fill=\"")
                .append(inks.far)
                .append("\" d=\"")
                .append(patch)
                .append("\"/>");
    }

    /** One part with its rim in the colour of the ground, so that limbs stay apart where they cross. */
    private void shape(CharSequence path, Part part, String ink) {
        boolean own = part == lead;
        svg.append("<path stroke-linejoin=\"round\" paint-order=\"stroke\" ");
        if (own && side == Side.LEFT) {
            // the rim is drawn under the filling, so that parts of one limb melt into one outlined shape
            svg.append("fill=\"")
                    .append(inks.leftGround)
                    .append("\" stroke=\"")
                    .append(inks.left)
                    .append("\" stroke-width=\"2.6\"");
        } else {
            svg.append("fill=\"")
                    .append(own ? inks.right : ink)
                    .append("\" stroke=\"")
                    .append(inks.halo)
                    .append("\" stroke-width=\"1.6\"");
        }
        svg.append(" d=\"").append(path).append("\"/>");
    }

    /** Right is a filled disc, left a ring, beside the end of the part that names the side. */
    private void mark() {
        Point at = markPlace();
        double r = letters ? 4.6 : 4;
        see(at, r + 1);
        boolean isRight = side == Side.RIGHT;
        String ink = isRight ? inks.right : inks.left;
        String x = n(flip(at.x()));
        String y = n(-at.y());
        svg.append("<circle cx=\"")
                .append(x)
                .append("\" cy=\"")
                .append(y)
                .append("\" r=\"")
                .append(n(r))
                .append("\" fill=\"");
        svg.append(isRight ? ink : inks.halo).append("\" stroke=\"").append(ink).append("\" stroke-width=\"1.5\"/>");
        if (!letters) return;
        svg.append("<text x=\"")
                .append(x)
                .append("\" y=\"")
                .append(n(-at.y() + 2.3))
                .append(
                        "\" text-anchor=\"middle\" font-family=\"sans-serif\" font-weight=\"700\" font-size=\"6.4\" fill=\"");
        svg.append(isRight ? inks.halo : ink)
                .append("\">")
                .append(side.letter())
                .append("</text>");
    }

    private Point markPlace() {
        Point middle = body.at(Joint.PELVIS).between(body.at(Joint.CHEST), 0.5);
        Point end;
        Point away;
        if (lead == Part.TORSO) {
            end = body.head();
            away = body.at(Joint.CHEST);
        } else {
            end = body.limbs().get(lead).tip();
            away = body.limbs().get(lead).end();
        }
        double direction = lead == Part.TORSO
                ? away.directionTo(end)
                : away.distance(end) < 1 ? middle.directionTo(end) : away.directionTo(end);
        Point place = end.toward(direction, lead == Part.TORSO ? 16 : 8.5);
        if (body.figure().view() == View.ABOVE || place.y() >= 6.5) return place;
        // beside the foot rather than under the mat
        double aside = place.x() < end.x() ? -9 : 9;
        return new Point(end.x() + aside, 6.5);
    }

    private void prop(Prop prop) {
        double x = prop.x() - prop.width() / 2;
        switch (prop.kind()) {
            case WALL -> {
                see(new Point(prop.x(), 0), 2);
                wall(prop);
            }
            case CHAIR -> chair(prop);
            case STRAP -> {
                Point from = body.at(prop.joints().get(0));
                Point to = body.at(prop.joints().get(1));
                line(inks.thing, 1.8, "M" + at(from) + "L" + at(to));
            }
            default -> {
                double round = prop.kind() == Prop.Kind.BLOCK ? 0.8 : prop.height() / 2;
                see(new Point(x, prop.y()), 0);
                see(new Point(x + prop.width(), prop.y() + prop.height()), 0);
                double corner = flip(1) > 0 ? x : -x - prop.width();
                svg.append("<rect x=\"").append(n(corner)).append("\" y=\"").append(n(-prop.y() - prop.height()));
                svg.append("\" width=\"")
                        .append(n(prop.width()))
                        .append("\" height=\"")
                        .append(n(prop.height()));
                svg.append("\" rx=\"")
                        .append(n(round))
                        .append("\" fill=\"")
                        .append(inks.thing)
                        .append("\"/>");
            }
        }
    }

    private void wall(Prop prop) {
        double top = Math.max(prop.y() + prop.height(), 0);
        StringBuilder lines = new StringBuilder("M" + at(new Point(prop.x(), 0)) + "V" + n(-top));
        double away = prop.x() >= 0 ? 4 : -4;
        for (double y = 4; y < top - 4; y += 12) {
            lines.append('M')
                    .append(at(new Point(prop.x(), y)))
                    .append('L')
                    .append(at(new Point(prop.x() + away, y + 5)));
        }
        see(new Point(prop.x() + away, top), 0);
        line(inks.thing, 1.8, lines.toString());
    }

    private void chair(Prop prop) {
        double half = prop.x() < 0 ? -prop.width() / 2 : prop.width() / 2;
        double seat = prop.height();
        Point front = new Point(prop.x() - half, seat);
        Point back = new Point(prop.x() + half, seat);
        see(back.plus(0, 22), 1);
        see(front, 1);
        line(
                inks.thing,
                2.4,
                "M" + at(front) + "L" + at(back) + "M" + at(front.plus(half > 0 ? 1 : -1, 0)) + "V-1M"
                        + at(back.plus(0, 22)) + "V-1");
    }

    private void matFromAbove() {
        double half = 24;
        see(new Point(-half, low - 2), 0);
        see(new Point(half, high + 2), 0);
        svg.append("<rect x=\"")
                .append(n(-half))
                .append("\" y=\"")
                .append(n(-high))
                .append("\" width=\"")
                .append(n(2 * half));
        svg.append("\" height=\"")
                .append(n(high - low))
                .append("\" rx=\"2\" fill=\"none\" stroke=\"")
                .append(inks.mat)
                .append("\" stroke-width=\"1.2\"/>");
    }

    private void line(String ink, double width, String path) {
        svg.append("<path fill=\"none\" stroke-linecap=\"round\" stroke=\"")
                .append(ink)
                .append("\" stroke-width=\"");
        svg.append(n(width)).append("\" d=\"").append(path).append("\"/>");
    }

    /** Two discs and what lies between them. */
    private void capsule(StringBuilder path, Point from, Point to, double r1, double r2) {
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

    private void disc(StringBuilder path, Point middle, double r) {
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

    private void ellipse(StringBuilder path, Point middle, double crown) {
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

    private void see(Point point, double r) {
        double x = flip(point.x());
        left = Math.min(left, x - r);
        right = Math.max(right, x + r);
        low = Math.min(low, point.y() - r);
        high = Math.max(high, point.y() + r);
    }

    /** The left side is the right one in a mirror. */
    private double flip(double x) {
        return side == Side.LEFT ? -x : x;
    }

    private String at(Point p) {
        return n(flip(p.x())) + " " + n(-p.y());
    }

    private static String raw(Point p) {
        return n(p.x()) + " " + n(p.y());
    }

    private static String n(double number) {
        String text = String.format(Locale.ROOT, "%.1f", number);
        if (text.endsWith(".0")) text = text.substring(0, text.length() - 2);
        return text.equals("-0") ? "0" : text;
    }
}
