package gurukram.web.plans.fit;

import gurukram.core.fit.FitRequest;
import gurukram.core.fit.FitRequest.Freedom;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.pose.Level;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import java.util.Map;

/**
 * What a class is to be fitted to, as it was asked for.
 *
 * @param minutes the slot, as typed; {@code late} seconds the class begins late, as typed
 */
record FitForm(
        String minutes, String late, boolean rounds, boolean usual, boolean open, boolean optional, boolean rest) {
    static final Limit LATE = new Limit("Seconds late", 0, 3_600);

    /** What is ticked in a form that was sent; for one that was not, everything but the rest. */
    static FitForm read(Map<String, String> typed, ClassSettings settings) {
        if (!typed.containsKey("minutes")) {
            return new FitForm(String.valueOf(settings.slotMinutes()), "0", true, true, true, true, false);
        }
        return new FitForm(
                typed.get("minutes"),
                typed.getOrDefault("late", "0").isBlank() ? "0" : typed.get("late"),
                typed.containsKey("rounds"),
                typed.containsKey("usual"),
                typed.containsKey("open"),
                typed.containsKey("optional"),
                typed.containsKey("rest"));
    }

    /** {@link Refused} when a number is none. */
    FitRequest request(Level level) {
        long slot = (long) ClassSettings.SLOT.parse(minutes) * Millis.MINUTE;
        long target = slot - (long) LATE.parse(late) * Millis.SECOND;
        if (target <= 0) throw new Refused("So late there is nothing left of the class.");
        return new FitRequest(target, FitRequest.TOLERANCE_MS, level, new Freedom(rounds, usual, open, optional, rest));
    }

    /** The slot asked for, when it is another than the class has; 0 otherwise. */
    int otherSlot(ClassSettings settings) {
        int asked = ClassSettings.SLOT.parse(minutes);
        return asked == settings.slotMinutes() ? 0 : asked;
    }

    boolean isLate() {
        return LATE.parse(late) > 0;
    }
}
