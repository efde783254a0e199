package gurukram.core.plan.settings;

import gurukram.core.pose.Hold;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What a step says about its own time; null leaves it to the flow, the pose and the pace.
 *
 * @param pace a pace typed for its movements, or for each of its repetitions; a hold has none
 * @param settingUpMillis getting into the pose, ms, exactly
 * @param secondSettingUpMillis the same for the second side where it has another
 * @param hold whether its breaths are those of an active or a passive hold
 * @param breathMillis one of its breaths, ms, in a hold as in a movement
 * @param cueing a way of cueing of its own; a movement of a flow that is explained is got into like a hold the first time a side
 */
public record Timing(
        @Nullable TypedPace pace,
        @Nullable Integer settingUpMillis,
        @Nullable Integer secondSettingUpMillis,
        @Nullable Hold hold,
        @Nullable Integer breathMillis,
        @Nullable Cueing cueing) {
    public static final Limit SETTING_UP_MILLIS = new Limit("Milliseconds of setting up", 0, 600_000);
    public static final Limit BREATH_MILLIS = new Limit("Milliseconds a breath", 1_500, 60_000);
    public static final Timing USUAL = new Timing(null, null, null, null, null, null);

    public Timing {
        if (settingUpMillis != null) SETTING_UP_MILLIS.check(settingUpMillis);
        if (secondSettingUpMillis != null) SETTING_UP_MILLIS.check(secondSettingUpMillis);
        if (secondSettingUpMillis != null && settingUpMillis == null)
            throw new Refused("Setting up for the second side needs one for the first.");
        if (breathMillis != null) BREATH_MILLIS.check(breathMillis);
    }

    public Timing withPace(@Nullable TypedPace other) {
        return new Timing(other, settingUpMillis, secondSettingUpMillis, hold, breathMillis, cueing);
    }

    public Timing withHold(@Nullable Hold other) {
        return new Timing(pace, settingUpMillis, secondSettingUpMillis, other, breathMillis, cueing);
    }

    public Timing withBreath(@Nullable Integer other) {
        return new Timing(pace, settingUpMillis, secondSettingUpMillis, hold, other, cueing);
    }

    public Timing with(@Nullable Cueing other) {
        return new Timing(pace, settingUpMillis, secondSettingUpMillis, hold, breathMillis, other);
    }

    /** @param second for the second side where it differs; null for the same on both */
    public Timing withSettingUp(@Nullable Integer first, @Nullable Integer second) {
        return new Timing(pace, first, second, hold, breathMillis, cueing);
    }

    /** The typed setting up of a side; null where none is typed. */
    public @Nullable Integer settingUpOf(boolean second) {
        return second && secondSettingUpMillis != null ? secondSettingUpMillis : settingUpMillis;
    }
}
