package gurukram.core.cue;

import gurukram.core.body.Side;
import org.jspecify.annotations.Nullable;

/**
 * What is said at one moment.
 *
 * @param words empty in silence
 * @param count how many words they are
 * @param ms the time there is to say them
 * @param fits whether they can be said in it at the usual speed of the round
 * @param show the side a teacher who faces the class shows; null without a side. The words always name the side of those
 *     who practise
 */
public record Cue(
        String words,
        int count,
        long ms,
        boolean fits,
        @Nullable Side show) {}
