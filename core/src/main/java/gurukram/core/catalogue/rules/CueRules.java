package gurukram.core.catalogue.rules;

import gurukram.core.body.SideBehaviour;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCues;
import gurukram.core.text.CuePlaces;
import gurukram.core.text.Refused;
import java.util.List;

/** Cues are there, side-true, and the brief ones are brief. */
final class CueRules {
    private static final int MOST_WORDS = 9;

    private CueRules() {}

    static void check(Entries draft) {
        for (Pose pose : draft.poses()) {
            PoseCues cues = pose.cues();
            for (PoseCues.Wording cue : List.of(cues.enter(), cues.align(), cues.leave())) {
                text(draft, pose, cue.full());
                text(draft, pose, cue.brief());
                if (cue.brief().split("\\s+").length > MOST_WORDS) {
                    draft.problem(pose, "cues", "“" + cue.brief() + "” is not brief: at most " + MOST_WORDS + " words");
                }
            }
            boolean sided = CuePlaces.isSided(cues.enter().full())
                    && CuePlaces.isSided(cues.enter().brief());
            if (pose.sides().hasSides() && !sided) {
                draft.problem(pose, "cues", "has sides, so its way in must say {lead}, {other} or {twist}");
            }
        }
    }

    private static void text(Entries draft, Pose pose, String text) {
        if (text.isBlank()) {
            draft.problem(pose, "cues", "a cue is empty");
            return;
        }
        if (pose.sides() == SideBehaviour.SYMMETRIC && CuePlaces.isSided(text)) {
            draft.problem(pose, "cues", "is symmetric, so “" + text + "” has no side to name");
        }
        try {
            CuePlaces.check(text);
        } catch (Refused e) {
            draft.problem(pose, "cues", "cues: " + e.getMessage());
        }
    }
}
