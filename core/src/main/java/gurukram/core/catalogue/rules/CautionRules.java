package gurukram.core.catalogue.rules;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Cautions say what to do instead, and none that a pose's own facts call for is missing: what loads wrists has a word for
 * sore wrists, what turns the head down one for eye pressure, and so on.
 */
final class CautionRules {
    private record Called(String fact, Predicate<Pose> has, List<Need> needs) {}

    private static final List<Called> CALLED = List.of(
            called("loads the wrists", Pose::wristLoad, Need.WRIST),
            called(
                    "puts the head below the heart",
                    Pose::headDown,
                    Need.EYE_PRESSURE,
                    Need.HIGH_BLOOD_PRESSURE,
                    Need.REFLUX,
                    Need.VERTIGO),
            called("lies on the belly", p -> p.base() == Base.PRONE, Need.PREGNANCY_LATER, Need.RECENT_SURGERY),
            called("is of high risk", p -> p.risk() == Risk.HIGH, Need.FIRST_TIME),
            called(
                    "is upside down",
                    p -> p.base() == Base.INVERTED,
                    Need.PREGNANCY_EARLY,
                    Need.PREGNANCY_LATER,
                    Need.EPILEPSY,
                    Need.OSTEOPOROSIS),
            called(
                    "balances on one leg",
                    demands(Action.ONE_LEG_BALANCE, 2),
                    Need.ANKLE,
                    Need.VERTIGO,
                    Need.PREGNANCY_LATER,
                    Need.OSTEOPOROSIS),
            called("loads the neck", demands(Action.NECK_LOAD, 2), Need.NECK, Need.OSTEOPOROSIS),
            called(
                    "turns the spine far",
                    demands(Action.SPINE_ROTATION, 2),
                    Need.LOW_BACK,
                    Need.SACROILIAC,
                    Need.PREGNANCY_EARLY,
                    Need.PREGNANCY_LATER,
                    Need.OSTEOPOROSIS),
            called(
                    "bends the spine far back",
                    demands(Action.SPINE_EXTENSION, 2),
                    Need.LOW_BACK,
                    Need.PREGNANCY_EARLY,
                    Need.AFTER_BIRTH,
                    Need.NECK),
            called("bends the spine far to the side", demands(Action.SPINE_SIDE_BEND, 2), Need.OSTEOPOROSIS),
            called(
                    "is strong for the middle",
                    demands(Action.CORE_FRONT, 3),
                    Need.AFTER_BIRTH,
                    Need.PREGNANCY_EARLY,
                    Need.PREGNANCY_LATER,
                    Need.RECENT_SURGERY),
            called("bends the knee fully", demands(Action.KNEE_FLEXION, 3), Need.KNEE),
            called("turns the hip out fully", demands(Action.HIP_OUTWARD_ROTATION, 3), Need.KNEE, Need.HIP_REPLACEMENT),
            called("bends the hip fully", demands(Action.HIP_FLEXION, 3), Need.HIP_REPLACEMENT),
            called(
                    "lengthens the hamstrings fully",
                    demands(Action.HAMSTRING_LENGTH, 3),
                    Need.HAMSTRING_ORIGIN,
                    Need.SCIATICA));

    private CautionRules() {}

    private static Called called(String fact, Predicate<Pose> has, Need... needs) {
        return new Called(fact, has, List.of(needs));
    }

    private static Predicate<Pose> demands(Action action, int strength) {
        return pose -> pose.demands(action) >= strength;
    }

    static void check(Entries draft) {
        for (Pose pose : draft.poses()) {
            Set<Need> told = EnumSet.noneOf(Need.class);
            for (Caution caution : pose.cautions()) {
                String need = caution.need().words();
                if (!told.add(caution.need())) draft.problem(pose, "cautions", "two cautions for " + need);
                if (caution.severity() == Caution.Severity.CHANGE
                        && caution.change().isBlank()) {
                    draft.problem(pose, "cautions", "the caution for " + need + " says change but not to what");
                }
                if (caution.instead() != null) instead(draft, pose, caution);
            }
            for (Called called : CALLED) {
                if (!called.has().test(pose)) continue;
                for (Need need : called.needs()) {
                    if (told.contains(need)) continue;
                    draft.problem(pose, "cautions", called.fact() + ", so it needs a caution for " + need.words());
                }
            }
        }
    }

    private static void instead(Entries draft, Pose pose, Caution caution) {
        String need = caution.need().words();
        Pose other = draft.byId().get(caution.instead());
        if (other == null) {
            draft.problem(pose, "cautions", "for " + need + " there is no pose " + caution.instead());
        } else if (other.id().equals(pose.id())) {
            draft.problem(pose, "cautions", "takes its own place for " + need);
        } else if (other.caution(caution.need())
                .filter(c -> c.severity() == Caution.Severity.BLOCKED)
                .isPresent()) {
            draft.problem(pose, "cautions", other.id() + " is blocked for " + need + " itself");
        }
    }
}
