package gurukram.core.compose.brief;

import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The pose a draft really leads to.
 *
 * @param asked the pose that was asked for; the same as {@code pose} when nothing stands against it
 * @param ladder the ladder it is reached by; null when it stands on none
 * @param rung where {@code pose} stands on it, from 1; 0 without a ladder
 * @param stops what stands against the rungs above, the highest first: whole sentences
 */
public record Goal(Pose asked, Pose pose, @Nullable Ladder ladder, int rung, List<String> stops) {
    public Goal {
        stops = List.copyOf(stops);
    }

    public boolean isAsAsked() {
        return asked.id().equals(pose.id());
    }
}
