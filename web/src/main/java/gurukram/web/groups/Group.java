package gurukram.web.groups;

import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A weekly class of people: when they meet, and what planning needs to know of them, as counts.
 *
 * @param id null for one that is not kept yet
 * @param style the style they practise; null when it varies
 * @param school where their school differs from the teacher's, in the words of the notation; may be empty
 * @param needs how many of them have a need; nobody's name stands with one
 * @param touch how many like hands-on help
 * @param room null when it varies
 */
public record Group(
        UUID id,
        String name,
        DayOfWeek day,
        LocalTime startsAt,
        int slotMinutes,
        Level level,
        int mats,
        Map<Need, Integer> needs,
        Style style,
        String school,
        Touch touch,
        UUID room) {

    /** How many welcome hands-on help, want to be asked each time, and want none. */
    public record Touch(int welcome, int ask, int none) {
        public static final Touch UNKNOWN = new Touch(0, 0, 0);
    }

    /** A group of which no more is known than when it meets. */
    public static Group of(String name, DayOfWeek day, LocalTime startsAt, int slotMinutes, Level level) {
        return new Group(null, name, day, startsAt, slotMinutes, level, 12, Map.of(), null, "", Touch.UNKNOWN, null);
    }

    /** {@code Tuesday 18:30, 60 min, beginner}. */
    public String when() {
        String dayName = day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
        return "%s %s, %d min, %s".formatted(dayName, startsAt, slotMinutes, level.word());
    }

    /** {@code 14 mats; wrist 2, knee 1}. */
    public String people() {
        String counted = needs.entrySet().stream()
                .map(each -> each.getKey().words() + " " + each.getValue())
                .collect(Collectors.joining(", "));
        return mats + (mats == 1 ? " mat" : " mats") + (counted.isEmpty() ? "" : "; " + counted);
    }
}
