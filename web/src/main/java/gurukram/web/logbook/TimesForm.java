package gurukram.web.logbook;

import static gurukram.web.shared.Typed.take;

import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import gurukram.web.teach.TaughtStore.Taught;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Map;

/** When a class began and how long it took, as it is typed. */
final class TimesForm {
    private static final Limit MINUTES = new Limit("Minutes", 1, 300);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    record Times(Instant began, Instant ended) {}

    private TimesForm() {}

    static Map<String, String> of(Taught taught, ZoneId zone) {
        ZonedDateTime began = taught.startedAt().atZone(zone);
        Long real = taught.realMs();
        return Map.of(
                "onDay",
                began.toLocalDate().toString(),
                "at",
                CLOCK.format(began),
                "took",
                real == null ? "" : String.valueOf(Math.round(real / (double) Millis.MINUTE)));
    }

    /** Null when something cannot be taken, which is then said by field. */
    static Times read(Map<String, String> typed, ZoneId zone, Instant now, Map<String, String> problems) {
        LocalDate day = take("onDay", problems, () -> day(typed.getOrDefault("onDay", "")));
        LocalTime at = take("at", problems, () -> time(typed.getOrDefault("at", "")));
        Integer took = take("took", problems, () -> MINUTES.parse(typed.getOrDefault("took", "")));
        if (!problems.isEmpty()) return null;
        Instant began = day.atTime(at).atZone(zone).toInstant();
        Instant ended = began.plus(Duration.ofMinutes(took));
        if (ended.isAfter(now)) problems.put("onDay", "That has not come yet.");
        if (day.getYear() < 2000) problems.put("onDay", "A day since 2000, please.");
        return new Times(began, ended);
    }

    private static LocalDate day(String typed) {
        try {
            return LocalDate.parse(typed.strip());
        } catch (DateTimeException e) {
            throw new Refused("A day such as 2026-03-02, please; “" + typed + "” is none.");
        }
    }

    private static LocalTime time(String typed) {
        String plain = typed.strip().replace('.', ':');
        try {
            return LocalTime.parse(plain.matches("\\d:\\d\\d") ? "0" + plain : plain);
        } catch (DateTimeException e) {
            throw new Refused("A time such as 18:30, please; “" + typed + "” is none.");
        }
    }
}
