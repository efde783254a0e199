package gurukram.core.compose.brief;

import java.util.List;
import java.util.Set;

/**
 * A class that was taught.
 *
 * @param daysAgo before the class that is drafted
 * @param mainFlow the poses of its main flow in order, by id; empty when it had none
 * @param poses every pose in it
 */
public record Taught(int daysAgo, List<String> mainFlow, Set<String> poses) {
    /** A main flow does not come again within three weeks. */
    public static final int DAYS_APART = 21;

    public Taught {
        mainFlow = List.copyOf(mainFlow);
        poses = Set.copyOf(poses);
    }
}
