package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Base;
import gurukram.core.body.SideBehaviour;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.score.Transitions;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * One half-breath of a flow is time for one change of the body's base. Outside flows there is time to be led through one
 * base or two between; more than that wants a pose of its own (ours). Dog and plank are two forms of one base.
 */
@AutoService(Check.class)
public final class StepBetween implements Check {
    static final int LEGS_OUTSIDE = 3;
    private static final Card CARD = Card.of(
            "step-between",
            "Nobody has to get through two changes in one breath",
            "From lying to standing in half a breath is a scramble, and the place where people fall.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Map<List<NodeId>, List<Integer>> places = new LinkedHashMap<>();
        int before = -1;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            if (before >= 0 && legs(subject, before, i) > allowed(subject, before, i)) {
                List<NodeId> place =
                        List.of(subject.moment(i).node(), subject.moment(before).node());
                places.computeIfAbsent(place, p -> new ArrayList<>()).add(i);
            }
            before = i;
        }
        places.forEach((place, moments) -> tell(subject, place.get(1), moments, found));
    }

    private static int legs(Subject subject, int from, int to) {
        return between(subject.pose(from).base(), subject.pose(to).base()).size() + 1;
    }

    private static int allowed(Subject subject, int from, int to) {
        Moment a = subject.moment(from);
        Moment b = subject.moment(to);
        boolean inOneFlow = b.flow() != null && b.flow().equals(a.flow()) && b.kind() == Moment.Kind.MOVEMENT;
        return inOneFlow ? 1 : LEGS_OUTSIDE;
    }

    private static void tell(Subject subject, NodeId before, List<Integer> moments, Findings found) {
        int at = moments.get(0);
        Pose to = subject.pose(at);
        Pose from = poseBefore(subject, at);
        String by = Wording.and(
                between(from.base(), to.base()).stream().map(StepBetween::words).toList());
        String what = "From %s to %s the body goes by %s, and nothing stands there%s."
                .formatted(
                        subject.name(from.id()),
                        subject.name(to.id()),
                        by,
                        subject.moment(at).kind() == Moment.Kind.MOVEMENT ? "; there is half a breath for it" : "");
        String advice = route(subject, from, to).isEmpty()
                ? "Put a pose between."
                : "Maybe by "
                        + Wording.and(route(subject, from, to).stream()
                                .map(p -> subject.name(p.id()))
                                .toList()) + ".";
        found.look(subject.moment(at).node(), before.value(), moments, what, advice);
    }

    private static Pose poseBefore(Subject subject, int at) {
        int i = at - 1;
        while (!subject.isWork(i)) i--;
        return subject.pose(i);
    }

    private static String words(Base base) {
        return switch (base) {
            case HANDS_AND_KNEES -> "hands and knees";
            case DOG -> "downward dog";
            case CHILD -> "child’s pose";
            case SIDE_LYING -> "lying on the side";
            case SUPINE -> "lying on the back";
            case PRONE -> "lying on the front";
            case SEATED -> "sitting";
            default -> base.word();
        };
    }

    /** The bases on the way, without the ends; none within one base. Dog and plank may take each other's way. */
    private static List<Base> between(Base from, Base to) {
        List<Base> shortest = null;
        for (Base a : forms(from)) {
            for (Base b : forms(to)) {
                List<Base> way = Transitions.shipped().route(a, b).stream()
                        .map(Transitions.Leg::to)
                        .toList();
                List<Base> middle = way.isEmpty() ? way : way.subList(0, way.size() - 1);
                if (shortest == null || middle.size() < shortest.size()) shortest = middle;
            }
        }
        return Objects.requireNonNull(shortest);
    }

    private static List<Base> forms(Base base) {
        if (!isHandsAndFeet(base)) return List.of(base);
        return base == Base.DOG ? List.of(Base.DOG, Base.PLANK) : List.of(Base.PLANK, Base.DOG);
    }

    private static boolean isHandsAndFeet(Base base) {
        return base == Base.DOG || base == Base.PLANK;
    }

    /** The shortest way through real poses: on each base the simplest that nobody in the group has to leave out. */
    private static List<Pose> route(Subject subject, Pose from, Pose to) {
        List<Pose> route = new ArrayList<>();
        for (Base base : between(from.base(), to.base()))
            simplest(subject, base).ifPresent(route::add);
        return route;
    }

    private static Optional<Pose> simplest(Subject subject, Base base) {
        return subject.catalogue().poses().stream()
                .filter(pose -> pose.base() == base && pose.sides() == SideBehaviour.SYMMETRIC)
                .filter(pose -> pose.level().ordinal() <= subject.judgedLevel().ordinal())
                .filter(pose -> !Needs.isBlocked(pose, subject.group()) && Swap.isPlain(subject, pose))
                .min(Comparator.comparing(Pose::effort).thenComparing(Pose::depth));
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        int at = finding.moments().get(0);
        Pose to = subject.pose(at);
        Pose from = poseBefore(subject, at);
        List<Pose> route = route(subject, from, to);
        Step later = subject.step(finding.node());
        Flow flow = subject.plan().flowAround(later.id());
        List<PlanEdit> edits = new ArrayList<>();
        var place = subject.plan().placeOf(later.id()).orElse(null);
        if (place == null || route.isEmpty()) return List.of();
        NodeId after = place.after();
        boolean movement = later.dose() instanceof Dose.Movement && flow != null;
        boolean breathedOut = !movement || ((Dose.Movement) later.dose()).breath() == Breath.INHALE;
        for (int k = 0; k < route.size(); k++) {
            Dose dose = movement ? wholeBreath(breathedOut) : route.get(k).doseFor(subject.judgedLevel());
            NodeId id = new NodeId(shortened(later.id()) + "-by-" + (k + 1));
            Step step = Step.of(id, route.get(k).id(), new SideRule.None(), dose);
            edits.add(new PlanEdit.Insert(place.parent(), after, step));
            after = id;
        }
        String names = Wording.and(route.stream().map(p -> subject.name(p.id())).toList());
        return List.of(new Mend("Go by " + names, PlanEdit.all(edits)));
    }

    /** A whole breath, so that what comes behind keeps its own: ends on the breath the next one does not take. */
    private static Dose wholeBreath(boolean endsOut) {
        List<Breath> breaths = endsOut ? List.of(Breath.INHALE, Breath.EXHALE) : List.of(Breath.EXHALE, Breath.INHALE);
        return new Dose.Movement(breaths, false);
    }

    static String shortened(NodeId id) {
        return id.value().length() > 32 ? id.value().substring(0, 32) : id.value();
    }
}
