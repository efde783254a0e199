package gurukram.core.notation;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.SameNodes;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * One step or flow as text that can be changed where it stands: its own line, and the marked lines under it (marks, timing,
 * props, layers, words to say), one a line without their dashes. A step's note is a field of its own and not among them.
 */
public final class NodeText {
    private final PoseCatalogue catalogue;
    private final NotationWriter writer;
    private final Supplier<NodeId> ids;

    /** @param ids names for layers that were not there before */
    public NodeText(PoseCatalogue catalogue, Supplier<NodeId> ids) {
        this.catalogue = catalogue;
        this.writer = new NotationWriter(catalogue);
        this.ids = ids;
    }

    /** The line of the node itself. */
    public String line(Node node) {
        return writer.write(node).lines().findFirst().orElse("");
    }

    /** The marked lines under it. */
    public String lines(Node node) {
        return marked(node).stream()
                .map(line -> line.startsWith("- ") ? line.substring(2) : line)
                .collect(Collectors.joining("\n"));
    }

    private List<String> marked(Node node) {
        Node alone = node instanceof Flow ? node.withChildren(List.of()) : withoutNote(node);
        return writer.write(alone)
                .lines()
                .skip(1)
                .map(String::strip)
                .filter(line -> line.startsWith("-"))
                .toList();
    }

    private static Node withoutNote(Node node) {
        return node instanceof Step step ? step.withNote("") : node;
    }

    /** The node with another line of its own; {@link Refused} when it is not understood. */
    public Node withLine(Node node, Flow around, String typed) {
        return read(node, around, typed.strip(), marked(node));
    }

    /** The node with other lines under it; a line may have its dash or not. */
    public Node withLines(Node node, Flow around, String typed) {
        List<String> lines = typed.lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .map(line -> line.startsWith("-") ? line : "- " + line)
                .toList();
        return read(node, around, line(node), lines);
    }

    /** A link read from its line, as it would stand in a flow; {@link Refused} when it is not understood. */
    public Link linkIn(Flow flow, String typed) {
        String text = "standing:\n" + line(flow) + "\nmountain, in\n" + typed + "\n";
        Reading reading = new NotationReader(catalogue, ids).read(text);
        if (!reading.problems().isEmpty())
            throw new Refused(reading.problems().get(0).problem());
        Flow read = (Flow) reading.plan().sections().get(0).items().get(0);
        if (read.links().size() != 1) throw new Refused("“" + typed + "” is no link.");
        return read.links().get(0);
    }

    private Node read(Node node, Flow around, String line, List<String> marked) {
        List<String> text = new ArrayList<>(List.of("standing:"));
        Node parent = node instanceof Step ? around : null;
        if (parent != null) text.add(line(parent));
        text.add(line);
        text.addAll(marked);
        Reading reading = new NotationReader(catalogue, ids).read(String.join("\n", text));
        for (Located problem : reading.problems()) throw located(problem, text.indexOf(line) + 1, marked.size());
        Node read = only(reading.plan().sections(), parent != null);
        if (read.getClass() != node.getClass()) throw new Refused("“" + line + "” is another kind of line.");
        return named(read, node);
    }

    private static Refused located(Located problem, int own, int marked) {
        boolean under = marked > 1 && problem.line() > own;
        String where = under ? "Line " + (problem.line() - own) + ": " : "";
        return new Refused(new Problem(
                where + problem.problem().what(),
                problem.problem().advice(),
                problem.problem().offers()));
    }

    private static Node only(List<Section> sections, boolean inFlow) {
        if (sections.size() == 1 && sections.get(0).items().size() == 1) {
            Node item = sections.get(0).items().get(0);
            if (!inFlow) return item;
            if (item.children().size() == 1) return item.children().get(0);
        }
        throw new Refused("That is more than one part of a class.");
    }

    /** The read node with the names the old one and its layers had; a flow keeps what stands in it. */
    private static Node named(Node read, Node before) {
        if (read instanceof Flow flow)
            return flow.withChildren(before.children()).named(before.id());
        Step step = (Step) read;
        if (step.note().isEmpty()) step = step.withNote(((Step) before).note());
        NodeId id = step.id();
        ClassPlan named = SameNodes.named(alone(step), alone((Step) before));
        return NodeNames.renamed(named.sections().get(0).items().get(0), name -> name.equals(id) ? before.id() : name);
    }

    private static ClassPlan alone(Step step) {
        ClassSettings settings = ClassSettings.of("One step", 60, Style.HATHA, Level.BEGINNER);
        return ClassPlan.of(settings, Section.of(new NodeId("alone"), SectionRole.STANDING, step));
    }
}
