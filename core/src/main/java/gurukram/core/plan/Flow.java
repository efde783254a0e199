package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Required;
import gurukram.core.plan.settings.Tags;
import gurukram.core.plan.settings.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Steps repeated for rounds, on both sides or not.
 *
 * @param tags what it is good for, as a phrase that can be used again
 * @param links inserts at the end of passes; they stand behind the steps
 */
public record Flow(
        NodeId id, FlowSettings settings, List<Step> steps, List<Link> links, Texts texts, Marks marks, Tags tags)
        implements Item {
    public Flow {
        Required.of(id, "the id of a flow");
        Required.of(settings, "the settings of a flow");
        steps = steps == null ? List.of() : List.copyOf(steps);
        links = links == null ? List.of() : List.copyOf(links);
        texts = texts == null ? Texts.NONE : texts;
        marks = marks == null ? Marks.NONE : marks;
        tags = tags == null ? Tags.NONE : tags;
    }

    public Flow(NodeId id, FlowSettings settings, List<Step> steps) {
        this(id, settings, steps, List.of(), Texts.NONE, Marks.NONE, Tags.NONE);
    }

    public static Flow of(NodeId id, FlowSettings settings, Step... steps) {
        return new Flow(id, settings, List.of(steps));
    }

    public Flow with(FlowSettings other) {
        return new Flow(id, other, steps, links, texts, marks, tags);
    }

    public Flow with(Link... others) {
        return new Flow(id, settings, steps, List.of(others), texts, marks, tags);
    }

    public Flow with(Texts other) {
        return new Flow(id, settings, steps, links, other, marks, tags);
    }

    public Flow with(Marks other) {
        return new Flow(id, settings, steps, links, texts, other, tags);
    }

    public Flow with(Tags other) {
        return new Flow(id, settings, steps, links, texts, marks, other);
    }

    /** Its steps as they go on behind another: where people are in its first pose already, without that. */
    public List<Step> stepsBehind(@Nullable Step before) {
        boolean there = before != null
                && !steps.isEmpty()
                && Objects.equals(before.pose(), steps.get(0).pose())
                && before.dose().equals(steps.get(0).dose())
                && before.sides().equals(steps.get(0).sides());
        return there ? steps.subList(1, steps.size()) : steps;
    }

    @Override
    public Flow named(NodeId other) {
        return new Flow(other, settings, steps, links, texts, marks, tags);
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
        return new Flow(id, settings, steps(others), ends, texts, marks, tags);
    }

    static List<Step> steps(List<? extends Node> nodes) {
        return nodes.stream().map(Flow::step).toList();
    }

    private static Step step(Node node) {
        if (node instanceof Step step) return step;
        throw new IllegalArgumentException("only steps and links can stand in a flow");
    }
}
