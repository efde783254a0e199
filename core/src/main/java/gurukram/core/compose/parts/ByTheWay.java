package gurukram.core.compose.parts;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.compose.search.Way;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is held by itself among standing flows is held where the room comes by: a plank behind a flow that ends in the dog, and
 * not between two mountains.
 */
public final class ByTheWay {
    private final Attempt attempt;

    public ByTheWay(Attempt attempt) {
        this.attempt = attempt;
    }

    /** What the teacher keeps stays where it is. */
    public ClassPlan placed(ClassPlan plan) {
        List<Section> sections = new ArrayList<>();
        for (int i = 0; i < plan.sections().size(); i++) {
            Section section = plan.sections().get(i);
            boolean last = i + 1 == plan.sections().size();
            Item next = last
                    ? null
                    : plan.sections().get(i + 1).items().stream().findFirst().orElse(null);
            sections.add(
                    section.role() == SectionRole.STANDING ? section.withChildren(placed(section, next)) : section);
        }
        return new ClassPlan(plan.settings(), sections);
    }

    /** @param next what the part behind begins with */
    private List<Item> placed(Section section, @Nullable Item next) {
        List<Item> items = new ArrayList<>(section.items());
        for (Item item : section.items()) {
            if (!(item instanceof Step step) || attempt.isKept(step) || step.pose() == null) continue;
            int at = items.indexOf(step);
            // some breaths at home belong to the flow behind them
            if (at + 1 < items.size() && items.get(at + 1) instanceof Flow) continue;
            List<Item> others = new ArrayList<>(items);
            others.remove(at);
            int best = at;
            int least = legs(others, at, next, step);
            for (int gap = 1; gap <= others.size(); gap++) {
                int legs = legs(others, gap, next, step);
                if (others.get(gap - 1) instanceof Flow && legs < least) {
                    best = gap;
                    least = legs;
                }
            }
            others.add(best, step);
            items = others;
        }
        if (isSoft(items.isEmpty() ? null : items.get(items.size() - 1)) && balances(next))
            items.add(attempt.step(SectionRole.STANDING, attempt.catalogue().pose("mountain"), new Dose.Breaths(1)));
        return items;
    }

    /** What is stretched and let go of does not balance in the next moment. */
    private boolean isSoft(@Nullable Item item) {
        if (!(item instanceof Step step) || step.pose() == null || attempt.isKept(step)) return false;
        Pose pose = attempt.catalogue().pose(step.pose());
        return pose.hold() == Hold.PASSIVE
                && pose.depth() >= 2
                && attempt.pool().has("mountain");
    }

    private boolean balances(@Nullable Item item) {
        Step step = item == null ? null : first(item);
        return step != null
                && step.pose() != null
                && attempt.catalogue().pose(step.pose()).demands(Action.ONE_LEG_BALANCE) >= 2;
    }

    /** How many changes of base it takes to come to a pose between two items and to go on from there, more than without it. */
    private int legs(List<Item> items, int gap, @Nullable Item next, Step step) {
        Base base = base(step);
        Base before = gap == 0 ? null : base(last(items.get(gap - 1)));
        Item following = gap == items.size() ? next : items.get(gap);
        Base behind = following == null ? null : base(first(following));
        int around = before == null || behind == null ? 0 : legs(before, behind);
        return legs(before, base) + legs(base, behind) - around;
    }

    private static int legs(@Nullable Base from, @Nullable Base to) {
        return from == null || to == null ? 0 : Way.legs(from, to);
    }

    private static @Nullable Step first(Item item) {
        return item instanceof Flow flow ? flow.steps().stream().findFirst().orElse(null) : (Step) item;
    }

    private static @Nullable Step last(Item item) {
        return item instanceof Flow flow ? flow.steps().isEmpty() ? null : Phrases.last(flow) : (Step) item;
    }

    private @Nullable Base base(@Nullable Step step) {
        return step == null || step.pose() == null
                ? null
                : attempt.catalogue().pose(step.pose()).base();
    }
}
