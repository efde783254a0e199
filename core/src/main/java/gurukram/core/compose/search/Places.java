package gurukram.core.compose.search;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.body.Facing;
import gurukram.core.body.SideBehaviour;
import gurukram.core.dose.Dose;
import gurukram.core.plan.SectionRole;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import java.util.EnumSet;
import java.util.Set;

/** Which part of a class a pose belongs to, and in which order the poses of a part follow each other. */
public final class Places {
    private static final Set<Base> UPRIGHT = EnumSet.of(Base.STANDING, Base.LUNGE, Base.SQUAT);
    private static final Set<Base> HANDS = EnumSet.of(Base.DOG, Base.PLANK, Base.FOREARMS);
    private static final Set<Base> FLOOR = EnumSet.of(
            Base.SEATED, Base.SUPINE, Base.PRONE, Base.CHILD, Base.KNEELING, Base.HANDS_AND_KNEES, Base.SIDE_LYING);
    private static final Set<Base> LYING = EnumSet.of(Base.SUPINE, Base.PRONE, Base.SIDE_LYING);
    private static final Set<Base> AFTER =
            EnumSet.of(Base.SEATED, Base.SUPINE, Base.PRONE, Base.CHILD, Base.KNEELING, Base.SIDE_LYING);
    private static final Set<String> MOBILE = Set.of("warm ups", "hands and knees", "side bends");
    /** What is passed through and not stayed in. */
    private static final Set<String> PASSING = Set.of("half-lift", "wide-half-lift", "raised-arms", "palm-tree");

    private static final int LONG_SECONDS = 60;

    private Places() {}

    public static boolean isFloor(Base base) {
        return FLOOR.contains(base);
    }

    public static boolean isLying(Base base) {
        return LYING.contains(base);
    }

    /** Whether nobody who stands has to sit or lie down between two poses, and nobody who is down to stand up. */
    public static boolean staysUpOrDown(Pose a, Pose b) {
        // from a lunge with the knee on the floor to kneeling nobody goes down
        boolean kneels = a.facts().mechanisms().contains(Mechanism.KNEEL) && b.base() == Base.KNEELING;
        return !(isDown(a) && UPRIGHT.contains(b.base()) || UPRIGHT.contains(a.base()) && isLow(b) && !kneels);
    }

    /** Sitting and lying; what kneels upright is no way down. */
    public static boolean isDown(Pose pose) {
        return isFloor(pose.base()) && pose.base() != Base.KNEELING && pose.base() != Base.HANDS_AND_KNEES
                || isFaceUp(pose);
    }

    /** On the floor, or begun there. */
    public static boolean isLow(Pose pose) {
        return isFloor(pose.base()) || isFaceUp(pose);
    }

    /** On hands and feet with the chest up, both hands behind: one begins sitting. */
    private static boolean isFaceUp(Pose pose) {
        return pose.base() == Base.PLANK && pose.facing() == Facing.UP && pose.sides() == SideBehaviour.SYMMETRIC;
    }

    /** Where people are when they begin a pose. */
    public static Base begins(Pose pose) {
        return isFaceUp(pose) ? Base.SEATED : pose.base();
    }

    /** Where a pose that prepares the peak stands: low and gentle before the salutations, else with its kind. */
    public static SectionRole forPreparation(Pose pose, Pose peak, boolean hasFloor) {
        if (pose.demands(Action.ONE_LEG_BALANCE) >= 2 && pose.base() == Base.STANDING) return SectionRole.BALANCE;
        if (isFaceUp(pose)) return hasFloor ? SectionRole.FLOOR : SectionRole.WARM_UP;
        if (UPRIGHT.contains(pose.base()) || HANDS.contains(pose.base())) return SectionRole.STANDING;
        if (pose.base() == Base.ARM_BALANCE || pose.base() == Base.INVERTED) return SectionRole.STRENGTH;
        boolean deep = pose.effort() >= 3 || pose.depth() >= 2;
        if (!hasFloor && pose.base() == Base.KNEELING && pose.effort() >= 4) return SectionRole.STANDING;
        return hasFloor && isLow(peak) && deep ? SectionRole.FLOOR : SectionRole.WARM_UP;
    }

    /** Whether a pose may fill a part up; what is a rest, a breath or a single movement does not. */
    public static boolean fills(SectionRole role, Pose pose, Dose dose, boolean peakIsLow) {
        boolean rests = dose instanceof Dose.Seconds s && s.seconds() >= LONG_SECONDS;
        boolean breath = pose.family().equals("breathing");
        if (role == SectionRole.BREATHE) return breath && pose.risk() == Risk.LOW && pose.base() != Base.SUPINE;
        if (breath || rests || isResting(pose) || dose instanceof Dose.Movement || pose.risk() != Risk.LOW)
            return false;
        boolean drill = pose.family().equals("drills") || pose.family().equals("core");
        return switch (role) {
            case WARM_UP ->
                isFloor(pose.base())
                        && pose.effort() <= 3
                        && (pose.depth() == 1 || pose.depth() == 2 && MOBILE.contains(pose.family()))
                        && !isComplex(pose)
                        && pose.base() != Base.SIDE_LYING;
            case STANDING ->
                !PASSING.contains(pose.id())
                        && !isFaceUp(pose)
                        && (UPRIGHT.contains(pose.base()) || pose.base() == Base.DOG || pose.base() == Base.PLANK)
                        && pose.effort() >= 2
                        && pose.demands(Action.ONE_LEG_BALANCE) < 2
                        && !pose.family().equals("drills");
            case BALANCE -> pose.base() == Base.STANDING && pose.demands(Action.ONE_LEG_BALANCE) >= 2;
            case FLOOR ->
                peakIsLow
                        ? isFloor(pose.base()) && pose.effort() >= 2 && pose.base() != Base.CHILD && !isComplex(pose)
                        : AFTER.contains(pose.base()) && pose.effort() == 2 && !drill && !isComplex(pose);
            case COOL_DOWN ->
                AFTER.contains(pose.base())
                        && pose.effort() <= 2
                        && pose.depth() <= 2
                        && pose.base() != Base.CHILD
                        && pose.hold() == Hold.PASSIVE
                        && !pose.family().equals("warm ups");
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
}
