package gurukram.core.catalogue.rules;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.caution.Rulebook;
import gurukram.core.pose.Caution;
import gurukram.core.pose.CautionFacts;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Cautions come from mechanisms: none is missing that a pose's other facts call for, what is judged by hand names things that
 * exist, and whatever is changed or left out has its sentence and a pose in its place that is safe for the same need.
 */
final class CautionRules {
    private record Called(String fact, Predicate<Pose> has, Set<Mechanism> oneOf) {}

    private static final List<Called> CALLED = List.of(
            called("has the head down", Pose::headDown, Mechanism.HEAD_HALF, Mechanism.HEAD_FULL),
            called(
                    "loads the wrists",
                    Pose::wristLoad,
                    Mechanism.HANDS_PART,
                    Mechanism.HANDS_STRONG,
                    Mechanism.HANDS_WHOLE),
            called("lies on the belly", p -> p.base() == Base.PRONE, Mechanism.BELLY_DOWN),
            called("is of high risk", p -> p.risk() == Risk.HIGH, Mechanism.GATED),
            called("balances on one leg", demands(Action.ONE_LEG_BALANCE, 2), Mechanism.ONE_LEG),
            called("loads the neck", demands(Action.NECK_LOAD, 2), Mechanism.WEIGHT_HEAD, Mechanism.WEIGHT_NECK),
            called("lengthens the hamstrings fully", demands(Action.HAMSTRING_LENGTH, 3), Mechanism.HAMSTRING_END),
            called(
                    "bends the knee fully",
                    demands(Action.KNEE_FLEXION, 3),
                    Mechanism.KNEE_DEEP,
                    Mechanism.KNEE_DEEP_LOAD),
            called("bends the hip fully", demands(Action.HIP_FLEXION, 3), Mechanism.HIP_90, Mechanism.HIP_120),
            called(
                    "takes the thigh far back",
                    demands(Action.HIP_EXTENSION, 2),
                    Mechanism.HIP_BACK,
                    Mechanism.THIGH_END),
            called(
                    "bends the spine far back",
                    demands(Action.SPINE_EXTENSION, 2),
                    Mechanism.ARCH_LOAD,
                    Mechanism.ARCH_END),
            called(
                    "turns the spine far",
                    demands(Action.SPINE_ROTATION, 2),
                    Mechanism.TURN_OPEN,
                    Mechanism.TURN_CLOSED,
                    Mechanism.TURN_END,
                    Mechanism.TURN_FIXED,
                    Mechanism.TURN_LYING),
            called("turns the hip inward", demands(Action.HIP_INWARD_ROTATION, 1), Mechanism.HIP_IN),
            called(
                    "turns the hip out far",
                    demands(Action.HIP_OUTWARD_ROTATION, 2),
                    Mechanism.HIP_OUT,
                    Mechanism.HIP_WIDE));

    /** Two strengths of one fact. */
    private static final List<Set<Mechanism>> NOT_BOTH =
            List.of(Set.of(Mechanism.HIP_90, Mechanism.HIP_120), Set.of(Mechanism.HAMSTRING, Mechanism.HAMSTRING_END));

    private CautionRules() {}

    private static Called called(String fact, Predicate<Pose> has, Mechanism... oneOf) {
        return new Called(fact, has, Set.of(oneOf));
    }

    private static Predicate<Pose> demands(Action action, int strength) {
        return pose -> pose.demands(action) >= strength;
    }

    static void check(Entries draft) {
        for (Pose pose : draft.poses()) {
            mechanisms(draft, pose);
            judged(draft, pose);
            for (Caution caution : pose.cautions()) caution(draft, pose, caution);
        }
    }

    private static void mechanisms(Entries draft, Pose pose) {
        List<Mechanism> tagged = pose.facts().mechanisms();
        if (tagged.isEmpty()) {
            // an own pose of an earlier version has written cautions only
            if (pose.facts().written().isEmpty())
                draft.problem(pose, "mechanisms", "says nothing of what it does to a body");
            return;
        }
        for (Called called : CALLED) {
            if (!called.has().test(pose) || tagged.stream().anyMatch(called.oneOf()::contains)) continue;
            String one = called.oneOf().stream().map(Mechanism::word).sorted().collect(Collectors.joining(" or "));
            draft.problem(pose, "mechanisms", called.fact() + ", so it has the mechanism " + one);
        }
        for (Mechanism mechanism : tagged) {
            for (Need need : Rulebook.shipped().unanswered(pose, mechanism)) {
                String what = "no rule says what " + mechanism.word() + " asks for " + need.words() + " in this shape";
                draft.problem(pose, "mechanisms", what);
            }
        }
        for (Set<Mechanism> pair : NOT_BOTH) {
            if (!tagged.containsAll(pair)) continue;
            String both = pair.stream().map(Mechanism::word).sorted().collect(Collectors.joining(" and "));
            draft.problem(pose, "mechanisms", both + " are two strengths of one fact");
        }
    }

    private static void judged(Entries draft, Pose pose) {
        Set<Need> told = EnumSet.noneOf(Need.class);
        for (Caution written : pose.facts().written()) {
            if (!told.add(written.need()))
                draft.problem(
                        pose, "cautions", "two cautions for " + written.need().words());
        }
        for (String milder : pose.facts().milder()) {
            if (!draft.byId().containsKey(milder)) draft.problem(pose, "milder", "there is no pose " + milder);
        }
        for (CautionFacts.Override override : pose.facts().overrides()) {
            String need = override.need().words();
            boolean known = override.sentence() == null || Rulebook.shipped().hasSentence(override.sentence());
            if (!known)
                draft.problem(pose, "overrides", "for " + need + " there is no sentence " + override.sentence());
            String instead = override.instead();
            if (instead == null) continue;
            if (!draft.byId().containsKey(instead))
                draft.problem(pose, "overrides", "for " + need + " there is no pose " + instead);
            else if (pose.caution(override.need())
                    .filter(c -> !instead.equals(c.instead()))
                    .isPresent()) draft.problem(pose, "overrides", instead + " is not safe or not near for " + need);
        }
    }

    private static void caution(Entries draft, Pose pose, Caution caution) {
        if (caution.severity() == Caution.Severity.TELL) return;
        Need need = caution.need();
        String place = caution.because().isEmpty() ? "cautions" : "mechanisms";
        if (caution.change().isBlank())
            draft.problem(pose, place, "the caution for " + need.words() + " says change but not to what");
        if (caution.instead() == null) {
            if (!caution.because().isEmpty())
                draft.problem(pose, place, "for " + need.words() + " nothing takes its place");
            return;
        }
        Pose other = draft.byId().get(caution.instead());
        if (other == null) draft.problem(pose, place, "for " + need.words() + " there is no pose " + caution.instead());
        else if (other.id().equals(pose.id())) draft.problem(pose, place, "takes its own place for " + need.words());
        else if (other.caution(need)
                .filter(c -> c.severity() != Caution.Severity.TELL)
                .isPresent())
            draft.problem(pose, place, other.id() + " is changed or left out for " + need.words() + " itself");
    }
}
