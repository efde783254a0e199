package gurukram.core.plan.edit;

import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import java.util.ArrayList;
import java.util.List;

/**
 * A class stretched or shrunk for another slot: every hold, every open time, every number of repetitions and of rounds in
 * proportion, rounded half up, never under 1. What is locked stays, one-sided rounds stay even where they were, a range keeps
 * its ends and moves within them. It comes near the slot; fitting takes it to the minute.
 */
public final class Resized {
    private final int from;
    private final int to;

    private Resized(int from, int to) {
        this.from = from;
        this.to = to;
    }

    /** {@link gurukram.core.text.Refused} when the slot is none. */
    public static ClassPlan of(ClassPlan plan, int slotMinutes) {
        Resized resized = new Resized(plan.settings().slotMinutes(), slotMinutes);
        ClassSettings settings = plan.settings().withSlotMinutes(slotMinutes);
        return new ClassPlan(
                settings, plan.sections().stream().map(resized::section).toList());
    }

    private Section section(Section section) {
        if (section.marks().locked()) return section;
        List<Item> items = new ArrayList<>();
        for (Item item : section.items()) items.add(item instanceof Step step ? step(step) : flow((Flow) item));
        return section.withChildren(items);
    }

    /** Rounds give a flow its length; its inner doses stay, so that the breath of it stays. */
    private Flow flow(Flow flow) {
        if (flow.marks().locked()) return flow;
        int before = flow.settings().rounds();
        if (before == 1) {
            return flow.withChildren(flow.children().stream()
                    .map(child -> child instanceof Step step ? step(step) : child)
                    .toList());
        }
        int rounds = Math.min(FlowSettings.ROUNDS.most(), scaled(before));
        boolean pairs = flow.settings().counting() == Counting.ONE_SIDE && before % 2 == 0;
        if (pairs && rounds % 2 == 1) rounds++;
        return flow.with(flow.settings().withRounds(rounds));
    }

    private Step step(Step step) {
        if (step.marks().locked()) return step;
        Step other = step.withDose(dose(step.dose()));
        List<Layer> layers = new ArrayList<>();
        for (Layer layer : step.layers()) {
            layers.add(
                    layer.edit() instanceof Layer.Become become
                            ? new Layer(layer.id(), layer.when(), redosed(become))
                            : layer);
        }
        return other.withLayers(layers);
    }

    private Layer.Become redosed(Layer.Become become) {
        Dose dose = become.dose();
        return dose == null ? become : new Layer.Become(become.pose(), become.sides(), dose(dose), become.with());
    }

    private Dose dose(Dose dose) {
        if (dose instanceof Dose.Breaths hold) return new Dose.Breaths(within(Dose.BREATHS.most(), hold.breaths()));
        if (dose instanceof Dose.Seconds hold) return new Dose.Seconds(within(Dose.SECONDS.most(), hold.seconds()));
        if (dose instanceof Dose.Open open) return open.withSeconds(within(Dose.OPEN_SECONDS.most(), open.seconds()));
        if (dose instanceof Reps reps) {
            return reps.withReps(within(Dose.REPS.most(), reps.reps()));
        }
        if (dose instanceof Range range) return within(range);
        return dose;
    }

    private Dose within(Range range) {
        Dose wanted = dose(range.chosen());
        if (!range.low().upTo(wanted)) wanted = range.low();
        if (!wanted.upTo(range.high())) wanted = range.high();
        return new Range(range.low(), wanted, range.high());
    }

    private int within(int most, int value) {
        return Math.min(most, scaled(value));
    }

    private int scaled(int value) {
        return Math.max(1, (int) ((2L * value * to + from) / (2L * from)));
    }
}
