package gurukram.core.catalogue.rules;

import gurukram.core.body.Base;
import gurukram.core.figure.Contact;
import gurukram.core.figure.DrawnProp;
import gurukram.core.figure.Joint;
import gurukram.core.figure.Poser;
import gurukram.core.figure.Skeleton;
import gurukram.core.figure.Touch;
import gurukram.core.figure.Viewpoint;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Pose;
import java.util.List;
import java.util.Map;

/** Every figure can be posed as asked, stands on its mat and stays on it. */
final class FigureRules {
    /** One hundredth of the body's height. */
    private static final double TOUCH = 1;

    /** Half a mat and a little more, in figure units. */
    private static final double REACH = 85;

    /** Farther than this from what it lies on, a part seems to float: 1.5 hundredths of the body's height. */
    private static final double NEAR = 1.5;

    /** What a mechanism puts down: one of these at least lies on the floor or on a thing. */
    private static final Map<Mechanism, List<Joint>> DOWN = Map.of(
            Mechanism.FOREARMS, List.of(Joint.ELBOW, Joint.ELBOW2),
            Mechanism.HANDS_PART, List.of(Joint.WRIST, Joint.WRIST2),
            Mechanism.HANDS_STRONG, List.of(Joint.WRIST, Joint.WRIST2),
            Mechanism.HANDS_WHOLE, List.of(Joint.WRIST, Joint.WRIST2),
            Mechanism.KNEEL, List.of(Joint.KNEE, Joint.KNEE2));

    private FigureRules() {}

    /** Figures that can be drawn, and in which what touches touches. */
    static void check(Entries draft) {
        drawable(draft);
        for (Pose pose : draft.poses()) {
            Skeleton body = Poser.pose(pose.figure());
            for (Touch touch : pose.figure().touches()) touches(draft, pose, body, touch);
            if (pose.figure().view() == Viewpoint.ABOVE) continue;
            DOWN.forEach((what, spots) -> {
                if (pose.facts().has(what)) down(draft, pose, body, what, spots);
            });
            if (pose.base() == Base.INVERTED && pose.facts().has(Mechanism.WEIGHT_HEAD))
                down(draft, pose, body, Mechanism.WEIGHT_HEAD, List.of(Joint.HEAD));
        }
    }

    /** Figures that can be drawn at all: what a teacher moves by hand may float a little. */
    static void drawable(Entries draft) {
        for (Pose pose : draft.poses()) {
            Skeleton body = Poser.pose(pose.figure());
            body.problems().forEach(what -> draft.problem(pose, "figure", "figure: " + what));
            if (pose.figure().view() == Viewpoint.ABOVE) continue;
            double lowest = body.lowest();
            if (lowest > TOUCH) draft.problem(pose, "figure", "figure: floats %.1f over the mat".formatted(lowest));
            if (lowest < -TOUCH) draft.problem(pose, "figure", "figure: sinks %.1f into the mat".formatted(-lowest));
            body.joints().forEach((joint, at) -> {
                if (Math.abs(at.x()) > REACH) {
                    draft.problem(pose, "figure", "figure: the " + joint.word() + " leaves the mat");
                }
            });
        }
    }

    private static void touches(Entries draft, Pose pose, Skeleton body, Touch touch) {
        double gap = Contact.gap(body, touch);
        boolean floor = touch.thing() == null && touch.part() == null && touch.joint() == null;
        if (gap > NEAR || floor && gap < -NEAR)
            draft.problem(pose, "figure", "figure: %s, but is %.1f away".formatted(touch, gap));
    }

    private static void down(Entries draft, Pose pose, Skeleton body, Mechanism what, List<Joint> spots) {
        double nearest = spots.stream()
                .mapToDouble(spot -> nearestSupport(body, spot))
                .min()
                .orElseThrow();
        if (nearest > NEAR)
            draft.problem(
                    pose,
                    "figure",
                    "figure: %s, but %s is %.1f over what it lies on"
                            .formatted(what.word(), spots.get(0).word(), nearest));
    }

    private static double nearestSupport(Skeleton body, Joint spot) {
        double nearest = Math.abs(Contact.gap(body, Touch.floor(spot)));
        for (DrawnProp prop : body.figure().props())
            nearest = Math.min(nearest, Contact.gap(body, new Touch(spot, prop.kind(), null, null)));
        return nearest;
    }
}
