package gurukram.core.pose;

import java.util.Locale;

/** What people bring to class that some poses must be changed for. Counted on a group, never tied to a name. */
public enum Need {
    LOW_BACK,
    LOW_BACK_BENDING,
    LOW_BACK_ARCHING,
    SACROILIAC,
    PELVIC_GIRDLE,
    SPINE_FUSED,
    OSTEOPOROSIS,
    NECK,
    JAW,
    SHOULDER,
    SHOULDER_DISLOCATION,
    WRIST,
    RHEUMATOID,
    KNEE,
    KNEE_REPLACEMENT,
    HIP_REPLACEMENT,
    HIP_IMPINGEMENT,
    HAMSTRING_ORIGIN,
    SCIATICA,
    ANKLE,
    FOOT,
    HYPERMOBILITY,
    PREGNANCY_EARLY,
    PREGNANCY_LATER,
    AFTER_BIRTH,
    PROLAPSE,
    HERNIA,
    RECENT_SURGERY,
    HIGH_BLOOD_PRESSURE,
    LOW_BLOOD_PRESSURE,
    HEART,
    THROMBOSIS,
    EYE_PRESSURE,
    RETINA,
    MIGRAINE,
    VERTIGO,
    EPILEPSY,
    PANIC,
    ASTHMA,
    REFLUX,
    LARGE_BODY,
    NO_FLOOR,
    FIRST_TIME;

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** As written in the rules: {@code hip-replacement}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Reads what {@link #word()} writes; {@link IllegalArgumentException} for anything else. */
    public static Need parse(String word) {
        return valueOf(word.strip().toUpperCase(Locale.ROOT).replace('-', '_'));
    }
}
