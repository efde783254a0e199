package gurukram.core.compose;

import gurukram.core.dose.Dose;
import gurukram.core.plan.SectionRole;
import gurukram.core.pose.Action;
import gurukram.core.pose.Base;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.Hold;
import gurukram.core.pose.MatDirection;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Which part of a class a pose belongs to, and in which order the poses of a part follow each other. */
final class Places {
    private static final Set<Base> UPRIGHT = EnumSet.of(Base.STANDING, Base.LUNGE, Base.SQUAT);
    private static final Set<Base> HANDS = EnumSet.of(Base.DOG, Base.PLANK, Base.FOREARMS);
    private static final Set<Base> FLOOR = EnumSet.of(
            Base.SEATED, Base.SUPINE, Base.PRONE, Base.CHILD, Base.KNEELING, Base.HANDS_AND_KNEES, Base.SIDE_LYING);
    private static final List<Base> RISING = List.of(
            Base.SUPINE,
            Base.SIDE_LYING,
            Base.SEATED,
            Base.KNEELING,
            Base.HANDS_AND_KNEES,
            Base.PRONE,
            Base.CHILD,
            Base.FOREARMS,
            Base.PLANK,
            Base.DOG,
            Base.LUNGE,
            Base.STANDING,
            Base.SQUAT);
    private static final List<Base> STANDING =
            List.of(Base.FOREARMS, Base.PLANK, Base.DOG, Base.LUNGE, Base.STANDING, Base.SQUAT);
    private static final List<Base> FROM_STANDING = List.of(
            Base.STANDING,
            Base.SQUAT,
            Base.LUNGE,
            Base.KNEELING,
            Base.HANDS_AND_KNEES,
            Base.FOREARMS,
            Base.PLANK,
            Base.CHILD,
            Base.PRONE,
            Base.SEATED,
            Base.SIDE_LYING,
            Base.SUPINE);
    private static final int LONG_SECONDS = 60;

    private Places() {}

    static boolean isFloor(Base base) {
        return FLOOR.contains(base);
    }

    /** Where a pose that prepares the peak stands: low and gentle before the salutations, else with its kind. */
    static SectionRole forPreparation(Pose pose, Pose peak, boolean hasFloor) {
        if (pose.demands(Action.ONE_LEG_BALANCE) >= 2 && pose.base() == Base.STANDING) return SectionRole.BALANCE;
        if (UPRIGHT.contains(pose.base()) || HANDS.contains(pose.base())) return SectionRole.STANDING;
        boolean deep = pose.effort() >= 3 || pose.depth() >= 2;
        return hasFloor && isFloor(peak.base()) && deep ? SectionRole.FLOOR : SectionRole.WARM_UP;
    }

    /** Whether a pose may fill a part up; what is a rest, a breath or a single movement does not. */
    static boolean fills(SectionRole role, Pose pose, Dose dose) {
        boolean rests = dose instanceof Dose.Seconds s && s.seconds() >= LONG_SECONDS;
        boolean breath = pose.family().equals("breathing");
        if (role == SectionRole.BREATHE) return breath && pose.risk() == Risk.LOW && pose.base() != Base.SUPINE;
        if (breath || rests || isResting(pose) || dose instanceof Dose.Movement || pose.risk() != Risk.LOW)
            return false;
        return switch (role) {
            case WARM_UP ->
                isFloor(pose.base())
                        && pose.effort() <= 3
                        && pose.depth() <= 2
                        && !isComplex(pose)
                        && pose.base() != Base.SIDE_LYING;
            case STANDING ->
                (UPRIGHT.contains(pose.base()) || pose.base() == Base.DOG || pose.base() == Base.PLANK)
                        && pose.effort() >= 2
                        && pose.demands(Action.ONE_LEG_BALANCE) < 2;
            case BALANCE -> pose.base() == Base.STANDING && pose.demands(Action.ONE_LEG_BALANCE) >= 2;
            case FLOOR -> isFloor(pose.base()) && pose.effort() >= 2 && pose.base() != Base.CHILD && !isComplex(pose);
            case COOL_DOWN ->
                isFloor(pose.base())
                        && pose.effort() <= 2
                        && pose.depth() <= 2
                        && pose.hold() == Hold.PASSIVE
                        && pose.base() != Base.HANDS_AND_KNEES;
            default -> false;
        };
    }

    private static boolean isComplex(Pose pose) {
        return pose.complexity() == Complexity.COMPLEX || pose.complexity() == Complexity.FULLY_EXPLAINED;
    }

    private static boolean isResting(Pose pose) {
        return pose.stretches().isEmpty() && pose.works().isEmpty()
                || pose.family().equals("seats") && pose.effort() == 1 && pose.depth() == 1;
    }

    /** The order within a part: the bases on one way, along the mat before across it, gentle before strong. */
    static Comparator<Pose> order(SectionRole role, Dice dice) {
        List<Base> bases = switch (role) {
            case WARM_UP -> RISING;
            case FLOOR, COOL_DOWN, COUNTERPOSES -> FROM_STANDING;
            default -> STANDING;
        };
        int turned = role == SectionRole.STANDING && dice.at("turned") < 0.5 ? -1 : 1;
        return Comparator.comparingInt((Pose pose) -> turned * rank(bases, pose))
                .thenComparingDouble(pose -> intensity(pose) + 1.5 * dice.at(pose.id()))
                .thenComparing(Pose::id);
    }

    private static int rank(List<Base> bases, Pose pose) {
        int rank = 2 * bases.indexOf(pose.base());
        return pose.base() == Base.STANDING && pose.mat() == MatDirection.ACROSS ? rank + 1 : rank;
    }

    private static double intensity(Pose pose) {
        return pose.effort() + pose.depth();
    }
}
