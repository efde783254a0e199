package gurukram.core.figure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Poses the skeleton as a figure asks: forward along the angles, and by two-bone inverse kinematics where it reaches. */
public final class Poser {
    private static final int VERTEBRAE = 6;
    private static final double HALF_SHOULDERS = 8.2;
    private static final double HALF_PELVIS = 4.6;
    private static final double SLACK = 0.6;
    /** How far the middle of the palm is from the wrist: what an arm holds on to lies there. */
    private static final double PALM = 4;

    private final Figure figure;
    private final List<Point> spine = new ArrayList<>();
    private final Map<Joint, Point> joints = new EnumMap<>(Joint.class);
    private final Map<Part, Skeleton.Posed> limbs = new EnumMap<>(Part.class);
    private final List<String> problems = new ArrayList<>();

    private Poser(Figure figure) {
        this.figure = figure;
    }

    /** Never fails: what cannot be reached is reached for as far as it goes, and told in {@link Skeleton#problems()}. */
    public static Skeleton pose(Figure figure) {
        if (figure.hips() != null || figure.view() == Viewpoint.ABOVE) return new Poser(figure).from(hipsOr(figure, 0));
        Skeleton hanging = new Poser(figure).from(0);
        return new Poser(figure).from(-hanging.lowest());
    }

    private static double hipsOr(Figure figure, double otherwise) {
        return figure.hips() == null ? otherwise : figure.hips();
    }

    private Skeleton from(double hips) {
        Point at = new Point(0, hips);
        spine.add(at);
        for (int i = 0; i < VERTEBRAE; i++) {
            double along = (i + 0.5) / VERTEBRAE;
            double direction = figure.low() + (figure.high() - figure.low()) * along;
            at = at.toward(direction, Bone.SPINE.length() * figure.spineShown() / VERTEBRAE);
            spine.add(at);
        }
        Point neck = at.toward(figure.head(), Bone.NECK.length());
        Point head = neck.toward(figure.head(), Skeleton.HEAD_HEIGHT * 0.85);
        joints.put(Joint.PELVIS, spine.get(0));
        joints.put(Joint.CHEST, at);
        joints.put(Joint.HEAD, head);
        pair(Joint.HIP, Joint.HIP2, spine.get(0), figure.low(), figure.pelvisTurn() * HALF_PELVIS);
        pair(Joint.SHOULDER, Joint.SHOULDER2, at, figure.high(), figure.chestTurn() * HALF_SHOULDERS);
        List<Part> open = new ArrayList<>(List.of(Part.LEG2, Part.LEG, Part.ARM2, Part.ARM));
        while (!open.isEmpty()) {
            Part next = open.stream().filter(this::ready).findFirst().orElse(open.get(0));
            open.remove(next);
            limb(next);
        }
        return new Skeleton(figure, spine, neck, head, joints, limbs, problems);
    }

    /** The right one is on the reader's left where the figure faces the reader. */
    private void pair(Joint own, Joint other, Point middle, double direction, double half) {
        joints.put(own, middle.toward(direction + 90, half));
        joints.put(other, middle.toward(direction - 90, half));
    }

    private boolean ready(Part part) {
        Limb limb = figure.limb(part);
        return !(limb instanceof Limb.Reaching r) || r.onto() == null || joints.containsKey(r.onto());
    }

    private void limb(Part part) {
        Point start = Objects.requireNonNull(joints.get(joint(part, part.isLeg() ? "HIP" : "SHOULDER")));
        Limb limb = figure.limb(part);
        Skeleton.Posed posed = posed(part, start, limb, 0);
        if (limb instanceof Limb.Reaching reach && reach.floor()) {
            // how low a foot or hand hangs from its joint depends on the limb's own lean, so it is felt for
            double raised = 0;
            for (int i = 0; i < 6 && Math.abs(posed.lowest() - reach.y()) > 0.05; i++) {
                raised -= posed.lowest() - reach.y();
                posed = posed(part, start, limb, raised);
            }
        }
        limbs.put(part, posed);
        joints.put(joint(part, part.isLeg() ? "KNEE" : "ELBOW"), posed.middle());
        joints.put(joint(part, part.isLeg() ? "ANKLE" : "WRIST"), posed.end());
        joints.put(joint(part, part.isLeg() ? "TOES" : "FINGERS"), posed.tip());
        if (!part.isLeg()) return;
        joints.put(joint(part, "THIGH"), start.between(posed.middle(), 0.5));
        joints.put(joint(part, "SHIN"), posed.middle().between(posed.end(), 0.5));
    }

    private Skeleton.Posed posed(Part part, Point start, Limb limb, double raised) {
        Limb.Bent bent = limb instanceof Limb.Reaching reach ? solve(part, start, reach, raised) : (Limb.Bent) limb;
        Point middle = start.toward(
                bent.upper().degrees(), part.upperBone().length() * bent.upper().shown());
        Point end = middle.toward(
                bent.lower().degrees(), part.lowerBone().length() * bent.lower().shown());
        Segment last = bent.end() == null ? usualEnd(part, bent.lower(), limb) : bent.end();
        Point tip = end.toward(last.degrees(), part.endBone().length() * last.shown());
        Point heel = null;
        if (part.isLeg()) {
            double up = up(last.degrees(), end.directionTo(middle));
            heel = end.toward(last.degrees(), -2.2 * last.shown()).toward(up, -1.5);
            tip = tip.toward(up, -2.2);
        }
        return new Skeleton.Posed(start, middle, end, heel, tip, new Limb.Bent(bent.upper(), bent.lower(), last));
    }

    private static Joint joint(Part part, String name) {
        return Joint.valueOf(part.isOther() ? name + "2" : name);
    }

    /** The direction of the top of the foot: the one of the two across it that is nearer to the shin. */
    private static double up(double foot, double shin) {
        double lean = Math.sin(Math.toRadians(shin - foot));
        if (Math.abs(lean) < 0.2) return Math.sin(Math.toRadians(foot + 90)) <= 0 ? foot + 90 : foot - 90;
        return lean > 0 ? foot + 90 : foot - 90;
    }

    private Segment usualEnd(Part part, Segment lower, Limb limb) {
        boolean floor = limb instanceof Limb.Reaching r && r.floor();
        boolean side = figure.view().isEdgewise();
        Segment flat = new Segment(figure.view().forward() > 0 ? 0 : 180, 1);
        if (!part.isLeg()) return floor && side ? flat : new Segment(lower.degrees(), lower.shown());
        if (side)
            return floor
                    ? flat
                    : new Segment(lower.degrees() + 72 * figure.view().forward(), 1);
        boolean out = figure.view() == Viewpoint.BACK == part.isOther();
        if (figure.view() == Viewpoint.ABOVE) return new Segment(lower.degrees() + (out ? -35 : 35), 0.6);
        return new Segment(out ? -50 : -130, 0.55);
    }

    private Limb.Bent solve(Part part, Point start, Limb.Reaching reach, double raised) {
        Segment end = reach.end() == null && reach.floor() ? usualEnd(part, new Segment(-90, 1), reach) : reach.end();
        Point target =
                (reach.floor() ? onFloor(part, reach, Objects.requireNonNull(end)) : held(part, reach)).plus(0, raised);
        double upper = part.upperBone().length() * reach.shown();
        boolean grips = !part.isLeg() && reach.onto() != null && end == null;
        double lower = (part.lowerBone().length() + (grips ? PALM : 0)) * reach.shown();
        double far = start.distance(target);
        double direction = start.directionTo(target);
        if (raised == 0 && far > upper + lower + SLACK) {
            problem("%s cannot reach that far: %.1f of %.1f".formatted(part.word(), far, upper + lower));
        }
        if (far >= upper + lower) return bent(direction, direction, reach.shown(), end);
        if (reach.straight()) return bent(direction, direction, reach.shown() * far / (upper + lower), end);
        double near = Math.max(far, Math.abs(upper - lower) + 0.01);
        double cos = (upper * upper + near * near - lower * lower) / (2 * upper * near);
        double open = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, cos))));
        double plus = direction + open;
        double minus = direction - open;
        boolean takePlus = usual(part, start, start.toward(plus, upper), start.toward(minus, upper)) != reach.bend();
        double first = takePlus ? plus : minus;
        return bent(first, start.toward(first, upper).directionTo(target), reach.shown(), end);
    }

    private void problem(String what) {
        if (problems.stream().noneMatch(told -> told.split(":")[0].equals(what.split(":")[0]))) problems.add(what);
    }

    private static Limb.Bent bent(double upper, double lower, double shown, @Nullable Segment end) {
        double seen = Math.max(0.02, Math.min(1, shown));
        return new Limb.Bent(new Segment(upper, seen), new Segment(lower, seen), end);
    }

    /** Knees go forward and outward, elbows backward and outward: whether that is the first of two places. */
    private boolean usual(Part part, Point start, Point plus, Point minus) {
        if (!figure.view().isEdgewise()) {
            double middle = Objects.requireNonNull(joints.get(Joint.PELVIS)).x();
            return Math.abs(plus.x() - middle) >= Math.abs(minus.x() - middle);
        }
        double apart = (plus.x() - minus.x()) * figure.view().forward();
        boolean upright = Math.abs(apart) < 1e-6;
        if (upright) return part.isLeg() ? plus.y() > minus.y() : plus.y() < minus.y();
        return part.isLeg() ? apart > 0 : apart < 0;
    }

    private Point held(Part part, Limb.Reaching reach) {
        Joint to = reach.onto();
        if (to == null) return new Point(reach.x(), reach.y());
        Point onto = joints.get(to);
        if (onto == null) {
            problem(part.word() + " reaches for " + to.word() + ", which waits for it");
            onto = Objects.requireNonNull(joints.get(Joint.PELVIS));
        }
        return onto.plus(reach.x(), reach.y());
    }

    private Point onFloor(Part part, Limb.Reaching reach, Segment end) {
        double tip = part.endBone().length() * end.shown() * Math.sin(Math.toRadians(end.degrees()));
        double low;
        if (part.isLeg()) {
            double heel = -2.2 * end.shown() * Math.sin(Math.toRadians(end.degrees()));
            double flat = Math.abs(Math.cos(Math.toRadians(end.degrees())));
            low = Math.min(heel - 1.5 * flat - Bone.FOOT.startRadius(), tip - 2.2 * flat - Bone.FOOT.endRadius());
        } else {
            low = Math.min(-Bone.HAND.startRadius(), tip - Bone.HAND.endRadius());
        }
        return new Point(reach.x(), reach.y() - low);
    }
}
