package gurukram.core.figure;

import java.util.Locale;

/** The named places of the skeleton; those ending in 2 are on the other side than the one the pose is named by. */
public enum Joint {
    PELVIS,
    CHEST,
    HEAD,
    SHOULDER,
    ELBOW,
    WRIST,
    FINGERS,
    HIP,
    THIGH,
    KNEE,
    SHIN,
    ANKLE,
    TOES,
    SHOULDER2,
    ELBOW2,
    WRIST2,
    FINGERS2,
    HIP2,
    THIGH2,
    KNEE2,
    SHIN2,
    ANKLE2,
    TOES2;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
