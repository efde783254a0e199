package gurukram.core.plan.manner;

import com.fasterxml.jackson.annotation.JsonInclude;
import gurukram.core.dose.Dose;
import gurukram.core.text.Plain;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;

/**
 * One stage of a pose that is taught in stages; the step's own dose is the whole pose behind the last of them.
 *
 * @param words what is done in it
 * @param dose how long it is held: breaths, seconds or counts
 * @param mayStay whether those who like stay in it for the rest of the pose
 * @param prop what it needs that the whole pose does not; empty for nothing
 * @param wayOut how to leave from here; empty for the pose's own way
 */
public record Stage(
        String words,
        Dose dose,
        @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean mayStay,
        String prop,
        String wayOut) {
    public static final int MOST = 8;

    public Stage {
        words = Plain.line(words, "A stage", 80);
        prop = Plain.line(prop, "What a stage needs", 40);
        wayOut = Plain.line(wayOut, "The way out of a stage", 80);
        if (words.isEmpty()) throw new Refused("What is done in this stage? As in “stage: one foot light, 2 breaths”.");
        if (!(dose instanceof Dose.Breaths || dose instanceof Dose.Seconds || dose instanceof Dose.Counts))
            throw new Refused(Problem.of(
                    "A stage is held for breaths, seconds or counts.", "As in “stage: one foot light, 2 breaths”."));
    }
}
