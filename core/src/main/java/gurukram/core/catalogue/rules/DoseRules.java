package gurukram.core.catalogue.rules;

import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.List;

/** Times are possible ones, repetitions have a length, and what has a gate is not for beginners. */
final class DoseRules {
    private DoseRules() {}

    static void check(Entries draft) {
        for (Pose pose : draft.poses()) {
            if (pose.gate() != null && pose.isFor(Level.BEGINNER))
                draft.problem(pose, "doses", "has a gate, so it is not for beginners: none");
            List<Dose> all = new ArrayList<>(pose.doses().byLevel().values());
            all.addAll(pose.doses().byPart().values());
            for (Dose dose : all) {
                boolean timeless = dose.at(Dose.Reading.LOW) instanceof Reps reps && reps.repMillis() == null;
                if (timeless && pose.repMillis() == null) {
                    draft.problem(pose, "doses", "is done in repetitions, so it needs repSeconds");
                    break;
                }
            }
            if (pose.repMillis() != null && (pose.repMillis() < 500 || pose.repMillis() > 60_000)) {
                draft.problem(pose, "repSeconds", "repSeconds must be from 0.5 to 60");
            }
            Integer settingUp = pose.settingUpMillis();
            if (settingUp != null && (settingUp < 0 || settingUp > 600_000)) {
                draft.problem(pose, "settingUpSeconds", "settingUpSeconds must be from 0 to 600");
            }
        }
    }
}
