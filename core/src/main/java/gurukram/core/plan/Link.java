package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/**
 * An insert at the end of a pass (lower, lift, back): it belongs to the pass it follows, the last pass included.
 *
 * @param when the passes that have it
 * @param replacesLast whether it stands in place of the pass's last movement, or follows it
 */
public record Link(NodeId id, When when, boolean replacesLast, List<Step> steps) implements Node {
    public Link {
        steps = List.copyOf(steps);
    }

    @Override
    @JsonIgnore
    public List<Step> children() {
        return steps;
    }

    @Override
    public Link withChildren(List<? extends Node> children) {
        return new Link(id, when, replacesLast, Flow.steps(children));
    }
}
