package gurukram.core.notation;

import gurukram.core.notation.line.FlowLine;
import gurukram.core.notation.line.Line;
import gurukram.core.notation.line.LineContext;
import gurukram.core.notation.line.LinkLine;
import gurukram.core.notation.line.SectionLine;
import gurukram.core.notation.line.StepLine;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.NumberWords;
import gurukram.core.text.Refused;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Reads one typed line: {@code half pigeon, both, 8 breaths}; {@code flow, 3 rounds, both sides};
 * {@code warm-up: Ankles}; {@code end flow}.
 *
 * <p>Forgiving in form, strict in meaning: a line that is not wholly understood is {@link Refused} with the nearest
 * known names.
 */
public final class LineReader {

    private final PoseCatalogue catalogue;
    private final Supplier<NodeId> ids;
    private final StepLine steps;
    private final NamedFlows named;

    /** @param ids names for the steps of a list */
    public LineReader(PoseCatalogue catalogue, Supplier<NodeId> ids) {
        this(catalogue, ids, NamedFlows.ours());
    }

    /** @param named the flows that can be called by name */
    public LineReader(PoseCatalogue catalogue, Supplier<NodeId> ids, NamedFlows named) {
        this.named = named;
        this.catalogue = catalogue;
        this.ids = ids;
        this.steps = new StepLine(catalogue);
    }

    public Line read(String typed, LineContext context) {
        String line = NumberWords.inDigits(typed.strip());
        if (line.isEmpty()) throw new Refused("Type a pose, such as “half pigeon, both, 8 breaths”.");
        if (Line.endsLink(line)) return new Line.EndLink();
        if (Line.endsFlow(line)) return new Line.EndFlow();
        Optional<Line.AddSection> section = SectionLine.read(typed.strip());
        if (section.isPresent()) return section.get();
        Optional<Flow> list = new TwelvePositions(catalogue, ids).read(line, context.legs());
        if (list.isPresent()) return new Line.AddList(list.get(), false);
        Optional<FlowSettings> flow = FlowLine.read(line);
        if (flow.isPresent()) return new Line.AddFlow(flow.get());
        Optional<SectionRole> bareRole = SectionRole.named(line);
        if (bareRole.isPresent() && catalogue.named(line).isEmpty()) return new Line.AddSection(bareRole.get(), "");
        Optional<NamedFlows.Call> called = named.read(line, catalogue, ids);
        if (called.isPresent())
            return new Line.AddList(called.get().flow(), called.get().bare());
        Optional<LinkLine.Between> between = LinkLine.between(line, context.flow());
        if (between.isPresent())
            return new Line.AddBetween(
                    between.get().when(), steps.read(between.get().step(), context));
        return steps.read(line, context);
    }
}
