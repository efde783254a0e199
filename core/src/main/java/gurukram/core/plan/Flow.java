package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.List;

/**
 * Steps repeated for rounds, on both sides or not.
 *
 * @param links inserts at the end of passes; they stand behind the steps
 */
public record Flow(NodeId id, FlowSettings settings, List<Step> steps, List<Link> links) implements Item {
    public Flow {
        steps = List.copyOf(steps);
        links = links == null ? List.of() : List.copyOf(links);
    }

    public Flow(NodeId id, FlowSettings settings, List<Step> steps) {
        this(id, settings, steps, List.of());
    }

    public static Flow of(NodeId id, FlowSettings settings, Step... steps) {
        return new Flow(id, settings, List.of(steps));
    }

    public Flow with(FlowSettings other) {
        return new Flow(id, other, steps, links);
    }

    public Flow with(Link... others) {
        return new Flow(id, settings, steps, List.of(others));
    }

    @Override
    @JsonIgnore
    public List<Node> children() {
        List<Node> children = new ArrayList<>(steps);
        children.addAll(links);
        return children;
    }

    /** Steps come before links, wherever they were put. */
    @Override
    public Flow withChildren(List<? extends Node> children) {
        List<Link> ends = new ArrayList<>();
        List<Node> others = new ArrayList<>();
        for (Node child : children) {
            if (child instanceof Link link) ends.add(link);
            else others.add(child);
        }
        return new Flow(id, settings, steps(others), ends);
    }

    static List<Step> steps(List<? extends Node> nodes) {
        return nodes.stream().map(Flow::step).toList();
    }

    private static Step step(Node node) {
        if (node instanceof Step step) return step;
        throw new IllegalArgumentException("only steps and links can stand in a flow");
    }
}
