package gurukram.core.body;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** What a pose can ask of a body, and what other poses can make ready: a closed list. */
public enum Action {
    HIP_FLEXION,
    HIP_EXTENSION,
    HIP_OUTWARD_ROTATION,
    HIP_INWARD_ROTATION,
    HIP_ABDUCTION,
    HAMSTRING_LENGTH,
    CALF_LENGTH,
    QUAD_LENGTH,
    KNEE_FLEXION,
    ANKLE_FLEXION,
    SPINE_FLEXION,
    SPINE_EXTENSION,
    SPINE_SIDE_BEND,
    SPINE_ROTATION,
    NECK_LOAD,
    SHOULDER_FLEXION,
    SHOULDER_EXTENSION,
    SHOULDER_OUTWARD_ROTATION,
    SHOULDER_INWARD_ROTATION,
    SHOULDER_BLADE_PUSH,
    ARM_PUSH,
    WRIST_LOAD,
    CORE_FRONT,
    CORE_SIDE,
    BACK_STRENGTH,
    LEG_STRENGTH,
    OUTER_HIP_STRENGTH,
    ONE_LEG_BALANCE,
    HAND_BALANCE,
    INVERSION;

    /** As written in the catalogue: {@code hip-outward-rotation}. */
    @JsonValue
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
