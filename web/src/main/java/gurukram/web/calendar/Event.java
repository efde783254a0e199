package gurukram.web.calendar;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;

/**
 * Something that is not a weekly group's.
 *
 * @param startsAt null for the whole day
 * @param minutes how long; whole days in minutes too
 * @param uid what it is called in the calendar it was taken over from; null where it was made here
 */
record Event(
        UUID id,
        Kind kind,
        LocalDate day,
        LocalTime startsAt,
        int minutes,
        String title,
        UUID classId,
        UUID room,
        String uid,
        boolean cancelled) {
    static final int DAY_MINUTES = 24 * 60;
    static final int MOST_LETTERS = 120;

    /** What it is. */
    enum Kind {
        /** a class once: a workshop, a private lesson */
        SINGLE("a class once"),
        /** another teacher's class, taught for her */
        SUBSTITUTION("for another teacher"),
        /** taken over from another calendar */
        IMPORTED("from another calendar");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    boolean isWholeDay() {
        return startsAt == null;
    }

    /** The last of its days. */
    LocalDate lastDay() {
        if (!isWholeDay()) return day;
        return day.plusDays(Math.max(0, (minutes - 1) / DAY_MINUTES));
    }
}
