package gurukram.core.compose.parts;

import gurukram.core.craft.Craft;
import gurukram.core.craft.Measure;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Item;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A rest before the lesson, in a class that would come to its peak in fewer waves than is usual: a wave ends in a reset (craft.md,
 * rule 31). While the peak is shown nobody works; there it is a little longer.
 */
public final class Breather {
    private static final int[] MORE_SECONDS = {30, 60};
    private static final String REST = "A rest before the lesson: water, and a breath.";

    private final Attempt attempt;

    public Breather(Attempt attempt) {
        this.attempt = attempt;
    }

    /** The class with the shortest rest that makes the waves as usual; as it is where none does, or where it is the teacher's own. */
    public ClassPlan before(ClassPlan plan) {
        if (lacks(plan) <= 0) return plan;
        for (Section section : plan.sections()) {
            if (section.role() != SectionRole.PEAK || section.items().isEmpty()) continue;
            for (int seconds : MORE_SECONDS) {
                Optional<ClassPlan> rested = rested(plan, section, seconds);
                if (rested.isPresent() && lacks(rested.get()) <= 0) return rested.get();
            }
        }
        return plan;
    }

    /** How many waves there are less than is usual. */
    private double lacks(ClassPlan plan) {
        Measure waves =
                Craft.of(plan, attempt.clock().score(plan), attempt.catalogue()).get(Measure.Kind.WAVES);
        return waves == null || waves.value() == null || waves.least() == null ? 0 : waves.least() - waves.value();
    }

    private Optional<ClassPlan> rested(ClassPlan plan, Section section, int seconds) {
        Item first = section.items().get(0);
        if (attempt.isKept(first)) return Optional.empty();
        if (first instanceof Step shown && shown.dose() instanceof Dose.Open open) {
            Step longer = shown.withDose(new Dose.Open(open.seconds() + seconds));
            return Optional.of(PlanEdit.instead(plan, longer).applyTo(plan));
        }
        Step rest = Step.of(
                        attempt.sketch().name(SectionRole.PEAK),
                        attempt.watchedFrom(),
                        new SideRule.None(),
                        new Dose.Open(seconds + 30))
                .withNote(REST);
        List<Item> items = new ArrayList<>(section.items());
        items.add(0, rest);
        List<Section> sections = new ArrayList<>(plan.sections());
        sections.set(sections.indexOf(section), section.withChildren(items));
        return Optional.of(new ClassPlan(plan.settings(), sections));
    }
}
