package gurukram.web.groups;

import static gurukram.web.shared.Typed.take;

import gurukram.core.pose.Ladder;
import gurukram.core.progress.Tries;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Map;

/** What was tried of a rung, as it is typed and as it is told. */
public final class TriesForm {
    private TriesForm() {}

    public static String words(Tries tries) {
        String sides = tries.rightSeconds() == null
                ? ""
                : ", right %d s, left %d s".formatted(tries.rightSeconds(), tries.leftSeconds());
        return "%s, rung %d: %d of %d clean, breath %s%s%s"
                .formatted(
                        tries.day(),
                        tries.rung(),
                        tries.clean(),
                        tries.tries(),
                        tries.smooth() ? "smooth" : "not smooth",
                        sides,
                        tries.pain() ? ", pain" : "");
    }

    /** Null when something cannot be taken, which is then said by field. */
    public static Tries read(Map<String, String> typed, Ladder ladder, Map<String, String> problems) {
        LocalDate day = take("day", problems, () -> day(typed.getOrDefault("day", "")));
        Integer rung = take(
                "rung",
                problems,
                () -> new Limit("Rung", 1, ladder.rungs().size()).parse(typed.getOrDefault("rung", "")));
        Integer tries = take("tries", problems, () -> Tries.TRIES.parse(typed.getOrDefault("tries", "")));
        Integer clean = take("clean", problems, () -> Tries.CLEAN.parse(typed.getOrDefault("clean", "")));
        Integer right = take("right", problems, () -> seconds(typed.getOrDefault("right", "")));
        Integer left = take("left", problems, () -> seconds(typed.getOrDefault("left", "")));
        if (!problems.isEmpty()) return null;
        return take(
                clean > tries ? "clean" : "left",
                problems,
                () -> new Tries(
                        day, rung, tries, clean, typed.containsKey("smooth"), right, left, typed.containsKey("pain")));
    }

    private static Integer seconds(String typed) {
        return typed.isBlank() ? null : Tries.SECONDS.parse(typed);
    }

    private static LocalDate day(String typed) {
        try {
            LocalDate day = LocalDate.parse(typed.strip());
            if (!day.isBefore(Tries.FIRST_DAY) && !day.isAfter(Tries.LAST_DAY)) return day;
            throw new Refused("A day between 2000 and 2100, please.");
        } catch (DateTimeParseException e) {
            throw new Refused("A day such as 2026-03-02, please; “" + typed + "” is none.");
        }
    }
}
