package gurukram.web.drawing;

import gurukram.core.body.Side;
import gurukram.core.body.SideOf;
import gurukram.core.figure.Bone;
import gurukram.core.figure.DrawnProp;
import gurukram.core.figure.Figure;
import gurukram.core.figure.Joint;
import gurukram.core.figure.Outline;
import gurukram.core.figure.Part;
import gurukram.core.figure.Point;
import gurukram.core.figure.Poser;
import gurukram.core.figure.Skeleton;
import gurukram.core.figure.Viewpoint;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Draws a figure as SVG: thick tapered limbs, near ones dark and far ones light, things, the mat, and the lead side told by
 * colour and by a mark.
 *
 * <p>Files of their own, without any style sheet, so that they can be cached, printed and sent.
 */
public final class FigureSvg {
    private static final double GAP = 4;
    private static final double LEAST = 74;
    /** How far under the floor the mat is drawn. */
    private static final double MAT = 1;

    /** Degrees between thigh and shin below which one lies on the other. */
    private static final double FOLDED = 55;

    private static final double BAR = 20;
    private static final double LETTER = 9;

    private final Skeleton body;
    private final Side side;
    private final Part lead;
    private final boolean hair;
    private final boolean letters;
    private final Inks inks;
    private final Pen pen;

    /**
     * How it is to be drawn.
     *
     * @param side lead side; null for a symmetric pose
     * @param hair whether the head has its knot of hair
     * @param letters whether the bar carries its letter; too small to read in a row
     */
    public record Manner(Side side, boolean hair, boolean letters, Inks inks) {}

    private FigureSvg(Figure figure, SideOf sideOf, Manner manner) {
        this.body = Poser.pose(figure);
        this.side = manner.side();
        this.pen = new Pen(side == Side.LEFT);
        this.lead = side == null ? null : part(sideOf);
        this.hair = manner.hair();
        this.letters = manner.letters();
        this.inks = manner.inks();
    }

    /** @param sideOf the part the pose's side is named by; null for symmetric poses */
    public static String draw(Figure figure, SideOf sideOf, Manner manner) {
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
        Arrows arrows = new Arrows(body, pen, inks);
        body.figure().motions().forEach(arrows::draw);
        String drawn = pen.take();
        boolean above = body.figure().view() == Viewpoint.ABOVE;
        if (above) matFromAbove();
        else pen.see(new Point(0, 0), 1.5);
        String frame = pen.take();
        double edge = above ? -pen.low() : MAT;
        if (lead != null) mark(edge);
        String mark = pen.take();
        double size = Math.max(LEAST, Math.max(pen.right() - pen.left(), pen.high() - pen.low()) + 2 * GAP);
        double middle = (pen.left() + pen.right()) / 2;
        double top = above ? (pen.high() + pen.low()) / 2 + size / 2 : pen.low() + size - GAP;
        String mat = frame;
        if (!above)
            mat = "<path stroke=\"" + inks.mat + "\" stroke-width=\"1.6\" stroke-linecap=\"round\" d=\"M"
                    + Pen.n(pen.left()) + " " + Pen.n(MAT) + "H" + Pen.n(pen.right()) + "\"/>";
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"" + Pen.n(middle - size / 2) + " " + Pen.n(-top)
                + " " + Pen.n(size) + " " + Pen.n(size) + "\">" + mat + drawn + mark + "</svg>";
    }

    /** Far limbs first; what the figure itself wants behind or before comes there. */
    private List<Part> order() {
        List<Part> order = new ArrayList<>(List.of(Part.values()));
        if (body.figure().view() == Viewpoint.LEFT_SIDE) Collections.reverse(order);
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
        pen.capsule(
                path,
                limb.start(),
                limb.middle(),
                part.upperBone().startRadius() * Math.min(1, 0.5 + upperShown),
                part.upperBone().endRadius());
        Viewpoint view = body.figure().view();
        boolean far = view.isEdgewise() && part.isOther() == (view == Viewpoint.SIDE);
        String ink = far ? inks.far : inks.near;
        if (part.isLeg() && isFolded(limb)) {
            // the shin lies on the thigh: drawn by itself, it shows
            shape(path, part, ink);
            path = new StringBuilder();
        }
        pen.capsule(
                path,
                limb.middle(),
                limb.end(),
                part.lowerBone().startRadius(),
                part.lowerBone().endRadius());
        Point from = limb.heel() == null ? limb.end() : limb.heel();
        pen.capsule(
                path,
                from,
                limb.tip(),
                part.endBone().startRadius(),
                part.endBone().endRadius());
        shape(path, part, ink);
    }

    private static boolean isFolded(Skeleton.Posed limb) {
        double thigh = limb.middle().directionTo(limb.start());
        double shin = limb.middle().directionTo(limb.end());
        double between = Math.abs(thigh - shin) % 360;
        return Math.min(between, 360 - between) < FOLDED;
    }

    private void torso() {
        List<Point> around = new ArrayList<>(Outline.torso(body));
        // turned the same way round in the mirror, so that overlapping pieces of one shape do not cut holes
        if (side == Side.LEFT) Collections.reverse(around);
        StringBuilder path = new StringBuilder();
        Point start = around.get(around.size() - 1).between(around.get(0), 0.5);
        path.append('M').append(pen.at(start));
        for (int i = 0; i < around.size(); i++) {
            Point corner = around.get(i);
            Point next = corner.between(around.get((i + 1) % around.size()), 0.5);
            path.append('Q').append(pen.at(corner)).append(' ').append(pen.at(next));
            pen.see(corner, 0);
        }
        path.append('Z');
        pen.disc(path, body.spine().get(0), Bone.SPINE.startRadius() * 0.85);
        pen.capsule(path, body.at(Joint.CHEST), body.neck(), Bone.NECK.startRadius(), Bone.NECK.endRadius());
        shape(path, Part.TORSO, inks.torso);
    }

    private void head() {
        Figure figure = body.figure();
        double crown = figure.head();
        StringBuilder path = new StringBuilder();
        pen.ellipse(path, body.head(), crown);
        boolean edgewise = figure.view().isEdgewise();
        Double usual = edgewise ? figure.view().face(crown) : null;
        Double face = figure.face() != null ? figure.face() : usual;
        boolean seen = face == null && figure.view() != Viewpoint.BACK && figure.chestTurn() >= 0;
        if (face != null) {
            Point nose = body.head().toward(face, Skeleton.HEAD_WIDTH + 0.6).toward(crown, -0.8);
            pen.disc(path, nose, 1.3);
            if (hair) pen.disc(path, body.head().toward(face + 180, 4.6).toward(crown, 4.6), 2.9);
        } else if (hair) {
            pen.disc(path, body.head().toward(crown, 7.6), 2.9);
        }
        shape(path, Part.HEAD, inks.near);
        if (!seen) return;
        StringBuilder patch = new StringBuilder();
        double r = 3.9;
        Point middle = body.head().toward(crown, -1.1);
        pen.disc(patch, middle, r);
        pen.append("<path fill=\"")
                .append(inks.far)
                .append("\" d=\"")
                .append(patch)
                .append("\"/>");
    }

    /** One part with its rim in the colour of the ground, so that limbs stay apart where they cross. */
    private void shape(CharSequence path, Part part, String ink) {
        boolean own = part == lead;
        pen.append("<path stroke-linejoin=\"round\" paint-order=\"stroke\" ");
        if (own && side == Side.LEFT) {
            // the rim is drawn under the filling, so that parts of one limb melt into one outlined shape
            pen.append("fill=\"")
                    .append(inks.leftGround)
                    .append("\" stroke=\"")
                    .append(inks.left)
                    .append("\" stroke-width=\"2.6\"");
        } else {
            pen.append("fill=\"")
                    .append(own ? inks.right : ink)
                    .append("\" stroke=\"")
                    .append(inks.halo)
                    .append("\" stroke-width=\"1.6\"");
        }
        pen.append(" d=\"").append(path).append("\"/>");
    }

    /**
     * The mat in the colour of the side below the part that names it, right in one piece, left in pieces, as the bars of a class
     * have it. It covers nothing and cannot be taken for a thing to use.
     */
    private void mark(double mat) {
        double x = lead == Part.TORSO
                ? body.head().x()
                : body.limbs().get(lead).end().x();
        double middle = pen.flip(x);
        boolean isRight = side == Side.RIGHT;
        pen.append("<path class=\"side\" stroke=\"")
                .append(isRight ? inks.right : inks.left)
                .append("\" stroke-width=\"2.8\"")
                .append(isRight ? "" : " stroke-dasharray=\"3.4 2.2\"")
                .append(" d=\"M")
                .append(Pen.n(middle - BAR / 2))
                .append(' ')
                .append(Pen.n(mat))
                .append('H')
                .append(Pen.n(middle + BAR / 2))
                .append("\"/>");
        pen.see(new Point(x - BAR / 2, -mat), 2);
        pen.see(new Point(x + BAR / 2, -mat), 2);
        if (!letters) return;
        pen.see(new Point(x, -mat - LETTER), 1);
        pen.append("<text x=\"")
                .append(Pen.n(pen.flip(x)))
                .append("\" y=\"")
                .append(Pen.n(mat + LETTER))
                .append(
                        "\" text-anchor=\"middle\" font-family=\"sans-serif\" font-weight=\"700\" font-size=\"7.5\" fill=\"");
        pen.append(side == Side.RIGHT ? inks.right : inks.left)
                .append("\">")
                .append(side.letter())
                .append("</text>");
    }

    private void prop(DrawnProp prop) {
        double x = prop.x() - prop.width() / 2;
        switch (prop.kind()) {
            case WALL -> {
                pen.see(new Point(prop.x(), 0), 2);
                wall(prop);
            }
            case CHAIR -> chair(prop);
            case STRAP -> {
                Point from = body.at(prop.joints().get(0));
                Point to = body.at(prop.joints().get(1));
                pen.line(inks.thing, 1.8, "M" + pen.at(from) + "L" + pen.at(to));
            }
            default -> {
                double round = prop.kind() == DrawnProp.Kind.BLOCK ? 0.8 : prop.height() / 2;
                pen.see(new Point(x, prop.y()), 0);
                pen.see(new Point(x + prop.width(), prop.y() + prop.height()), 0);
                double corner = pen.flip(1) > 0 ? x : -x - prop.width();
                pen.append("<rect x=\"")
                        .append(Pen.n(corner))
                        .append("\" y=\"")
                        .append(Pen.n(-prop.y() - prop.height()));
                pen.append("\" width=\"")
                        .append(Pen.n(prop.width()))
                        .append("\" height=\"")
                        .append(Pen.n(prop.height()));
                pen.append("\" rx=\"")
                        .append(Pen.n(round))
                        .append("\" fill=\"")
                        .append(inks.thing)
                        .append("\"/>");
            }
        }
    }

    private void wall(DrawnProp prop) {
        double top = Math.max(prop.y() + prop.height(), 0);
        StringBuilder lines = new StringBuilder("M" + pen.at(new Point(prop.x(), 0)) + "V" + Pen.n(-top));
        double away = prop.x() >= 0 ? 4 : -4;
        for (double y = 4; y < top - 4; y += 12) {
            lines.append('M')
                    .append(pen.at(new Point(prop.x(), y)))
                    .append('L')
                    .append(pen.at(new Point(prop.x() + away, y + 5)));
        }
        pen.see(new Point(prop.x() + away, top), 0);
        pen.line(inks.thing, 1.8, lines.toString());
    }

    private void chair(DrawnProp prop) {
        double half = prop.x() < 0 ? -prop.width() / 2 : prop.width() / 2;
        double seat = prop.height();
        Point front = new Point(prop.x() - half, seat);
        Point back = new Point(prop.x() + half, seat);
        pen.see(back.plus(0, 22), 1);
        pen.see(front, 1);
        pen.line(
                inks.thing,
                2.4,
                "M" + pen.at(front) + "L" + pen.at(back) + "M" + pen.at(front.plus(half > 0 ? 1 : -1, 0)) + "V-1M"
                        + pen.at(back.plus(0, 22)) + "V-1");
    }

    private void matFromAbove() {
        double half = 24;
        pen.see(new Point(-half, pen.low() - 2), 0);
        pen.see(new Point(half, pen.high() + 2), 0);
        pen.append("<rect x=\"")
                .append(Pen.n(-half))
                .append("\" y=\"")
                .append(Pen.n(-pen.high()))
                .append("\" width=\"")
                .append(Pen.n(2 * half));
        pen.append("\" height=\"")
                .append(Pen.n(pen.high() - pen.low()))
                .append("\" rx=\"2\" fill=\"none\" stroke=\"")
                .append(inks.mat)
                .append("\" stroke-width=\"1.2\"/>");
    }
}
