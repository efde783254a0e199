package gurukram.core.figure;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A posed skeleton: where everything is.
 *
 * @param spine points from the pelvis to the neck, evenly spaced
 * @param neck where the head begins
 * @param head middle of the head
 * @param joints every joint
 * @param limbs the bones of every limb, as posed
 * @param problems what could not be posed as asked, in words; empty when all is well
 */
public record Skeleton(
        Figure figure,
        List<Point> spine,
        Point neck,
        Point head,
        Map<Joint, Point> joints,
        Map<Part, Posed> limbs,
        List<String> problems) {
    /** Half height and half width of the head, in figure units. */
    public static final double HEAD_HEIGHT = 6.8;

    public static final double HEAD_WIDTH = 5.5;

    /**
     * A limb as posed.
     *
     * @param heel back of the foot; null for arms
     */
    public record Posed(
            Point start, Point middle, Point end, @Nullable Point heel, Point tip, Limb.Bent angles) {
        /** The lowest point of the hand or foot's flesh, in figure units over the floor. */
        public double lowest() {
            double tipLow = tip.y() - (heel == null ? Bone.HAND : Bone.FOOT).endRadius();
            double endLow = heel == null ? end.y() - Bone.HAND.startRadius() : heel.y() - Bone.FOOT.startRadius();
            return Math.min(tipLow, endLow);
        }
    }

    public Skeleton {
        spine = List.copyOf(spine);
        joints = Collections.unmodifiableMap(new EnumMap<>(joints));
        limbs = Collections.unmodifiableMap(new EnumMap<>(limbs));
        problems = List.copyOf(problems);
    }

    public Point at(Joint joint) {
        return Objects.requireNonNull(joints.get(joint), joint::name);
    }

    public Posed limb(Part part) {
        return Objects.requireNonNull(limbs.get(part), part::name);
    }

    /** The lowest point of the whole body's flesh, in figure units over the floor. */
    public double lowest() {
        double lowest = head.y() - HEAD_WIDTH;
        for (int i = 0; i < spine.size(); i++)
            lowest = Math.min(lowest, spine.get(i).y() - torsoRadius(i));
        for (Posed limb : limbs.values()) {
            Bone middle = limb.heel() == null ? Bone.FOREARM : Bone.SHIN;
            lowest = Math.min(lowest, limb.middle().y() - middle.startRadius());
            lowest = Math.min(lowest, limb.end().y() - middle.endRadius());
            lowest = Math.min(lowest, limb.lowest());
        }
        return lowest;
    }

    private double torsoRadius(int i) {
        double along = (double) i / (spine.size() - 1);
        return Bone.SPINE.startRadius() * (1 - along) + Bone.SPINE.endRadius() * along;
    }
}
