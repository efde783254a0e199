package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/** Steps repeated for rounds, on both sides or not. */
public record Flow(NodeId id, FlowSettings settings, List<Step> steps) implements Item {
    public Flow {
        steps = List.copyOf(steps);
    }

    public static Flow of(NodeId id, FlowSettings settings, Step... steps) {
        return new Flow(id, settings, List.of(steps));
    }

    public Flow with(FlowSettings other) {
        return new Flow(id, other, steps);
    }

    @Override
    @JsonIgnore
    public List<Step> children() {
        return steps;
    }

    @Override
    public Flow withChildren(List<? extends Node> children) {
        return new Flow(id, settings, children.stream().map(Flow::step).toList());
    }

    private static Step step(Node node) {
        if (node instanceof Step step) return step;
        throw new IllegalArgumentException("only steps can stand in a flow");
    }
}
