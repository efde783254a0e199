package gurukram.web.calendar;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;

/**
 * Something in the calendar, on its day.
 *
 * @param key a name that stays: of a group's date, a course's lesson or an event
 * @param usualDay the day it would be on by the week; the same as {@code day} where it was not moved
 * @param starts null for the whole day
 * @param what its name; {@code about} what else there is to say: who teaches it instead, from where it was moved
 * @param lesson of which course, such as {@code Half moon, week 3 of 6}; empty for none
 * @param classId empty where it has no class
 * @param mine whether the teacher teaches it herself
 * @param waited whether a class of hers is waited for where there is none; not while she is only asked, or there is one she can take
 * @param address where it is changed
 * @param clashes why it does not go together with something else
 */
public record Entry(
        String key,
        LocalDate day,
        LocalDate usualDay,
        LocalTime starts,
        int minutes,
        String what,
        String about,
        UUID room,
        String roomName,
        String lesson,
        String courseId,
        String classId,
        String classTitle,
        boolean cancelled,
        boolean mine,
        boolean teachable,
        Integer booked,
        Integer firstTimers,
        boolean waited,
        String address,
        List<String> clashes) {

    public String at() {
        return starts == null ? "" : starts.toString();
    }

    public LocalDateTime from() {
        return day.atTime(starts == null ? LocalTime.MIDNIGHT : starts);
    }

    public LocalDateTime to() {
        return from().plusMinutes(minutes);
    }

    /** Whether a class is wanting: it is to be taught and none is planned. */
    public boolean lacks() {
        return waited && teachable && mine && !cancelled && classId.isEmpty();
    }

    Entry with(List<String> others) {
        return new Entry(
                key,
                day,
                usualDay,
                starts,
                minutes,
                what,
                about,
                room,
                roomName,
                lesson,
                courseId,
                classId,
                classTitle,
                cancelled,
                mine,
                teachable,
                booked,
                firstTimers,
                waited,
                address,
                List.copyOf(others));
    }
}
