package gurukram.web.calendar;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;

/**
 * What is different about one date of a weekly group.
 *
 * @param day the day the group usually meets, {@code onDay} the one it meets on instead; null for the usual one
 * @param startsAt null for the usual time
 * @param classId the class that was chosen for it; null for none
 * @param substitute who teaches it instead; empty when the teacher does
 * @param booked how many mats are booked, as the studio's calendar said at {@code bookedAt}; null where it was not asked
 */
record Meeting(
        UUID group,
        LocalDate day,
        LocalDate onDay,
        LocalTime startsAt,
        UUID classId,
        boolean cancelled,
        String substitute,
        Integer booked,
        Integer firstTimers,
        Instant bookedAt) {
    static Meeting usual(UUID group, LocalDate day) {
        return new Meeting(group, day, null, null, null, false, "", null, null, null);
    }
}
