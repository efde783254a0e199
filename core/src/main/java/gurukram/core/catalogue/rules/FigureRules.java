package gurukram.core.catalogue.rules;

import gurukram.core.figure.Poser;
import gurukram.core.figure.Skeleton;
import gurukram.core.figure.Viewpoint;
import gurukram.core.pose.Pose;

/** Every figure can be posed as asked, stands on its mat and stays on it. */
final class FigureRules {
    /** One hundredth of the body's height. */
    private static final double TOUCH = 1;

    /** Half a mat and a little more, in figure units. */
    private static final double REACH = 85;

    private FigureRules() {}

    static void check(Entries draft) {
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
}
