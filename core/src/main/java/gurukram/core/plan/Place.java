package gurukram.core.plan;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Where a node stands: in a parent, after a sibling; {@code after} is null for the first. */
public record Place(NodeId parent, @Nullable NodeId after) {

    static Optional<Place> among(NodeId parent, List<? extends Node> siblings, NodeId id) {
        NodeId before = null;
        for (Node sibling : siblings) {
            if (sibling.id().equals(id)) return Optional.of(new Place(parent, before));
            before = sibling.id();
        }
        return Optional.empty();
    }
}
