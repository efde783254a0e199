package gurukram.core.notation;

import gurukram.core.notation.line.FlowLine;
import gurukram.core.notation.line.HeaderLine;
import gurukram.core.notation.line.LayerLine;
import gurukram.core.notation.line.LinkLine;
import gurukram.core.notation.line.SectionLine;
import gurukram.core.notation.line.StepLine;
import gurukram.core.notation.line.TagLine;
import gurukram.core.notation.words.MannerWords;
import gurukram.core.notation.words.MarkWords;
import gurukram.core.notation.words.SchoolWords;
import gurukram.core.notation.words.SectionWords;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.PoseCatalogue;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Writes a plan as text in its one canonical form; {@link NotationReader} makes the same plan of it, but for the names of its nodes. */
public final class NotationWriter {
    private final StepLine steps;
    private final LayerLine layers;
    private final HeaderLine header;
    private final TagLine tags;

    public NotationWriter(PoseCatalogue catalogue) {
        this.steps = new StepLine(catalogue);
        this.layers = new LayerLine(steps, NodeNames.numbers());
        this.header = new HeaderLine(catalogue);
        this.tags = new TagLine(catalogue);
    }

    public String write(ClassPlan plan) {
        StringBuilder out = new StringBuilder();
        out.append("class: ").append(plan.settings().title()).append('\n');
        marked(out, "", header.write(plan.settings()));
        for (Section section : plan.sections()) {
            out.append('\n');
            node(out, section, "");
        }
        return out.toString();
    }

    /** One part of a class, without what the class says about itself. */
    public String write(Node node) {
        StringBuilder out = new StringBuilder();
        node(out, node, "");
        return out.toString();
    }

    /** The lines of a step or a flow by itself, without the steps of the flow: the first says what it is. */
    public List<String> lines(Item item) {
        Node alone = item instanceof Flow flow ? flow.withChildren(List.of()) : item;
        return write(alone)
                .lines()
                .map(String::strip)
                .filter(line -> !line.equals("end flow"))
                .toList();
    }

    /** One layer in words, as it stands under its step. */
    public String words(Layer layer) {
        return layers.write(layer);
    }

    /** How a step is done, what is noted at it and what its layers change, in one text. */
    public String noteAndLayers(Step step) {
        Stream<String> note = Stream.of(step.note()).filter(words -> !words.isEmpty());
        Stream<String> manner = MannerWords.write(step.manner()).stream();
        return Stream.of(manner, note, step.layers().stream().map(this::words))
                .flatMap(words -> words)
                .collect(Collectors.joining("; "));
    }

    private void node(StringBuilder out, Node node, String indent) {
        if (node instanceof Section section) section(out, section);
        else if (node instanceof Flow flow) flow(out, flow, indent);
        else if (node instanceof Link link) link(out, link, indent);
        else if (node instanceof Layer layer) layer(out, layer, indent);
        else step(out, (Step) node, indent);
    }

    private void section(StringBuilder out, Section section) {
        line(out, "", SectionLine.write(section));
        marked(out, "", SectionWords.write(section));
        marked(out, "", MarkWords.write(section.marks()));
        marked(out, "", MarkWords.write(section.texts()));
        for (Item item : section.items()) node(out, item, "");
    }

    private void flow(StringBuilder out, Flow flow, String indent) {
        line(out, indent, FlowLine.write(flow.settings()));
        School school = flow.settings().school();
        if (!school.equals(School.UNSET)) marked(out, indent, List.of("school: " + SchoolWords.write(school)));
        marked(out, indent, tags.write(flow.tags()));
        marked(out, indent, MarkWords.write(flow.marks()));
        marked(out, indent, MarkWords.write(flow.texts()));
        for (Node child : flow.children()) node(out, child, indent + "  ");
        line(out, indent, "end flow");
    }

    private void link(StringBuilder out, Link link, String indent) {
        line(out, indent, LinkLine.write(link));
        marked(out, indent, MarkWords.write(link.marks()));
        for (Step step : link.steps()) step(out, step, indent + "  ");
        line(out, indent, "end link");
    }

    private void step(StringBuilder out, Step step, String indent) {
        line(out, indent, steps.write(step));
        marked(out, indent, MarkWords.write(step));
        for (Layer layer : step.layers()) layer(out, layer, indent);
    }

    private void layer(StringBuilder out, Layer layer, String indent) {
        line(out, indent, "- " + layers.write(layer));
        Step inserted = layer.inserted();
        if (inserted == null) return;
        for (String words : MarkWords.write(inserted)) line(out, indent, "-- " + words);
        for (Layer own : inserted.layers()) line(out, indent, "-- " + layers.write(own));
    }

    private static void marked(StringBuilder out, String indent, List<String> lines) {
        for (String words : lines) line(out, indent, "- " + words);
    }

    private static void line(StringBuilder out, String indent, String words) {
        out.append(indent).append(words).append('\n');
    }
}
