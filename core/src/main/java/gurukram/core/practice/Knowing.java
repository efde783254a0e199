package gurukram.core.practice;

import java.util.ArrayList;
import java.util.List;

/**
 * How well a sequence is known: first every third is missing, then two of three, then all; all of it recited twice running is known.
 *
 * @param key of the sequence, {@code print} what it was made of: another one is learnt anew
 * @param whole how often running all of it was recited alone
 * @param tries how often it was recited
 */
public record Knowing(String key, String print, Stage stage, int whole, int tries) {
    /** So often running, alone and without a slip. */
    public static final int TIMES = 2;

    /** What is missing. */
    public enum Stage {
        SOME("every third is missing"),
        MOST("two of three are missing"),
        ALONE("alone");

        private final String words;

        Stage(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        private boolean isMissing(int place) {
            return switch (this) {
                case SOME -> place % 3 == 1;
                case MOST -> place % 3 != 0;
                case ALONE -> true;
            };
        }

        private Stage next() {
            return this == SOME ? MOST : ALONE;
        }
    }

    /** One that was never recited. */
    public static Knowing fresh(Sequence sequence) {
        return new Knowing(sequence.key(), sequence.print(), Stage.SOME, 0, 0);
    }

    /** This, or anew where the sequence has become another. */
    public Knowing of(Sequence sequence) {
        return print.equals(sequence.print()) ? this : fresh(sequence);
    }

    /** The places that are to be filled, from 0. */
    public List<Integer> missing(Sequence sequence) {
        List<Integer> missing = new ArrayList<>();
        for (int i = 0; i < sequence.places().size(); i++) if (stage.isMissing(i)) missing.add(i);
        return missing;
    }

    /** After reciting: what is not whole is said again at the same stage, and alone it counts from the beginning. */
    public Knowing after(Recital recital) {
        boolean alone = stage == Stage.ALONE;
        if (!recital.isWhole()) return new Knowing(key, print, stage, 0, tries + 1);
        return new Knowing(key, print, stage.next(), alone ? Math.min(TIMES, whole + 1) : 0, tries + 1);
    }

    public boolean isKnown() {
        return whole >= TIMES;
    }
}
