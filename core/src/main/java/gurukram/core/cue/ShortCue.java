package gurukram.core.cue;

import gurukram.core.body.Side;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.text.Words;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import java.util.Objects;

/** The shortest words for a moment: what, which part on which side, how much. */
public final class ShortCue {
    private ShortCue() {}

    /** {@code "front leg right"}: a bare side would be ambiguous, so the part is named; empty when symmetric. */
    public static String side(Moment moment, Pose pose) {
        Side side = moment.side();
        if (side == null) return "";
        String part = pose == null || pose.sideOf() == null
                ? named(moment)
                : pose.sideOf().words();
        return part.endsWith(" to") ? part + " the " + side.word() : side.word() + " " + part;
    }

    private static String named(Moment moment) {
        String names = moment.how().sideNames();
        return names.isEmpty() ? "side" : names.replaceFirst("^the ", "");
    }

    /** {@code "8 breaths"}, {@code "10 reps, set 2"}, {@code "inhale"}, {@code "0:30"}. */
    public static String amount(Moment moment) {
        return switch (moment.kind()) {
            case HOLD, ATTEMPT ->
                moment.breaths() == null ? Millis.show(moment.workMs()) : Words.count(moment.breaths(), "breath");
            case MOVEMENT -> movement(moment.breath());
            case REPS -> Words.count(Objects.requireNonNull(moment.reps()), "rep");
            case PATTERN -> Words.count(Objects.requireNonNull(moment.breaths()), "cycle");
            case SHOWN -> "watch " + Millis.show(moment.workMs());
            case OWN_PACE -> "own pace, about " + Millis.show(moment.workMs());
            case REST -> "rest " + Millis.show(moment.workMs());
            case DEMONSTRATION -> "watch " + Millis.show(moment.workMs());
            case TALK -> "talk " + Millis.show(moment.workMs());
            case OPEN -> Millis.show(moment.workMs()) + " open";
            case PAUSE -> "rest " + Millis.show(moment.workMs());
        };
    }

    private static String movement(Breath breath) {
        return switch (breath) {
            case INHALE -> "inhale";
            case EXHALE -> "exhale";
            case HOLD_IN, HOLD_OUT -> "hold";
            case FREE -> "natural breath";
        };
    }
}
