package gurukram.core.coverage;

import gurukram.core.pose.Level;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * One class that was taught.
 *
 * @param peak the pose it led to, by id; null without one
 * @param theme may be empty, and {@code affirmation} too
 */
public record Lesson(
        LocalDate day,
        String title,
        Level level,
        @Nullable String peak,
        String theme,
        String affirmation,
        Covered covered) {}
