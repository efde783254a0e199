package gurukram.web.plans;

import gurukram.core.plan.ClassSettings;
import gurukram.core.pose.Level;

/**
 * Which line of a class a page shows.
 *
 * @param level null when it is a mixed room: the base line is the clock, and every level's line stands beside it
 */
record View(Level level) {
    private static final String MIXED_WORD = "MIXED";
    static final View MIXED = new View(null);

    /** @param asked the name of a level, or {@code MIXED}; empty or null is what the class itself is for */
    static View of(String asked, ClassSettings settings) {
        if (asked == null || asked.isEmpty()) return settings.mixed() ? MIXED : new View(settings.level());
        return asked.equals(MIXED_WORD) ? MIXED : new View(Level.valueOf(asked));
    }

    boolean isMixed() {
        return level == null;
    }

    /** As it stands in addresses. */
    String word() {
        return isMixed() ? MIXED_WORD : level.name();
    }
}
