package gurukram.web.plans.text;

import gurukram.core.notation.Located;
import gurukram.core.notation.NotationWriter;
import gurukram.core.notation.Reading;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.drawing.Figures;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.edit.PastedText;
import gurukram.web.plans.edit.Spot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Scribbled notes, read line by line: what was understood, and what needs a choice.
 *
 * @param at the node they will come after
 * @param where the same in words
 * @param open how many lines need a choice
 * @param notice what else is wrong; empty when nothing
 */
public record NotesPage(
        String id,
        String title,
        int version,
        String at,
        String where,
        String text,
        List<Line> lines,
        int open,
        String notice) {
    /**
     * @param number of the line, from 1
     * @param figure address of the figure of the pose it names; empty when it names none
     * @param understood what was made of it; empty when nothing was
     * @param fault why not; empty when it was understood
     * @param choices whole lines that could stand in its place
     * @param remark what was taken where the name might have meant another pose; empty where it is clear
     */
    public record Line(
            int number,
            String typed,
            String figure,
            String understood,
            String fault,
            List<Choice> choices,
            String remark) {}

    /** @param figure address of the figure of the pose it would be; may be empty */
    public record Choice(String line, String figure) {}

    static NotesPage of(
            StoredClass stored,
            int version,
            String at,
            String text,
            PastedText read,
            PoseCatalogue catalogue,
            String notice) {
        NotationWriter writer = new NotationWriter(catalogue);
        String[] typed = text.split("\\R", -1);
        Map<NodeId, Node> nodes = new HashMap<>();
        read.plan().walk(node -> nodes.put(node.id(), node));
        List<Line> lines = new ArrayList<>();
        for (Reading.ReadLine line : read.reading().lines()) {
            String own = line.number() <= typed.length ? typed[line.number() - 1].strip() : "";
            lines.add(line(line, own, nodes, writer, catalogue));
        }
        int open = (int) lines.stream().filter(line -> !line.fault().isEmpty()).count();
        return new NotesPage(
                stored.id().toString(),
                stored.plan().settings().title(),
                version,
                at,
                where(stored.plan(), at, catalogue),
                text,
                lines,
                open,
                notice);
    }

    private static Line line(
            Reading.ReadLine line,
            String typed,
            Map<NodeId, Node> nodes,
            NotationWriter writer,
            PoseCatalogue catalogue) {
        Located problem = line.problem();
        if (problem != null) {
            List<Choice> choices = problem.problem().offers().stream()
                    .map(offer -> new Choice(offer, figure(offer.split(",")[0], catalogue)))
                    .toList();
            return new Line(line.number(), typed, "", "", problem.problem().toString(), choices, "");
        }
        Node node = nodes.get(line.node());
        boolean mark = typed.startsWith("-");
        String understood = node == null || mark
                ? typed
                : writer.write(node).lines().findFirst().orElse(typed).strip();
        String figure = node instanceof Step step && step.pose() != null && !mark
                ? Figures.small(catalogue.pose(step.pose()), null)
                : "";
        String remark = line.remark() == null ? "" : line.remark().toString();
        return new Line(line.number(), typed, figure, understood, "", List.of(), remark);
    }

    private static String figure(String name, PoseCatalogue catalogue) {
        return catalogue.named(name).map(pose -> Figures.small(pose, null)).orElse("");
    }

    private static String where(ClassPlan plan, String at, PoseCatalogue catalogue) {
        Node node = Spot.marked(plan, at);
        if (node instanceof Section section) return "into " + section.title();
        if (node instanceof Step step && step.pose() != null)
            return "after " + catalogue.pose(step.pose()).name();
        return node == null ? "at the end" : "after what is marked";
    }

    /** The text behind the line break that a text box swallows. */
    public String boxed() {
        return "\n" + text;
    }

    public int rows() {
        return Math.max(12, (int) text.lines().count() + 2);
    }

    public String summary() {
        if (lines.isEmpty()) return "Paste or type your notes, a pose or a heading a line.";
        if (open == 0) return "Every line is clear.";
        return open == 1 ? "One line needs a choice." : open + " lines need a choice.";
    }
}
