package gurukram.core.plan.settings;

import java.util.Locale;

/** How much is said: the whole cue, its short form, or nothing. */
public enum CueLevel {
    LONG,
    SHORT,
    SILENT;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
