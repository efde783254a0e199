package gurukram.core.body;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** Where a pose is felt. */
public enum BodyArea {
    NECK,
    SHOULDERS,
    CHEST,
    UPPER_BACK,
    LOWER_BACK,
    ARMS,
    WRISTS,
    CORE_FRONT,
    CORE_SIDES,
    HIP_FRONT,
    OUTER_HIPS,
    GLUTES,
    INNER_THIGHS,
    FRONT_THIGHS,
    HAMSTRINGS,
    CALVES,
    ANKLES_FEET,
    /** Only ever where a pose must not be felt. */
    KNEES;

    /** As written in the catalogue: {@code outer-hips}. */
    @JsonValue
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
