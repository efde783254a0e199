package gurukram.web.groups;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.UUID;

/** A weekly class of people. */
public record Group(UUID id, String name, DayOfWeek day, LocalTime startsAt, int slotMinutes, String level) {
    /** {@code Tuesday 18:30, 60 min, beginner}. */
    public String when() {
        String dayName = day.getDisplayName(java.time.format.TextStyle.FULL, java.util.Locale.ENGLISH);
        return "%s %s, %d min, %s".formatted(dayName, startsAt, slotMinutes, level.toLowerCase(java.util.Locale.ROOT));
    }
}
