package gurukram.core.room;

import gurukram.core.pose.Complexity;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** Which way a teacher stands to show a pose: so that people see what the figure shows. */
public final class Demonstrated {
    private final Set<String> seen = new HashSet<>();
    private final Function<String, Pose> poses;

    private Demonstrated(Function<String, Pose> poses) {
        this.poses = poses;
    }

    /** In a few words for each moment; empty where nothing has to be shown. */
    public static List<String> of(List<Moment> moments, Function<String, Pose> poses) {
        Demonstrated demonstrated = new Demonstrated(poses);
        return moments.stream().map(demonstrated::words).toList();
    }

    /** Where something is shown, and the first time of a pose that is not simple to get into; empty elsewhere. */
    private String words(Moment moment) {
        if (moment.pose() == null || moment.kind() == Moment.Kind.PAUSE) return "";
        Pose pose = poses.apply(moment.pose());
        boolean first = seen.add(pose.id());
        boolean shown = moment.kind() == Moment.Kind.DEMONSTRATION || moment.kind() == Moment.Kind.SHOWN;
        boolean complex = first && pose.complexity().compareTo(Complexity.COMPLEX) >= 0;
        return shown || complex ? words(pose, moment.side() != null) : "";
    }

    private static String words(Pose pose, boolean sided) {
        return switch (pose.figure().view()) {
            case SIDE, LEFT_SIDE -> "show it side-on to them";
            case FRONT -> sided ? "show it facing them, the other side of yours" : "show it facing them";
            case BACK -> "show it with your back to them, the same side as theirs";
            case ABOVE -> "show it lying across, your length before their eyes";
        };
    }
}
