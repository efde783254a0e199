package gurukram.web.plans.edit;

import gurukram.core.notation.Located;
import gurukram.core.notation.NamedFlows;
import gurukram.core.notation.NodeText;
import gurukram.core.notation.NotationReader;
import gurukram.core.notation.NotationWriter;
import gurukram.core.notation.Reading;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * Parts of a class as text, on their way out of it and back in. Steps of a flow are written as they stand in it; read where
 * there is no flow they become one.
 *
 * @param items what stands before the first heading, to go where the text is put
 * @param sections the sections it begins itself
 * @param reading the text as it was read, its lines numbered as they are typed
 */
public record PastedText(List<Item> items, List<Section> sections, Reading reading) {
    private static final String HEADING = "standing:\n";
    private static final String NEW_FLOW = "flow, 1 round, both sides\n";

    /** The parts as text. */
    public static String write(List<Node> nodes, PoseCatalogue catalogue) {
        NotationWriter writer = new NotationWriter(catalogue);
        StringBuilder text = new StringBuilder();
        nodes.forEach(node -> text.append(writer.write(node).stripTrailing()).append('\n'));
        return text.toString();
    }

    /** @param flow the flow the text is put into; null outside flows */
    public static PastedText read(
            String text, Flow flow, PoseCatalogue catalogue, NamedFlows named, Supplier<NodeId> ids) {
        NotationReader reader = new NotationReader(catalogue, ids, named);
        if (flow != null) {
            String line = new NodeText(catalogue, ids).line(flow) + "\n";
            PastedText inside = inFlow(text, line, reader);
            if (inside != null) return inside;
        }
        PastedText plain = plain(text, reader);
        if (plain.isClear() || flow != null) return plain;
        PastedText asFlow = inFlow(text, NEW_FLOW, reader);
        if (asFlow == null) return plain;
        Flow made = Flow.of(ids.get(), FlowSettings.of(1), asFlow.steps().toArray(Step[]::new));
        return new PastedText(List.of(made), List.of(), asFlow.reading());
    }

    /** Null when it is more, or less, than steps of a flow. */
    private static PastedText inFlow(String text, String flowLine, NotationReader reader) {
        String indented = text.indent(2).stripTrailing() + "\n";
        Reading reading = reader.read(HEADING + flowLine + indented);
        List<Section> sections = reading.plan().sections();
        boolean oneFlow = reading.problems().isEmpty()
                && sections.size() == 1
                && sections.get(0).items().size() == 1
                && sections.get(0).items().get(0) instanceof Flow read
                && read.links().isEmpty();
        if (!oneFlow) return null;
        Flow read = (Flow) sections.get(0).items().get(0);
        return new PastedText(List.copyOf(read.steps()), List.of(), shifted(reading, 2));
    }

    private static PastedText plain(String text, NotationReader reader) {
        boolean whole = text.stripLeading().toLowerCase().startsWith("class:");
        Reading reading = reader.read(whole ? text : HEADING + text);
        List<Section> sections = new ArrayList<>(reading.plan().sections());
        if (whole) return new PastedText(List.of(), sections, reading);
        List<Item> items = sections.isEmpty() ? List.of() : sections.remove(0).items();
        return new PastedText(items, sections, shifted(reading, 1));
    }

    private static Reading shifted(Reading reading, int by) {
        List<Reading.ReadLine> lines = new ArrayList<>();
        for (Reading.ReadLine line : reading.lines()) {
            if (line.number() <= by) continue;
            Located at = line.problem();
            Located problem = at == null ? null : new Located(at.line() - by, at.span(), at.problem());
            lines.add(new Reading.ReadLine(line.number() - by, line.node(), problem, line.remark()));
        }
        return new Reading(reading.plan(), lines);
    }

    public boolean isClear() {
        return reading.problems().isEmpty();
    }

    private List<Step> steps() {
        return items.stream().map(Step.class::cast).toList();
    }

    /** All that was read, as a plan of its own. */
    public ClassPlan plan() {
        return reading.plan();
    }
}
