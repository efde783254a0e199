package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.Rounds;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A change for some rounds or levels changes something, in rounds that there are. */
@AutoService(Check.class)
public final class EmptyLayer implements Check {
    private static final Card CARD = Card.of(
            "empty-layer",
            "A change for some rounds or levels changes something",
            "You remember writing a harder third round; the room will not see it.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        subject.plan().walk(node -> {
            if (node instanceof Step step) step.layers().forEach(layer -> layer(subject, step, layer, found));
            if (node instanceof Link link) link(subject, link, found);
        });
    }

    private static void layer(Subject subject, Step step, Layer layer, Findings found) {
        Flow flow = subject.flowAround(step.id());
        String why = flow == null ? null : beyond(flow, layer.when());
        if (why == null && changesNothing(step, layer)) why = "it is the same as without it";
        if (why == null) why = hidden(step, layer);
        if (why == null) return;
        String name = subject.name(step.pose());
        String what = "The change at %s does nothing: %s.".formatted(name, why);
        found.look(
                step.id(),
                layer.id().value(),
                some(subject.momentsOf(step.id())),
                what,
                "Take it away, or let it hold elsewhere.");
    }

    private static List<Integer> some(List<Integer> moments) {
        return moments.isEmpty() ? moments : moments.subList(0, 1);
    }

    private static void link(Subject subject, Link link, Findings found) {
        Flow flow = subject.flow(subject.parent(link.id()));
        String why = beyond(flow, link.when());
        if (why == null) return;
        found.look(
                link.id(),
                "",
                some(subject.momentsOf(flow.id())),
                "The link is never done: %s.".formatted(why),
                "Take it away, or let it hold elsewhere.");
    }

    /** Why a guard never holds in the flow; null when it does. */
    private static @Nullable String beyond(Flow flow, When when) {
        int rounds = flow.settings().rounds();
        Rounds wanted = when.rounds();
        if (wanted != null && wanted.first(rounds) > rounds) {
            return "it begins in round %d, and there %s %d"
                    .formatted(wanted.first(rounds), rounds == 1 ? "is only" : "are only", rounds);
        }
        boolean twoPasses = flow.settings().counting() == FlowSides.Counting.BOTH_SIDES;
        if (when.pass() != null && when.pass() == 2 && !twoPasses) {
            return "it is for the second side of a round, and a round here has one";
        }
        return null;
    }

    /** Whether a step is the same with a layer of it as without. */
    static boolean changesNothing(Step step, Layer layer) {
        if (!(layer.edit() instanceof Layer.Become become)) return false;
        boolean pose = become.pose() == null || become.pose().equals(step.pose());
        boolean sides = become.sides() == null || become.sides().equals(step.sides());
        boolean dose = become.dose() == null || become.dose().equals(step.dose());
        boolean with =
                become.with() == null || become.with().equals(step.manner().with());
        return pose
                && sides
                && dose
                && with
                && step.layers().stream().noneMatch(other -> other != layer && undoes(other, layer));
    }

    /** Whether going back to the base line means something, because another layer has changed it there. */
    private static boolean undoes(Layer other, Layer layer) {
        return other.edit() instanceof Layer.Become && overlaps(other.when(), layer.when());
    }

    private static boolean overlaps(When a, When b) {
        boolean levels = a.levels().isEmpty()
                || b.levels().isEmpty()
                || a.levels().stream().anyMatch(b.levels()::contains);
        boolean pass = a.pass() == null || b.pass() == null || a.pass().equals(b.pass());
        // a line beside the clock has what rounds change in it, and can go back on that
        return (!a.isBeside() || b.isBeside()) && levels && pass;
    }

    /** Why other layers leave nothing of it; null when they do not. */
    private static @Nullable String hidden(Step step, Layer layer) {
        boolean after = false;
        for (Layer other : step.layers()) {
            if (other == layer) {
                after = true;
                continue;
            }
            if (other.edit() instanceof Layer.Omit
                    && covers(other.when(), layer.when())
                    && !(layer.edit() instanceof Layer.Omit)) {
                return "the pose is left out there";
            }
            boolean sameKind = layer.edit() instanceof Layer.Become || layer.edit() instanceof Layer.Omit;
            if (after && sameKind && other.when().equals(layer.when()) && replaces(other, layer))
                return "a later change at the same place takes its place";
        }
        return null;
    }

    private static boolean replaces(Layer later, Layer earlier) {
        if (later.edit().equals(earlier.edit())) return true;
        if (!(later.edit() instanceof Layer.Become b) || !(earlier.edit() instanceof Layer.Become a)) return false;
        return (a.pose() == null || b.pose() != null)
                && (a.sides() == null || b.sides() != null)
                && (a.dose() == null || b.dose() != null)
                && (a.with() == null || b.with() != null);
    }

    /** Whether one guard holds wherever the other does, and of the same kind, so that their order is as written. */
    private static boolean covers(When wide, When narrow) {
        if (wide.isBeside() && !wide.equals(narrow)) return false;
        boolean levels = wide.levels().isEmpty()
                || (!narrow.levels().isEmpty() && wide.levels().containsAll(narrow.levels()));
        boolean rounds = wide.rounds() == null || wide.rounds().equals(narrow.rounds());
        boolean pass = wide.pass() == null || wide.pass().equals(narrow.pass());
        return levels && rounds && pass;
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        if (finding.about().isEmpty())
            return List.of(new Mend("Take the link away", new PlanEdit.Remove(finding.node())));
        return List.of(new Mend("Take the change away", new PlanEdit.Remove(new NodeId(finding.about()))));
    }
}
