package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Required;
import java.util.List;

/**
 * An insert at the end of a pass (lower, lift, back): it belongs to the pass it follows, the last pass included.
 *
 * @param when the passes that have it
 * @param replacesLast whether it stands in place of the pass's last movement, or follows it
 * @param marks an optional link may be left out when time runs short
 */
public record Link(NodeId id, When when, boolean replacesLast, List<Step> steps, Marks marks) implements Node {
    public Link {
        Required.of(id, "the id of a link");
        when = when == null ? When.ALWAYS : when;
        steps = steps == null ? List.of() : List.copyOf(steps);
        marks = marks == null ? Marks.NONE : marks;
    }

    public static Link of(NodeId id, When when, boolean replacesLast, Step... steps) {
        return new Link(id, when, replacesLast, List.of(steps), Marks.NONE);
    }

    public Link with(Marks other) {
        return new Link(id, when, replacesLast, steps, other);
    }

    @Override
    public Link named(NodeId other) {
        return new Link(other, when, replacesLast, steps, marks);
    }

    @Override
    @JsonIgnore
    public List<Step> children() {
        return steps;
    }

    @Override
    public Link withChildren(List<? extends Node> children) {
        return new Link(id, when, replacesLast, Flow.steps(children), marks);
    }
}
