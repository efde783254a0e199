package gurukram.core.plan.settings;

import gurukram.core.pose.Hold;
import gurukram.core.text.Limit;
import org.jspecify.annotations.Nullable;

/**
 * What a step says about its own time; null leaves it to the flow, the pose and the pace.
 *
 * @param positionMillis a typed pace, ms for each half-breath or sway
 * @param settingUpMillis getting into the pose, ms, before the way of cueing; the same on both sides
 * @param hold whether its breaths are those of an active or a passive hold
 */
public record Timing(
        @Nullable Integer positionMillis,
        @Nullable Integer settingUpMillis,
        @Nullable Hold hold) {
    public static final Limit POSITION_MILLIS = new Limit("Milliseconds a position", 1_000, 60_000);
    public static final Limit SETTING_UP_MILLIS = new Limit("Milliseconds of setting up", 0, 600_000);
    public static final Timing USUAL = new Timing(null, null, null);

    public Timing {
        if (positionMillis != null) POSITION_MILLIS.check(positionMillis);
        if (settingUpMillis != null) SETTING_UP_MILLIS.check(settingUpMillis);
    }

    public Timing withPosition(Integer ms) {
        return new Timing(ms, settingUpMillis, hold);
    }

    public Timing withSettingUp(Integer ms) {
        return new Timing(positionMillis, ms, hold);
    }

    public Timing withHold(Hold other) {
        return new Timing(positionMillis, settingUpMillis, other);
    }
}
