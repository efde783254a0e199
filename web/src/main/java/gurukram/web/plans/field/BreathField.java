package gurukram.web.plans.field;

import gurukram.core.plan.settings.BreathLengths;
import gurukram.core.plan.settings.Timing;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;

/** The length of a breath in holds, as it is shown and typed: {@code 5 s}. */
final class BreathField {
    private BreathField() {}

    static String words(Integer millis) {
        return millis == null ? "" : Millis.seconds(millis) + " s";
    }

    /** Null when nothing is typed; {@link Refused} when it is no length of a breath. */
    static Integer millis(String typed) {
        if (typed.isBlank()) return null;
        String plain = typed.strip().replaceFirst("(?i) *(?:s|sec|seconds?)?(?: *(?:a|each|per) breath)?$", "");
        return TypedSeconds.millis(plain, Timing.BREATH_MILLIS);
    }

    /** The lengths with one for the breaths of all holds. */
    static BreathLengths over(BreathLengths now, String typed) {
        Integer ms = millis(typed);
        return now.withActive(ms).withPassive(ms);
    }
}
