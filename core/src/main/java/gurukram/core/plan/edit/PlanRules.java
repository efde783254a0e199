package gurukram.core.plan.edit;

import gurukram.core.body.SideBehaviour;
import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What must hold for a plan to be unfolded at all; everything softer is a finding, not a refusal. */
public final class PlanRules {
    /** More moments than any class has; keeps one typing slip from filling the page. */
    public static final int MOST_MOMENTS = 20_000;

    /** A broken rule, and the node it belongs to. */
    public record Broken(NodeId node, Problem problem) {}

    private final PoseCatalogue catalogue;
    private final List<Broken> broken = new ArrayList<>();
    private final Set<NodeId> ids = new HashSet<>();
    private long moments;
    private int nodes;

    private PlanRules(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The plan itself; {@link Refused} with the first thing that cannot be. */
    public static ClassPlan check(ClassPlan plan, PoseCatalogue catalogue) {
        List<Broken> broken = brokenIn(plan, catalogue);
        if (!broken.isEmpty()) throw new Refused(broken.get(0).problem());
        return plan;
    }

    /** All that cannot be, in the order of the plan. */
    public static List<Broken> brokenIn(ClassPlan plan, PoseCatalogue catalogue) {
        PlanRules rules = new PlanRules(catalogue);
        rules.plan(plan);
        return rules.broken;
    }

    private void plan(ClassPlan plan) {
        String peak = plan.settings().peak();
        if (peak != null && !catalogue.has(peak)) says(NodeId.CLASS, "There is no pose “" + peak + "” to lead to.");
        for (Section section : plan.sections()) {
            node(section);
            for (Item item : section.items()) {
                node(item);
                if (item instanceof Flow flow) flow(flow);
                else step((Step) item, null, 1);
            }
        }
        if (nodes > ClassPlan.MOST_NODES) {
            says(
                    NodeId.CLASS,
                    "A class has at most " + ClassPlan.MOST_NODES + " parts; this one would have " + nodes + ".");
        }
        if (moments > MOST_MOMENTS) {
            says(
                    NodeId.CLASS,
                    "That makes %,d moments; a class has at most %,d. Fewer rounds, please."
                            .formatted(moments, MOST_MOMENTS));
        }
    }

    private void says(NodeId node, String what) {
        broken.add(new Broken(node, Problem.of(what)));
    }

    private void node(Node node) {
        nodes++;
        if (!ids.add(node.id()) || node.id().equals(NodeId.CLASS)) {
            says(node.id(), "Two parts of the class have the same name, " + node.id() + ".");
        }
    }

    private void flow(Flow flow) {
        flow.tags().prepares().stream()
                .filter(pose -> !catalogue.has(pose))
                .forEach(pose -> says(flow.id(), "There is no pose “" + pose + "” to prepare."));
        for (Step step : flow.steps()) {
            node(step);
            step(step, flow, flow.settings().passes());
        }
        for (Link link : flow.links()) {
            node(link);
            for (Step step : link.steps()) {
                node(step);
                step(step, flow, flow.settings().passes());
            }
        }
    }

    private void step(Step step, @Nullable Flow flow, int times) {
        long most = momentsOf(step.dose(), step.sides());
        boolean named = !step.manner().sideNames().isEmpty();
        asked(step.id(), step.pose(), step.sides(), step.dose(), flow, named);
        with(step.id(), step.pose(), step.manner().with());
        waiting(step);
        for (Layer layer : step.layers()) {
            node(layer);
            if (layer.when().needsFlow() && flow == null) {
                says(layer.id(), "Only in a flow are there rounds and passes to change something in.");
            }
            Step inserted = layer.inserted();
            if (inserted != null) {
                node(inserted);
                step(inserted, flow, times);
            } else if (layer.edit() instanceof Layer.Become become) {
                String pose = become.pose() == null ? step.pose() : become.pose();
                SideRule sides = become.sides() == null ? sidesFor(step, become) : become.sides();
                Dose dose = become.dose() == null ? step.dose() : become.dose();
                boolean kept = named && Objects.equals(pose, step.pose()) && sides.isSided();
                asked(layer.id(), pose, sides, dose, flow, kept);
                if (become.with() != null) with(layer.id(), pose, become.with());
                most = Math.max(most, momentsOf(dose, sides));
            }
        }
        moments += times * (most + 2L * step.manner().stages().size());
    }

    /** A replacement keeps the side rule, but a symmetric one has none. */
    private SideRule sidesFor(Step step, Layer.Become become) {
        boolean symmetric = become.pose() != null
                && catalogue.has(become.pose())
                && catalogue.pose(become.pose()).sides() == SideBehaviour.SYMMETRIC;
        boolean keeps = !symmetric || Objects.equals(become.pose(), step.pose());
        return keeps || !step.sides().isSided() ? step.sides() : new SideRule.None();
    }

    /** The most moments one visit of a pass can take. */
    private static long momentsOf(Dose written, SideRule sides) {
        Dose dose = written.at(Dose.Reading.HIGH);
        int visits = sides instanceof SideRule.Both ? 2 : sides instanceof SideRule.TwoDirections ? 4 : 1;
        if (sides instanceof SideRule.Compound compound && compound.base() instanceof SideRule.Both) visits = 2;
        if (dose instanceof Dose.Movement movement)
            return (long) visits * movement.breaths().size();
        if (dose instanceof Attempts tries) return (long) visits * tries.turns() * (2L * tries.attempts() - 1);
        if (dose instanceof Dose.Pattern pattern)
            return (long) visits * pattern.stages().size();
        if (!(dose instanceof Reps reps)) return visits;
        if (sides instanceof SideRule.Alternating rule) return (long) (rule.inAll(reps.reps()) + 1) * reps.sets() + 1;
        return visits * 2L * reps.sets();
    }

    /** What is different about a pose must be possible in it. */
    private void with(NodeId node, @Nullable String poseId, List<String> modifiers) {
        if (poseId == null || !catalogue.has(poseId)) return;
        Pose pose = catalogue.pose(poseId);
        for (String name : modifiers) {
            Modifiers.Modifier modifier = Modifiers.shipped().named(name).orElseThrow();
            if (!modifier.fits().contains(pose.base()))
                says(node, "“" + name + "” is not possible in " + pose.name().toLowerCase(Locale.ROOT) + ".");
            catalogue
                    .named(pose.name() + " " + name)
                    .ifPresent(own -> says(
                            node,
                            pose.name() + " with “" + name + "” is a pose of its own: "
                                    + own.name().toLowerCase(Locale.ROOT) + "."));
        }
    }

    private void waiting(Step step) {
        if (!(step.dose().at(Dose.Reading.LOW) instanceof Attempts tries) || tries.waiting() == null) return;
        if (!catalogue.has(tries.waiting()))
            says(step.id(), "There is no pose “" + tries.waiting() + "” in the catalogue to wait in.");
    }

    /** What is asked of the body at a node must be possible, whatever layer asks it. */
    private void asked(
            NodeId node, @Nullable String poseId, SideRule sides, Dose dose, @Nullable Flow flow, boolean named) {
        String name = "Open time";
        if (sides instanceof SideRule.Alternating && !(dose.at(Dose.Reading.LOW) instanceof Reps)) {
            says(node, "Side to side goes with repetitions, as in “12 reps, alternating”.");
        }
        if (poseId == null) {
            if (!(sides instanceof SideRule.None)) says(node, "Open time without a pose has no side.");
            if (!(dose instanceof Dose.Open) && !(dose.at(Dose.Reading.LOW) instanceof Dose.Open)) {
                says(node, "Only open time can stand without a pose.");
            }
        } else if (!catalogue.has(poseId)) {
            says(node, "There is no pose “" + poseId + "” in the catalogue.");
            return;
        } else {
            Pose pose = catalogue.pose(poseId);
            name = pose.name();
            sides(node, sides, pose, named);
        }
        if (!sides.followsLead()) return;
        if (flow == null) {
            says(node, name + " follows the lead side of its flow; outside a flow give it both sides, right or left.");
        } else if (!flow.settings().hasSides()) {
            says(node, name + " follows the lead side, so this flow needs sides.");
        }
    }

    private void sides(NodeId node, SideRule sides, Pose pose, boolean named) {
        boolean symmetric = pose.sides() == SideBehaviour.SYMMETRIC;
        if (sides.isSided() && symmetric && !named) {
            broken.add(new Broken(
                    node,
                    Problem.of(
                            pose.name() + " is the same on both sides; it takes no side.",
                            "If something in it is on one side, say what: “both, side is the lifted arm”.")));
        }
        if (named && !symmetric)
            says(
                    node,
                    "The side of " + pose.name().toLowerCase(Locale.ROOT) + " is that of its own "
                            + Objects.requireNonNull(pose.sideOf()).words() + ".");
        if (!sides.isSided() && pose.sides().hasSides()) {
            says(node, pose.name() + " has a right and a left: say both, right or left.");
        }
        if (sides instanceof SideRule.Compound && pose.sides() != SideBehaviour.COMPOUND) {
            says(node, pose.name() + " has no twist with a side of its own.");
        }
        if (sides instanceof SideRule.Crossing && pose.sides() != SideBehaviour.CROSSING) {
            says(node, pose.name() + " is not crossed; say both, right or left.");
        }
    }
}
