package gurukram.web.courses;

import gurukram.core.course.Cell;
import gurukram.core.course.Course;
import gurukram.core.course.Days;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A course of a teacher.
 *
 * @param group whom it is for; null when that group is gone
 * @param changes what became different since it was made, the latest first
 * @param before what it was before the last of them; null where nothing can be taken back
 */
record KeptCourse(UUID id, UUID group, Course course, Days days, List<Change> changes, Before before) {
    static final int MOST_CHANGES = 60;

    KeptCourse(UUID id, UUID group, Course course, Days days, List<Change> changes) {
        this(id, group, course, days, changes, null);
    }

    /** A lesson's class as it is kept. */
    record Row(int n, UUID classId, Cell cell, String flow, String whole, List<String> words) {}

    /** A course as it was, with its lessons. */
    record Before(UUID group, Course course, Days days, List<Row> lessons) {
        Before {
            lessons = List.copyOf(lessons);
        }
    }

    /** What was done on a day, and what it changed: whole sentences. */
    record Change(LocalDate on, List<String> words) {
        Change {
            words = List.copyOf(words);
        }
    }
}
