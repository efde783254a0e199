package gurukram.core.cue;

import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Ways;
import gurukram.core.score.How;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/** How a moment is done where that is not the usual, in a few words. */
public final class HowWords {
    private HowWords() {}

    /**
     * {@code stage 2: foot on the shin, may stay}; {@code by rocking up}; {@code eagle arms}; {@code turn 2, the others in child’s
     * pose}.
     */
    public static List<String> of(How how, PoseCatalogue catalogue) {
        List<String> words = new ArrayList<>();
        if (how.staged() != null) words.add(stage(how));
        if (how.turn() != null) {
            String waiting = how.waiting() == null
                    ? ""
                    : ", the others in " + catalogue.pose(how.waiting()).name().toLowerCase(Locale.ROOT);
            words.add("turn " + how.turn() + waiting);
        }
        if (how.way() != null) {
            String easier = Ways.shipped().named(how.way()).orElseThrow().easier();
            words.add("by " + how.way() + (easier.isEmpty() ? "" : ", or by " + easier));
        }
        if (!how.with().isEmpty()) words.add(String.join(", ", how.with()));
        return words;
    }

    private static String stage(How how) {
        var stage = Objects.requireNonNull(how.staged());
        return "stage " + how.stage() + ": " + stage.words()
                + (stage.mayStay() ? ", may stay" : "")
                + (stage.prop().isEmpty() ? "" : ", with " + stage.prop())
                + (stage.wayOut().isEmpty() ? "" : ", out: " + stage.wayOut());
    }

    /** As said before the pose: the way, with the easier one. */
    static String way(How how) {
        if (how.way() == null) return "";
        String easier = Ways.shipped().named(how.way()).orElseThrow().easier();
        return how.way() + (easier.isEmpty() ? "" : " or " + easier) + ": ";
    }

    /** As said behind the pose: what is different about it. */
    static String with(How how) {
        return how.with().isEmpty() ? "" : ", " + String.join(", ", how.with());
    }
}
