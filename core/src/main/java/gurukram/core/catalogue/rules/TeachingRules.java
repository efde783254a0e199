package gurukram.core.catalogue.rules;

import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Teaching;
import java.util.List;
import java.util.regex.Pattern;

/** What is told to teachers names no side, the moves into a pose come on its breath, and no hand pushes. */
final class TeachingRules {
    private static final Pattern A_SIDE = Pattern.compile("\\b(left|right)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern FORCE =
            Pattern.compile("\\b(push(?!ed)|press|pull(?!ed)|force|deepen)", Pattern.CASE_INSENSITIVE);
    private static final int MOST_MOVES = 5;

    private TeachingRules() {}

    static void check(Entries draft) {
        for (Pose pose : draft.poses()) {
            Teaching teaching = pose.teaching();
            moves(draft, pose, teaching.wayIn());
            sides(draft, pose, "gaze", List.of(teaching.gaze()));
            sides(draft, pose, "measures", teaching.measures());
            sides(
                    draft,
                    pose,
                    "faults",
                    teaching.faults().stream().map(Teaching.Fault::toString).toList());
            sides(
                    draft,
                    pose,
                    "wayIn",
                    teaching.wayIn().stream().map(Teaching.Move::words).toList());
            sides(draft, pose, "handsOn", List.of(teaching.handsOn()));
            if (FORCE.matcher(teaching.handsOn()).find())
                draft.problem(pose, "handsOn", "a hand rests, shows or steadies; it does not push or pull");
        }
    }

    private static void sides(Entries draft, Pose pose, String field, List<String> texts) {
        for (String text : texts) {
            if (A_SIDE.matcher(text).find())
                draft.problem(pose, field, "“" + text + "” names a side; name the part: front, standing, lifted");
        }
    }

    private static void moves(Entries draft, Pose pose, List<Teaching.Move> moves) {
        if (moves.isEmpty()) return;
        if (moves.size() == 1 || moves.size() > MOST_MOVES)
            draft.problem(
                    pose, "wayIn", "a way in has two to " + MOST_MOVES + " moves; one alone is in the cue already");
        boolean onItsBreath = pose.breath() == BreathAffinity.EITHER
                || moves.stream().anyMatch(move -> move.breath() == pose.breath());
        if (!onItsBreath)
            draft.problem(pose, "wayIn", "is entered on breath " + pose.breath().word() + ", but no move into it is");
    }
}
