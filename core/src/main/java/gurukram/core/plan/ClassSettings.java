package gurukram.core.plan;

import gurukram.core.pose.Level;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;

/**
 * What a class is for, before its first pose.
 *
 * @param title never empty
 * @param theme a title or sentence of the teacher's own; may be empty
 * @param slotMinutes the time there is
 * @param level the level the base line is written for
 */
public record ClassSettings(String title, String theme, int slotMinutes, Style style, Level level) {
    public static final Limit SLOT = new Limit("Minutes", 5, 240);
    public static final int MOST_LETTERS = 120;

    public ClassSettings {
        title = title == null ? "" : title.strip();
        theme = theme == null ? "" : theme.strip();
        if (title.isEmpty()) throw new Refused("A class needs a title.");
        if (title.length() > MOST_LETTERS) throw new Refused("A title has at most " + MOST_LETTERS + " letters.");
        if (theme.length() > MOST_LETTERS) throw new Refused("A theme has at most " + MOST_LETTERS + " letters.");
        SLOT.check(slotMinutes);
    }

    public ClassSettings withTitle(String other) {
        return new ClassSettings(other, theme, slotMinutes, style, level);
    }

    public ClassSettings withTheme(String other) {
        return new ClassSettings(title, other, slotMinutes, style, level);
    }

    public ClassSettings withSlotMinutes(int minutes) {
        return new ClassSettings(title, theme, minutes, style, level);
    }

    public ClassSettings withStyle(Style other) {
        return new ClassSettings(title, theme, slotMinutes, other, level);
    }

    public ClassSettings withLevel(Level other) {
        return new ClassSettings(title, theme, slotMinutes, style, other);
    }
}
