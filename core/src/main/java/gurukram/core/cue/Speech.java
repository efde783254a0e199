package gurukram.core.cue;

import gurukram.core.time.Millis;

/** How many words fit a time. */
public final class Speech {
    /** Words a minute when explaining; measured on real classes. */
    public static final int EXPLAINING = 145;

    /** Words a minute of flow cues in the first, second, third and later rounds; measured on real classes. */
    private static final int[] FLOW_CUES = {105, 90, 75};

    private Speech() {}

    /** Words, split at spaces; a hyphenated word is one. */
    public static int words(String text) {
        int words = 0;
        boolean inside = false;
        for (int i = 0; i < text.length(); i++) {
            boolean space = Character.isWhitespace(text.charAt(i));
            if (!space && !inside) words++;
            inside = !space;
        }
        return words;
    }

    /** Words a minute of the cues in a round, from 1. */
    public static int flowCuesInRound(int round) {
        return FLOW_CUES[Math.min(round, FLOW_CUES.length) - 1];
    }

    /** Whether a text can be said in a time, ms, at a speed in words a minute; just so many as there is time for do fit. */
    public static boolean fits(String text, long ms, int wordsAMinute) {
        return (long) words(text) * Millis.MINUTE <= ms * wordsAMinute;
    }
}
