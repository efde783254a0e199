package gurukram.web.courses;

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
 */
record KeptCourse(UUID id, UUID group, Course course, Days days, List<Change> changes) {
    static final int MOST_CHANGES = 60;

    /** What was done on a day, and what it changed: whole sentences. */
    record Change(LocalDate on, List<String> words) {
        Change {
            words = List.copyOf(words);
        }
    }
}
