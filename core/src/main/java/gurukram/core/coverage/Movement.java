package gurukram.core.coverage;

import gurukram.core.body.Action;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import java.util.Set;

/** The kinds of movement a teacher would miss over weeks. Ours: what teachers name when they look back, not every action there is. */
public enum Movement {
    TWIST("a twist", Level.BEGINNER, Action.SPINE_ROTATION),
    SIDE_BEND("a side bend", Level.BEGINNER, Action.SPINE_SIDE_BEND),
    BACKBEND("a backbend", Level.BEGINNER, Action.SPINE_EXTENSION),
    FORWARD_FOLD("a forward fold", Level.BEGINNER, Action.SPINE_FLEXION, Action.HAMSTRING_LENGTH),
    HIP_OPENER("a hip opener", Level.BEGINNER, Action.HIP_OUTWARD_ROTATION),
    HIP_FRONTS("a stretch for the fronts of the hips", Level.BEGINNER, Action.HIP_EXTENSION),
    FRONT_THIGHS("a stretch for the front thighs", Level.BEGINNER, Action.QUAD_LENGTH),
    WIDE_LEGS("a pose with the legs wide", Level.BEGINNER, Action.HIP_ABDUCTION),
    ARMS_UP("a pose with the arms overhead", Level.BEGINNER, Action.SHOULDER_FLEXION),
    ARMS_BACK("a pose with the arms behind", Level.BEGINNER, Action.SHOULDER_EXTENSION),
    BALANCE("a balance on one leg", Level.BEGINNER, Action.ONE_LEG_BALANCE),
    LEGS("work for the legs", Level.BEGINNER, Action.LEG_STRENGTH),
    BELLY("work for the belly", Level.BEGINNER, Action.CORE_FRONT),
    WAIST("work for the sides of the waist", Level.BEGINNER, Action.CORE_SIDE),
    BACK("work for the back", Level.BEGINNER, Action.BACK_STRENGTH),
    ARMS("weight on the arms", Level.INTERMEDIATE, Action.ARM_PUSH),
    UPSIDE_DOWN("a pose upside down", Level.INTERMEDIATE, Action.INVERSION),
    ON_HANDS("a balance on the hands", Level.ADVANCED, Action.HAND_BALANCE);

    private static final int CLEARLY = 2;

    private final String words;
    private final Level from;
    private final Set<Action> actions;

    Movement(String words, Level from, Action... actions) {
        this.words = words;
        this.from = from;
        this.actions = Set.of(actions);
    }

    /** As in “with …”: {@code a twist}. */
    public String words() {
        return words;
    }

    /** As in “no …”: {@code twist}. */
    String bare() {
        return words.startsWith("a ") ? words.substring(2) : words;
    }

    /** Whether a class of the level would be expected to have it. */
    public boolean isFor(Level level) {
        return from.ordinal() <= level.ordinal();
    }

    /** How much of it is in a pose, 0 to 3. */
    public int in(Pose pose) {
        return actions.stream()
                .mapToInt(action -> Math.max(pose.demands(action), pose.prepares(action)))
                .max()
                .orElse(0);
    }

    /** Whether a pose clearly has it. */
    public boolean isIn(Pose pose) {
        return in(pose) >= CLEARLY;
    }
}
