package gurukram.web.calendar;

import static gurukram.web.shared.Typed.clock;
import static gurukram.web.shared.Typed.one;
import static gurukram.web.shared.Typed.plain;
import static gurukram.web.shared.Typed.take;

import gurukram.core.text.Limit;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import gurukram.web.groups.Group;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;

/** A date of a group or an event as it was typed. @param typed every field by its name */
public record CalendarForm(Map<String, String> typed) {
    static final Limit WAY = new Limit("Minutes of the way", 0, 240);
    private static final Limit MINUTES = new Limit("Minutes", 5, 720);
    static final int MOST_NAME_LETTERS = 80;
    private static final LocalDate FIRST_DAY = LocalDate.of(2000, 1, 1);
    private static final LocalDate LAST_DAY = LocalDate.of(2100, 12, 31);

    /** Letters nobody types are left out. */
    static CalendarForm of(Map<String, String> sent) {
        return new CalendarForm(plain(sent));
    }

    static CalendarForm of(Meeting meeting, Group group) {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("class", meeting.classId() == null ? "" : meeting.classId().toString());
        typed.put("day", (meeting.onDay() == null ? meeting.day() : meeting.onDay()).toString());
        typed.put("starts", (meeting.startsAt() == null ? group.startsAt() : meeting.startsAt()).toString());
        typed.put("substitute", meeting.substitute());
        if (meeting.cancelled()) typed.put("cancelled", "on");
        return new CalendarForm(typed);
    }

    static CalendarForm of(Event event) {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("title", event.title());
        typed.put("kind", event.kind().name());
        typed.put("day", event.day().toString());
        typed.put("starts", event.startsAt() == null ? "" : event.startsAt().toString());
        typed.put("minutes", String.valueOf(event.minutes()));
        typed.put("class", event.classId() == null ? "" : event.classId().toString());
        typed.put("room", event.room() == null ? "" : event.room().toString());
        if (event.cancelled()) typed.put("cancelled", "on");
        return new CalendarForm(typed);
    }

    public String value(String field) {
        return typed.getOrDefault(field, "").strip();
    }

    public boolean has(String field) {
        return typed.containsKey(field);
    }

    /** @return null when there are problems */
    Meeting meeting(Group group, LocalDate day, Map<String, String> problems) {
        LocalDate on = take("day", problems, this::day);
        LocalTime starts = take("starts", problems, () -> clock(value("starts")));
        UUID classId = take("class", problems, () -> id("class"));
        String substitute =
                take("substitute", problems, () -> Plain.line(value("substitute"), "A name", MOST_NAME_LETTERS));
        if (!problems.isEmpty()) return null;
        return new Meeting(
                group.id(),
                day,
                day.equals(on) ? null : on,
                group.startsAt().equals(starts) ? null : starts,
                classId,
                has("cancelled"),
                substitute,
                null,
                null,
                null);
    }

    /** @return null when there are problems */
    Event event(UUID id, Map<String, String> problems) {
        String title = take("title", problems, () -> {
            String plain = Plain.line(value("title"), "A name", Event.MOST_LETTERS);
            if (plain.isEmpty()) throw new Refused("Give it a name.");
            return plain;
        });
        Event.Kind kind = take("kind", problems, () -> one(Event.Kind.class, value("kind")));
        if (kind == Event.Kind.IMPORTED) problems.put("kind", "Please choose one of the list.");
        LocalDate day = take("day", problems, this::day);
        LocalTime starts = take("starts", problems, () -> clock(value("starts")));
        Integer minutes = take("minutes", problems, () -> MINUTES.parse(value("minutes")));
        UUID classId = take("class", problems, () -> id("class"));
        UUID room = take("room", problems, () -> id("room"));
        if (!problems.isEmpty()) return null;
        return new Event(id, kind, day, starts, minutes, title, classId, room, null, has("cancelled"));
    }

    private UUID id(String field) {
        if (value(field).isEmpty()) return null;
        try {
            return UUID.fromString(value(field));
        } catch (IllegalArgumentException e) {
            throw new Refused("Please choose one of the list.");
        }
    }

    private LocalDate day() {
        try {
            LocalDate day = LocalDate.parse(value("day"));
            if (day.isBefore(FIRST_DAY) || day.isAfter(LAST_DAY))
                throw new Refused("A day between 2000 and 2100, please.");
            return day;
        } catch (DateTimeException e) {
            throw new Refused(value("day").isEmpty() ? "Choose a day." : "“%s” is no day.".formatted(value("day")));
        }
    }
}
