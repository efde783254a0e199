package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Base;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Opening and lifting go with the inhale, folding and lowering with the exhale; stepping and staying with either. A flow all of whose movements go against
 * their breath is one finding: it began half a breath late, as when cat comes before cow.
 */
@AutoService(Check.class)
public final class AgainstBreath implements Check {
    private static final Card CARD = Card.of(
            "against-breath",
            "Movements go with the breath that suits them",
            "Lifting on an exhale or folding on an inhale works against the ribs; people swap the breath or hold it.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Map<NodeId, List<Integer>> byStep = new LinkedHashMap<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            if (isAgainst(subject, i)) {
                byStep.computeIfAbsent(subject.moment(i).node(), n -> new ArrayList<>())
                        .add(i);
            }
        }
        List<NodeId> late = new ArrayList<>();
        subject.plan().walk(node -> {
            if (node instanceof Flow flow && isShifted(flow, byStep)) {
                late.add(flow.id());
                flow.steps().forEach(step -> byStep.remove(step.id()));
                String what = "“%s” begins half a breath late: every movement goes against its breath."
                        .formatted(
                                flow.settings().name().isEmpty()
                                        ? "The flow"
                                        : flow.settings().name());
                found.look(flow.id(), "", subject.momentsOf(flow.id()), what, "Begin on the other breath.");
            }
        });
        byStep.forEach((node, moments) -> against(subject, node, moments, found));
    }

    private static boolean isShifted(Flow flow, Map<NodeId, List<Integer>> byStep) {
        return flow.steps().size() >= 2 && flow.steps().stream().allMatch(step -> byStep.containsKey(step.id()));
    }

    private static boolean isAgainst(Subject subject, int i) {
        Moment moment = subject.moment(i);
        if (moment.kind() != Moment.Kind.MOVEMENT || moment.continued()) return false;
        if (i > 0 && subject.moment(i - 1).node().equals(moment.node()) && samePosition(subject.moment(i - 1), moment))
            return false;
        if (i > 0 && (stays(subject, i) || steps(subject, i))) return false;
        BreathAffinity wanted = subject.pose(i).breath();
        return (moment.breath() == Breath.INHALE && wanted == BreathAffinity.OUT)
                || (moment.breath() == Breath.EXHALE && wanted == BreathAffinity.IN);
    }

    /** A second half-breath in the pose people are in goes with either breath. */
    private static boolean stays(Subject subject, int i) {
        Moment before = subject.moment(i - 1);
        Moment now = subject.moment(i);
        return Objects.equals(before.pose(), now.pose()) && before.side() == now.side();
    }

    /** So does a step: to plank, to a lunge, and from there or from the dog up to standing. */
    private static boolean steps(Subject subject, int i) {
        if (subject.moment(i - 1).pose() == null) return false;
        Base from = subject.pose(i - 1).base();
        Base to = subject.pose(i).base();
        if (to == Base.LUNGE || to == Base.PLANK) return from != to;
        return to == Base.STANDING && (from == Base.LUNGE || from == Base.DOG || from == Base.PLANK);
    }

    /** The second half-breath of a position goes where it has to. */
    private static boolean samePosition(Moment before, Moment now) {
        return before.side() == now.side()
                && Objects.equals(before.pass(), now.pass())
                && Objects.equals(before.position(), now.position());
    }

    private static void against(Subject subject, NodeId node, List<Integer> moments, Findings found) {
        int first = moments.get(0);
        Pose pose = subject.pose(first);
        boolean in = subject.moment(first).breath() == Breath.INHALE;
        String what = "%s comes on the %s; it goes with the %s%s."
                .formatted(
                        pose.name(),
                        in ? "inhale" : "exhale",
                        in ? "exhale" : "inhale",
                        moments.size() == 1 ? "" : " (" + Wording.times(moments.size()) + ")");
        found.look(node, "", moments, what, "Change its breath, or the pose before it.");
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        List<Mend> mends = new ArrayList<>();
        if (subject.node(finding.node()) instanceof Flow flow) {
            List<Step> turned = flow.steps().stream().map(AgainstBreath::turned).toList();
            mends.add(new Mend(
                    "Swap inhale and exhale in the whole flow",
                    PlanEdit.instead(subject.plan(), flow.withChildren(withLinks(flow, turned)))));
            List<Step> later =
                    new ArrayList<>(flow.steps().subList(1, flow.steps().size()));
            later.add(flow.steps().get(0));
            List<Step> begun = new ArrayList<>();
            for (int i = 0; i < later.size(); i++)
                begun.add(later.get(i).withDose(flow.steps().get(i).dose()));
            String name = later.get(0).pose() == null
                    ? "the next"
                    : subject.name(later.get(0).pose());
            mends.add(new Mend(
                    "Begin with " + name, PlanEdit.instead(subject.plan(), flow.withChildren(withLinks(flow, begun)))));
            return mends;
        }
        Step step = subject.step(finding.node());
        Step other = turned(step);
        if (!other.equals(step)) {
            boolean in = ((Dose.Movement) other.dose()).breath() == Breath.INHALE;
            mends.add(new Mend(
                    "Take %s on the %s".formatted(subject.name(step.pose()), in ? "inhale" : "exhale"),
                    new PlanEdit.Change(other)));
        }
        wholeBreathBefore(subject, finding, mends);
        return mends;
    }

    /** One half-breath more in the pose before, and one less or more behind, so that the count comes out again. */
    private static void wholeBreathBefore(Subject subject, Finding finding, List<Mend> mends) {
        Flow flow = subject.plan().flowAround(finding.node());
        if (flow == null) return;
        List<Step> steps = new ArrayList<>(flow.steps());
        int at = -1;
        for (int i = 0; i < steps.size(); i++) if (steps.get(i).id().equals(finding.node())) at = i;
        if (at < 1 || !(steps.get(at - 1).dose() instanceof Dose.Movement before)) return;
        if (!(steps.get(at).dose() instanceof Dose.Movement here)
                || before.breaths().size() + 1 > Dose.MOST_HALF_BREATHS) return;
        List<Breath> longer = new ArrayList<>(before.breaths());
        longer.add(opposite(before.lastBreath()));
        steps.set(at - 1, steps.get(at - 1).withDose(new Dose.Movement(longer, before.continued(), before.counts())));
        List<Breath> own = List.of(opposite(here.breath()), here.breath());
        steps.set(at, steps.get(at).withDose(new Dose.Movement(own, here.continued(), here.counts())));
        mends.add(new Mend(
                "Stay a half-breath longer in %s and in %s"
                        .formatted(
                                subject.name(steps.get(at - 1).pose()),
                                subject.name(steps.get(at).pose())),
                PlanEdit.instead(subject.plan(), flow.withChildren(withLinks(flow, steps)))));
    }

    private static List<Node> withLinks(Flow flow, List<Step> steps) {
        List<Node> all = new ArrayList<>(steps);
        all.addAll(flow.links());
        return all;
    }

    private static Step turned(Step step) {
        if (!(step.dose() instanceof Dose.Movement movement)) return step;
        List<Breath> others =
                movement.breaths().stream().map(AgainstBreath::opposite).toList();
        return step.withDose(new Dose.Movement(others, movement.continued(), movement.counts()));
    }

    private static Breath opposite(Breath breath) {
        return breath == Breath.INHALE ? Breath.EXHALE : breath == Breath.EXHALE ? Breath.INHALE : breath;
    }
}
