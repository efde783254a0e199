package gurukram.web.drawing;

import gurukram.core.figure.Joint;
import gurukram.core.figure.Motion;
import gurukram.core.figure.Point;
import gurukram.core.figure.Skeleton;
import java.util.ArrayList;
import java.util.List;

/** Arrows beside a figure that show how it moves; all of one kind. */
final class Arrows {
    private static final double LENGTH = 11;
    private static final double ASIDE = 7;
    private static final double ROUND = 6.5;
    private static final double TIP = 2.8;
    private static final double WIDTH = 1.4;

    private final Skeleton body;
    private final Pen pen;
    private final Inks inks;

    Arrows(Skeleton body, Pen pen, Inks inks) {
        this.body = body;
        this.pen = pen;
        this.inks = inks;
    }

    void draw(Motion motion) {
        Point at = motion.at() == Joint.HEAD ? body.head() : body.at(motion.at());
        double away = at.x()
                        >= body.at(Joint.CHEST)
                                .between(body.at(Joint.PELVIS), 0.5)
                                .x()
                ? 1
                : -1;
        switch (motion.kind()) {
            case CIRCLES -> circle(at);
            case UP -> arrow(at.plus(away * ASIDE, -LENGTH / 2), at.plus(away * ASIDE, LENGTH / 2), false);
            case DOWN -> arrow(at.plus(away * ASIDE, LENGTH / 2), at.plus(away * ASIDE, -LENGTH / 2), false);
            case RISES -> arrow(at.plus(away * ASIDE, -LENGTH / 2), at.plus(away * ASIDE, LENGTH / 2), true);
            case FORWARD -> arrow(at.plus(0, ASIDE), at.plus(LENGTH, ASIDE), false);
            case BACK -> arrow(at.plus(0, ASIDE), at.plus(-LENGTH, ASIDE), false);
            case SWAYS -> arrow(at.plus(-LENGTH / 2, ASIDE), at.plus(LENGTH / 2, ASIDE), true);
            case BREATHES_IN -> breath(true, false);
            case BREATHES_OUT -> breath(false, true);
            case BREATHES -> breath(true, true);
        }
    }

    /** Before the nose; from the front, beside it. */
    private void breath(boolean in, boolean out) {
        Double looks = body.figure().face();
        boolean edgewise = body.figure().view().isEdgewise();
        double face = looks != null
                ? looks
                : edgewise ? body.figure().view().face(body.figure().head()) : -20;
        Point near = body.head().toward(face, 8.5);
        Point far = body.head().toward(face, 8.5 + LENGTH);
        if (in && out) {
            Point aside = new Point(0, 0).toward(face + 90, 2.4);
            arrow(far.plus(aside.x(), aside.y()), near.plus(aside.x(), aside.y()), false);
            arrow(near.plus(-aside.x(), -aside.y()), far.plus(-aside.x(), -aside.y()), false);
        } else if (in) arrow(far, near, false);
        else arrow(near, far, false);
    }

    private void arrow(Point from, Point to, boolean both) {
        StringBuilder path = new StringBuilder("M" + pen.at(from) + "L" + pen.at(to));
        tip(path, to, from.directionTo(to));
        if (both) tip(path, from, to.directionTo(from));
        pen.see(from, TIP);
        pen.see(to, TIP);
        line(path.toString());
    }

    /** With a rim in the colour of the ground, so that it shows on the body too. */
    private void line(String path) {
        pen.line(inks.halo, WIDTH + 2.2, path);
        pen.line(inks.near, WIDTH, path);
    }

    private void tip(StringBuilder path, Point end, double direction) {
        path.append('M')
                .append(pen.at(end.toward(direction + 145, TIP)))
                .append('L')
                .append(pen.at(end))
                .append('L')
                .append(pen.at(end.toward(direction - 145, TIP)));
    }

    /** Three quarters of a turn; as points, so that it turns the other way in the mirror. */
    private void circle(Point middle) {
        List<Point> round = new ArrayList<>();
        for (int degrees = 60; degrees <= 330; degrees += 15) round.add(middle.toward(degrees, ROUND));
        StringBuilder path = new StringBuilder();
        for (Point point : round) path.append(path.isEmpty() ? 'M' : 'L').append(pen.at(point));
        tip(path, round.get(round.size() - 1), 330 + 85);
        pen.see(middle, ROUND + TIP);
        line(path.toString());
    }
}
