package gurukram.web.plans;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanEdit;

/** What a teacher asked for on the page, made into an edit of the plan as it is now. */
public interface EditRequest {
    /** The edit; {@code Refused} when what was typed cannot be taken. */
    Labelled on(ClassPlan now);

    /** What was typed, to be shown again when the edit collides; may be empty. */
    String typed();

    /**
     * @param label what undo calls it
     * @param at where the next typed line goes; null leaves it as it is
     * @param told what the teacher should know of how it was done; mostly empty
     */
    record Labelled(PlanEdit edit, String label, NodeId at, String told) {
        public Labelled(PlanEdit edit, String label, NodeId at) {
            this(edit, label, at, "");
        }

        public Labelled telling(String words) {
            return new Labelled(edit, label, at, words);
        }
    }
}
