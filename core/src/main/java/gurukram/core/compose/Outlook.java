package gurukram.core.compose;

import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.idea.Concept;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a brief will come to, before anything is drafted.
 *
 * @param goal where it leads; null when nothing on the way is possible, or it leads nowhere in particular
 * @param stops what stands against the rungs above the goal, the highest first: whole sentences
 * @param ideas the ideas a class can have, the best first
 */
public record Outlook(@Nullable Goal goal, List<String> stops, List<Concept> ideas) {
    public Outlook {
        stops = List.copyOf(stops);
        ideas = List.copyOf(ideas);
    }
}
