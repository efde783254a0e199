package gurukram.core.pose;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/**
 * What a pose does to a body, a closed list; each is defined in {@code resources/cautions/mechanisms.tsv}. Cautions are derived
 * from them by rules.
 */
public enum Mechanism {
    HEAD_HALF,
    HEAD_FULL,
    LEGS_RAISED,
    HEAD_BACK,
    WEIGHT_HEAD,
    HEAD_LIGHT,
    FACE_DOWN,
    WEIGHT_NECK,
    NECK_LIGHT,
    NECK_TURNED,
    JAW,
    HANDS_PART,
    HANDS_STRONG,
    HANDS_WHOLE,
    ONE_HAND,
    WRIST_END,
    WRIST_MOVE,
    FOREARMS,
    PUSH_LOWER,
    ARMS_UP,
    ARM_HELD,
    OVERHEAD_LOAD,
    SHOULDER_BACK,
    SHOULDER_OPEN,
    BIND,
    ON_SHOULDER,
    ROUND,
    ROUND_END,
    ROUND_LOAD,
    HINGE,
    ARCH,
    ARCH_LOAD,
    ARCH_END,
    TURN_OPEN,
    TURN_CLOSED,
    TURN_END,
    TURN_FIXED,
    TURN_LYING,
    SIDE_BEND,
    SIDE_BEND_END,
    HIP_90,
    HIP_120,
    HIP_CROSS,
    HIP_IN,
    HIP_OUT,
    HIP_WIDE,
    HIP_BACK,
    LEGS_SPLIT,
    HAMSTRING,
    HAMSTRING_END,
    THIGH_END,
    KNEE_LOAD,
    KNEE_DEEP_LOAD,
    KNEE_DEEP,
    KNEE_TWIST,
    CROSS_LEGS,
    KNEEL,
    KNEE_STRAIGHT,
    ANKLE_POINT,
    TOES_TUCKED,
    ANKLE_BEND,
    TIPTOE,
    STAND,
    ONE_LEG,
    TOE_TOUCH,
    NARROW,
    LIMB_OFF,
    FALL,
    HAND_FLOOR,
    JUMP,
    SWING,
    BELLY_DOWN,
    BELLY_PRESS,
    BACK_FLAT,
    BRACE,
    BRACE_STRONG,
    BREATH_HOLD,
    BREATH_FORCE,
    BREATH_LOUD,
    BREATH_SET,
    EARS_SHUT,
    STILL,
    RISE,
    HOLD_HARD,
    FLOOR,
    SIT_FLOOR,
    LOW_SEAT,
    SIT_CHAIR,
    GATED,
    SKILL;

    /** As written in the catalogue: {@code knee-deep-load}. */
    @JsonValue
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Reads what {@link #word()} writes; {@link IllegalArgumentException} for anything else. */
    public static Mechanism parse(String word) {
        return valueOf(word.strip().toUpperCase(Locale.ROOT).replace('-', '_'));
    }
}
