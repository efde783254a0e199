package gurukram.web.plans;

import java.time.Instant;
import java.util.UUID;

/** One line of the list of classes; {@code lastTaught} is null until it has been taught. */
public record ClassSummary(
        ClassId id,
        String title,
        String theme,
        String style,
        String level,
        int slotMinutes,
        long lengthMs,
        UUID group,
        Instant changedAt,
        Instant lastTaught) {}
