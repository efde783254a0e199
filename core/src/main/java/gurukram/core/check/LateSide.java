package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Side;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The second side comes while the first is still remembered: at once, or after a chain on one side. */
@AutoService(Check.class)
public final class LateSide implements Check {
    /** Ours: what stands between and is for both sides or none; a home pose or two may. */
    private static final int MOST_BETWEEN = 2;

    private static final Card CARD = Card.of(
            "late-side",
            "The second side comes soon after the first",
            "After four other poses nobody knows any more what the first side felt like, and one of the two is forgotten next time.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        List<Item> items = new ArrayList<>();
        for (Section section : subject.plan().sections()) items.addAll(section.items());
        for (int i = 0; i < items.size(); i++) {
            int at = i;
            if (items.get(i) instanceof Step first)
                side(first).ifPresent(side -> later(subject, items, at, first, side, found));
        }
    }

    private static void later(Subject subject, List<Item> items, int i, Step first, Side side, Findings found) {
        int between = 0;
        for (Item item : items.subList(i + 1, items.size())) {
            if (item instanceof Step step && isOf(step, first)) {
                boolean other = side(step).filter(two -> two != side).isPresent();
                if (!other
                        || between <= MOST_BETWEEN
                        || subject.momentsOf(step.id()).isEmpty()) return;
                String what = "%s on the %s comes %d poses after the %s."
                        .formatted(
                                Words.capital(subject.name(step.pose())),
                                side.opposite().word(),
                                between + 1,
                                side.word());
                found.look(step.id(), "", subject.momentsOf(step.id()), what, "Bring the two sides together.");
                return;
            }
            if (isBetween(item)) between++;
        }
    }

    /** The one side a step is done on; empty for both, none and what a flow leads. */
    private static Optional<Side> side(Step step) {
        SideRule rule = step.sides() instanceof SideRule.Compound compound ? compound.base() : step.sides();
        return rule instanceof SideRule.Only only ? Optional.of(only.side()) : Optional.empty();
    }

    private static boolean isOf(Step step, Step first) {
        return first.pose() != null && first.pose().equals(step.pose());
    }

    /** Steps of a one-side chain are the way there; a flow and what is for both sides are not. */
    private static boolean isBetween(Item item) {
        return item instanceof Flow || (item instanceof Step step && side(step).isEmpty());
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        Step late = subject.step(finding.node());
        List<Item> items = new ArrayList<>();
        for (Section section : subject.plan().sections()) items.addAll(section.items());
        Step first = null;
        for (Item item : items) {
            if (item.id().equals(late.id())) break;
            if (item instanceof Step step && isOf(step, late) && side(step).isPresent()) first = step;
        }
        if (first == null) return List.of();
        return List.of(new Mend(
                "Move it behind the other side", new PlanEdit.Move(late.id(), subject.parent(first.id()), first.id())));
    }
}
