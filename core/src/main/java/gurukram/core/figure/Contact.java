package gurukram.core.figure;

import java.util.List;

/** How far a place of a posed body is from what it lies on, flesh to flesh, in figure units (hundredths of the body's height). */
public final class Contact {
    private Contact() {}

    /** Below zero it sinks in; {@link Double#POSITIVE_INFINITY} where the figure has no such thing. */
    public static double gap(Skeleton body, Touch touch) {
        Point at = body.at(touch.spot());
        if (touch.thing() != null) {
            DrawnProp.Kind kind = touch.thing();
            return body.figure().props().stream()
                    .filter(prop -> prop.kind() == kind)
                    .mapToDouble(prop -> toProp(prop, at) - flesh(touch.spot()))
                    .min()
                    .orElse(Double.POSITIVE_INFINITY);
        }
        if (touch.part() != null) return toPart(body, touch.part(), at) - flesh(touch.spot());
        if (touch.joint() != null)
            return at.distance(body.at(touch.joint())) - flesh(touch.spot()) - flesh(touch.joint());
        return overFloor(body, touch.spot());
    }

    private static double overFloor(Skeleton body, Joint spot) {
        return switch (spot) {
            case WRIST -> body.limb(Part.ARM).lowest();
            case WRIST2 -> body.limb(Part.ARM2).lowest();
            case ANKLE -> body.limb(Part.LEG).lowest();
            case ANKLE2 -> body.limb(Part.LEG2).lowest();
            case HEAD -> body.head().y() - headUnder(body.figure().head());
            default -> body.at(spot).y() - flesh(spot);
        };
    }

    /** How far the head reaches under its middle, with the crown in this direction. */
    private static double headUnder(double crown) {
        double radians = Math.toRadians(crown);
        return Math.hypot(Skeleton.HEAD_HEIGHT * Math.sin(radians), Skeleton.HEAD_WIDTH * Math.cos(radians));
    }

    private static double toProp(DrawnProp prop, Point at) {
        if (prop.kind() == DrawnProp.Kind.WALL) return Math.abs(at.x() - prop.x());
        double dx = Math.max(0, Math.abs(at.x() - prop.x()) - prop.width() / 2);
        double above = Math.max(at.y() - prop.y() - prop.height(), prop.y() - at.y());
        return Math.hypot(dx, Math.max(0, above));
    }

    private static double toPart(Skeleton body, Part part, Point at) {
        if (part == Part.HEAD) return at.distance(body.head()) - (Skeleton.HEAD_HEIGHT + Skeleton.HEAD_WIDTH) / 2;
        if (part == Part.TORSO) {
            double nearest = Double.POSITIVE_INFINITY;
            List<Point> spine = body.spine();
            for (int i = 1; i < spine.size(); i++)
                nearest = Math.min(nearest, toLine(spine.get(i - 1), spine.get(i), at));
            return nearest - Bone.SPINE.endRadius();
        }
        Skeleton.Posed limb = body.limb(part);
        double upper = toLine(limb.start(), limb.middle(), at) - mean(part.upperBone());
        double lower = toLine(limb.middle(), limb.end(), at) - mean(part.lowerBone());
        return Math.min(upper, lower);
    }

    private static double mean(Bone bone) {
        return (bone.startRadius() + bone.endRadius()) / 2;
    }

    private static double toLine(Point from, Point to, Point at) {
        double length = from.distance(to);
        if (length == 0) return at.distance(from);
        double along = ((at.x() - from.x()) * (to.x() - from.x()) + (at.y() - from.y()) * (to.y() - from.y()))
                / (length * length);
        return at.distance(from.between(to, Math.max(0, Math.min(1, along))));
    }

    private static double flesh(Joint joint) {
        return switch (joint) {
            case PELVIS -> Bone.SPINE.startRadius();
            case CHEST -> Bone.SPINE.endRadius();
            case HEAD -> (Skeleton.HEAD_HEIGHT + Skeleton.HEAD_WIDTH) / 2;
            case SHOULDER, SHOULDER2 -> Bone.UPPER_ARM.startRadius();
            case ELBOW, ELBOW2 -> Bone.FOREARM.startRadius();
            case WRIST, WRIST2 -> Bone.HAND.startRadius();
            case FINGERS, FINGERS2 -> Bone.HAND.endRadius();
            case HIP, HIP2 -> Bone.THIGH.startRadius();
            case THIGH, THIGH2 -> mean(Bone.THIGH);
            case KNEE, KNEE2 -> Bone.SHIN.startRadius();
            case SHIN, SHIN2 -> mean(Bone.SHIN);
            case ANKLE, ANKLE2 -> Bone.FOOT.startRadius();
            case TOES, TOES2 -> Bone.FOOT.endRadius();
        };
    }
}
