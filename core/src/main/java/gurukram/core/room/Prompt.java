package gurukram.core.room;

/**
 * Something the teacher means to say, or has to think of, beside the usual cues.
 *
 * @param id the same whenever the same class is opened
 * @param at the moment of the score at which it is due, from 0
 * @param words without a full stop of ours
 */
public record Prompt(String id, Kind kind, int at, String words) {
    public enum Kind {
        OPENING("opening words", true),
        AFFIRMATION("affirmation", true),
        IMAGE("image", true),
        THREAD("thread", true),
        QUOTATION("quotation", true),
        MANTRA("mantra", true),
        CLOSING("closing words", true),
        /** what is fetched before the next pose but one place */
        FETCH("fetch", false),
        /** what somebody with a need does here */
        NEED("needs", false),
        /** where the teacher means to touch: with consent only */
        HANDS("hands", false),
        /** a pose comes that wants somebody to watch */
        WATCH("watch", false);

        private final String word;
        private final boolean said;

        Kind(String word, boolean said) {
            this.word = word;
            this.said = said;
        }

        /** As it is called in the room. */
        public String word() {
            return word;
        }

        /** Whether it belongs to the theme: it can be said, forgotten, and asked for before it is too late. */
        public boolean isSaid() {
            return said;
        }
    }
}
