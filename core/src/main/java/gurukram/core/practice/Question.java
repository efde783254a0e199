package gurukram.core.practice;

import gurukram.core.body.Side;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One question.
 *
 * @param key a name that stays: the same question asked again has it again
 * @param figure what is shown with it; null for nothing
 * @param choices in the order they are shown, {@code right} the place of the right one, from 0
 * @param why what is so, and why: whole sentences; told when it was answered
 * @param shown what the answer looks like, figure by figure
 */
public record Question(
        String key,
        Kind kind,
        String ask,
        @Nullable Shown figure,
        List<Choice> choices,
        int right,
        String why,
        List<Shown> shown) {

    /** What is asked for. */
    public enum Kind {
        FRONT_FOOT("which foot is in front"),
        BREATH("on which breath"),
        NEXT("what comes next"),
        NAME("what it is called"),
        LENGTH("how long it takes"),
        SHORT_SIDE("which side comes short");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** One answer to choose. */
    public record Choice(String words, @Nullable Shown figure) {}

    /** A drawn pose. @param under what stands under it; may be empty */
    public record Shown(String pose, @Nullable Side side, String under) {}

    public Question {
        choices = List.copyOf(choices);
        shown = List.copyOf(shown);
        if (right < 0 || right >= choices.size()) throw new IllegalArgumentException(key + " has no right answer");
        long different = choices.stream().map(Choice::words).distinct().count();
        if (different != choices.size()) throw new IllegalArgumentException(key + " offers the same twice");
    }

    public boolean isRight(int choice) {
        return choice == right;
    }
}
