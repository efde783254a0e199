package gurukram.web.courses;

import gurukram.core.course.Cell;
import gurukram.core.plan.Flow;
import gurukram.web.plans.ClassId;
import java.time.Instant;
import java.util.List;

/**
 * A lesson that was drafted.
 *
 * @param cell what it was to have when it was drafted
 * @param flow the part of its class that goes on from lesson to lesson; null for none
 * @param whole that part with the layers that wait for more rounds; null for none
 * @param words what of the course could not be as it says
 * @param edited whether the teacher has changed the class since
 * @param taughtAt when it was taught last; null when it was not
 */
record KeptLesson(
        int n,
        ClassId classId,
        Cell cell,
        String flow,
        Flow whole,
        List<String> words,
        String title,
        long lengthMs,
        boolean edited,
        Instant taughtAt) {}
