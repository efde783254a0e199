package gurukram.core.pose;

import java.util.Locale;

/** What people bring to class that some poses must be changed for. Counted on a group, never tied to a name. */
public enum Need {
    LOW_BACK,
    SACROILIAC,
    HIGH_BLOOD_PRESSURE,
    LOW_BLOOD_PRESSURE,
    PREGNANCY_EARLY,
    PREGNANCY_LATER,
    AFTER_BIRTH,
    EYE_PRESSURE,
    NECK,
    WRIST,
    SHOULDER,
    KNEE,
    ANKLE,
    HIP_REPLACEMENT,
    HAMSTRING_ORIGIN,
    SCIATICA,
    OSTEOPOROSIS,
    VERTIGO,
    EPILEPSY,
    PANIC,
    ASTHMA,
    REFLUX,
    RECENT_SURGERY,
    HYPERMOBILITY,
    FIRST_TIME;

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
