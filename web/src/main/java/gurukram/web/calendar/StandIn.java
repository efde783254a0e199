package gurukram.web.calendar;

import gurukram.web.shared.Teacher;
import java.time.LocalDate;
import java.util.UUID;

/**
 * Somebody of a studio who was asked to teach a date of somebody's group.
 *
 * @param home the studio of whoever's group it is, {@code teacher} who that is
 * @param day the day the group usually meets
 * @param house the studio both are in
 * @param copy the class she has of it; null while she has none
 */
public record StandIn(
        UUID home,
        UUID id,
        UUID teacher,
        String by,
        UUID group,
        LocalDate day,
        UUID house,
        UUID substitute,
        String name,
        String email,
        Answer answer,
        UUID copy) {
    /** What she said. */
    public enum Answer {
        ASKED,
        YES,
        NO
    }

    /** On whose behalf the date is read. */
    public Teacher maker() {
        return Teacher.named(home, teacher);
    }

    /** The same for whose group it is: {@code Kai is asked}. */
    public String words() {
        return name
                + switch (answer) {
                    case ASKED -> " is asked";
                    case YES -> " teaches it";
                    case NO -> " cannot";
                };
    }
}
