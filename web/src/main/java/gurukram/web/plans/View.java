package gurukram.web.plans;

import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.pose.Level;

/**
 * Which line of a class a page shows.
 *
 * @param level null when it is a mixed room: the base line is the clock, and every level's line stands beside it
 * @param told a word where the address asked for a line there is none of; empty otherwise
 */
public record View(Level level, String told) {
    private static final String MIXED_WORD = "MIXED";
    public static final View MIXED = new View(null);

    public View(Level level) {
        this(level, "");
    }

    /**
     * @param asked the name of a level, or {@code MIXED}; empty, null or no level is what the class itself is for
     * @param settings of the class; not looked at when {@code asked} is a level
     */
    public static View of(String asked, ClassSettings settings) {
        if (MIXED_WORD.equals(asked)) return MIXED;
        for (Level level : Level.values()) {
            if (level.name().equals(asked)) return new View(level);
        }
        Level own = settings.mixed() ? null : settings.level();
        if (asked == null || asked.isEmpty()) return new View(own);
        return new View(own, "There is no such level; this is the class as it is written.");
    }

    public boolean isMixed() {
        return level == null;
    }

    /** As it stands in addresses. */
    public String word() {
        return isMixed() ? MIXED_WORD : level.name();
    }
}
