package gurukram.core.course;

import gurukram.core.compose.brief.Taught;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Node;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowPace;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.Rounds;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** The flow a class is known by, and how it grows. */
public final class MainFlow {
    private MainFlow() {}

    /** A flow and the part of the class it stands in. */
    public record At(SectionRole role, Flow flow) {}

    /** As {@link Taught#mainFlow} has it. */
    public static Optional<At> of(ClassPlan plan) {
        return Taught.mainFlow(plan)
                .map(flow -> plan.sections().stream()
                        .filter(section -> section.items().contains(flow))
                        .findFirst()
                        .map(section -> new At(section.role(), flow))
                        .orElseThrow());
    }

    /** The longest salutation; of equal ones the first. */
    public static Optional<At> salutation(ClassPlan plan) {
        At found = null;
        for (Section section : plan.sections()) {
            if (section.role() != SectionRole.SALUTATIONS) continue;
            for (Item item : section.items()) {
                boolean longer = item instanceof Flow flow
                        && (found == null
                                || flow.poses().size() > found.flow().poses().size());
                if (longer) found = new At(section.role(), (Flow) item);
            }
        }
        return Optional.ofNullable(found);
    }

    /** The same flow with so many rounds, in the mode and the independence of a lesson. */
    public static Flow grown(Flow flow, Cell cell, int rounds) {
        FlowPace plain = new FlowPace(flow.settings().pace().typed(), List.of(), List.of(), List.of());
        Flow grown = flow.with(flow.settings().with(plain).withRounds(rounds).withModes(runs(cell.mode(), rounds)));
        String note = cell.alone().note();
        return grown.with(grown.texts().withNote(noted(flow.texts().note(), note)));
    }

    /** Without what would only come in rounds the flow does not have; it comes back with them ({@link #whole}). */
    static Flow pruned(Flow flow) {
        int rounds = flow.settings().rounds();
        return flow.withChildren(flow.children().stream()
                .map(node -> node instanceof Step step
                        ? step.withLayers(step.layers().stream()
                                .filter(layer -> comes(layer, rounds))
                                .toList())
                        : node)
                .toList());
    }

    private static boolean comes(Layer layer, int rounds) {
        Rounds when = layer.when().rounds();
        if (when == null) return true;
        for (int round = 1; round <= rounds; round++) if (when.has(round, rounds)) return true;
        return false;
    }

    /** A flow as it is now, with the layers it had when it was whole and that only wait for more rounds. */
    static Flow whole(Flow now, Flow whole) {
        if (now.steps().size() != whole.steps().size()) return now;
        int rounds = now.settings().rounds();
        List<Node> children = new ArrayList<>(now.children());
        for (int i = 0; i < now.steps().size(); i++) {
            Step step = now.steps().get(i);
            Step before = whole.steps().get(i);
            if (!Objects.equals(step.pose(), before.pose())) continue;
            List<Layer> layers = new ArrayList<>(step.layers());
            before.layers().stream().filter(layer -> !comes(layer, rounds)).forEach(layers::add);
            children.set(children.indexOf(step), step.withLayers(layers));
        }
        return now.withChildren(children);
    }

    /** What people are told of being led stands once, at the end. */
    private static String noted(String before, String note) {
        List<String> lines = new ArrayList<>(before.lines().toList());
        for (Alone alone : Alone.values()) lines.remove(alone.note());
        lines.add(note);
        return String.join("\n", lines);
    }

    /** Learning: the first round position by position. Silent: all but the first without words. */
    private static Mode.Run[] runs(Mode mode, int rounds) {
        if (mode == Mode.BREATH || mode == Mode.SILENT && rounds == 1)
            return new Mode.Run[] {new Mode.Run(rounds, Mode.BREATH)};
        Mode first = mode == Mode.LEARN ? Mode.LEARN : Mode.BREATH;
        Mode rest = mode == Mode.LEARN ? Mode.BREATH : Mode.SILENT;
        return rounds == 1
                ? new Mode.Run[] {new Mode.Run(1, first)}
                : new Mode.Run[] {new Mode.Run(1, first), new Mode.Run(rounds - 1, rest)};
    }
}
