package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Required;
import gurukram.core.plan.settings.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * Steps repeated for rounds, on both sides or not.
 *
 * @param links inserts at the end of passes; they stand behind the steps
 */
public record Flow(NodeId id, FlowSettings settings, List<Step> steps, List<Link> links, Texts texts, Marks marks)
        implements Item {
    public Flow {
        Required.of(id, "the id of a flow");
        Required.of(settings, "the settings of a flow");
        steps = steps == null ? List.of() : List.copyOf(steps);
        links = links == null ? List.of() : List.copyOf(links);
        texts = texts == null ? Texts.NONE : texts;
        marks = marks == null ? Marks.NONE : marks;
    }

    public Flow(NodeId id, FlowSettings settings, List<Step> steps) {
        this(id, settings, steps, List.of(), Texts.NONE, Marks.NONE);
    }

    public static Flow of(NodeId id, FlowSettings settings, Step... steps) {
        return new Flow(id, settings, List.of(steps));
    }

    public Flow with(FlowSettings other) {
        return new Flow(id, other, steps, links, texts, marks);
    }

    public Flow with(Link... others) {
        return new Flow(id, settings, steps, List.of(others), texts, marks);
    }

    public Flow with(Texts other) {
        return new Flow(id, settings, steps, links, other, marks);
    }

    public Flow with(Marks other) {
        return new Flow(id, settings, steps, links, texts, other);
    }

    @Override
    public Flow named(NodeId other) {
        return new Flow(other, settings, steps, links, texts, marks);
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
        return new Flow(id, settings, steps(others), ends, texts, marks);
    }

    static List<Step> steps(List<? extends Node> nodes) {
        return nodes.stream().map(Flow::step).toList();
    }

    private static Step step(Node node) {
        if (node instanceof Step step) return step;
        throw new IllegalArgumentException("only steps and links can stand in a flow");
    }
}
