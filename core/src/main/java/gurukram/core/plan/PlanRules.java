package gurukram.core.plan;

import gurukram.core.dose.Dose;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.SideBehaviour;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;

/** What must hold for a plan to be unfolded at all; everything softer is a finding, not a refusal. */
public final class PlanRules {
    /** More moments than any class has; keeps one typing slip from filling the page. */
    public static final int MOST_MOMENTS = 20_000;

    private PlanRules() {}

    /** The plan itself; {@link Refused} with the first thing that cannot be. */
    public static ClassPlan check(ClassPlan plan, PoseCatalogue catalogue) {
        int[] nodes = {0};
        plan.walk(node -> nodes[0]++);
        if (nodes[0] > ClassPlan.MOST_NODES) {
            throw new Refused(
                    "A class has at most " + ClassPlan.MOST_NODES + " parts; this one would have " + nodes[0] + ".");
        }
        long moments = 0;
        for (Section section : plan.sections()) {
            for (Item item : section.items()) {
                if (item instanceof Flow flow) {
                    List<Step> all = new ArrayList<>(flow.steps());
                    flow.links().forEach(link -> all.addAll(link.steps()));
                    for (Step step : all) {
                        step(step, catalogue, flow);
                        moments += (long) flow.settings().passes() * momentsOf(step);
                    }
                } else if (item instanceof Step step) {
                    step(step, catalogue, null);
                    moments += momentsOf(step);
                }
            }
        }
        if (moments > MOST_MOMENTS) {
            throw new Refused("That makes %,d moments; a class has at most %,d. Fewer rounds, please."
                    .formatted(moments, MOST_MOMENTS));
        }
        return plan;
    }

    private static int momentsOf(Step step) {
        if (!(step.dose().at(Dose.Reading.HIGH) instanceof Dose.Reps reps))
            return step.sides() instanceof SideRule.Both ? 2 : 1;
        if (step.sides() instanceof SideRule.Alternating) return reps.reps() * reps.sets();
        return (2 * reps.sets() - 1) * (step.sides() instanceof SideRule.Both ? 2 : 1);
    }

    private static void step(Step step, PoseCatalogue catalogue, Flow flow) {
        String name = "Open time";
        if (step.sides() instanceof SideRule.Alternating) {
            for (Level level : Level.values()) {
                if (!(step.doseFor(level).at(Dose.Reading.LOW) instanceof Dose.Reps)) {
                    throw new Refused("Side to side goes with repetitions, as in “12 reps, alternating”.");
                }
            }
        }
        if (step.pose() != null) {
            Pose pose = catalogue.pose(step.pose());
            name = pose.name();
            sides(step, pose);
        } else if (!(step.sides() instanceof SideRule.None)) {
            throw new Refused("Open time without a pose has no side.");
        }
        if (!step.sides().followsLead()) return;
        if (flow == null) {
            throw new Refused(
                    name + " follows the lead side of its flow; outside a flow give it both sides, right or left.");
        }
        if (!flow.settings().hasSides()) {
            throw new Refused(name + " follows the lead side, so this flow needs sides.");
        }
    }

    private static void sides(Step step, Pose pose) {
        boolean sided = !(step.sides() instanceof SideRule.None);
        if (sided && pose.sides() == SideBehaviour.SYMMETRIC) {
            throw new Refused(pose.name() + " is the same on both sides; it takes no side.");
        }
        if (!sided && pose.sides().hasSides()) {
            throw new Refused(pose.name() + " has a right and a left: say both, right or left.");
        }
    }
}
