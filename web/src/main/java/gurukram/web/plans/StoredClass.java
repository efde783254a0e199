package gurukram.web.plans;

import gurukram.core.plan.ClassPlan;
import java.time.Instant;
import java.util.List;

/**
 * A class as it is kept.
 *
 * @param head the revision it stands on
 * @param redo revisions undone, the one to redo first at the end
 * @param version grows with every edit, undo and redo
 * @param undoLabel what undoing takes back; null when there is nothing to undo
 * @param redoLabel what redoing brings back; null when there is nothing to redo
 */
public record StoredClass(
        ClassId id,
        ClassPlan plan,
        int head,
        List<Integer> redo,
        int version,
        String undoLabel,
        String redoLabel,
        Instant changedAt) {}
