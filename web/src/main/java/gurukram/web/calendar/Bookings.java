package gurukram.web.calendar;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;

/** The studio's own calendar: on which dates a group meets, and how many mats are booked. */
public interface Bookings {
    /** One date. @param booked mats, {@code firstTimers} how many of them come for the first time */
    record Booked(LocalDate day, LocalTime starts, int booked, int firstTimers) {}

    /** It did not answer, or what it said cannot be. */
    final class NoAnswer extends Exception {
        private static final long serialVersionUID = 1L;

        NoAnswer(String words) {
            super(words);
        }
    }

    /**
     * The dates of a group from one day to another.
     *
     * @param group its name, as the studio has it
     * @throws NoAnswer in words for the teacher
     */
    List<Booked> of(String group, LocalDate from, LocalDate to) throws NoAnswer;
}
