package gurukram.core.practice;

import gurukram.core.body.Side;
import gurukram.core.pose.Pose;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One question.
 *
 * @param key a name that stays: the same question asked again has it again
 * @param figure what is shown with it; null for nothing
 * @param why what is so, and why: whole sentences; told when it was answered
 * @param shown what the answer looks like, figure by figure
 */
public record Question(
        String key, Kind kind, String ask, @Nullable Shown figure, Answer answer, String why, List<Shown> shown) {

    /** What is asked for. */
    public enum Kind {
        FRONT_FOOT("which foot is in front"),
        BREATH("on which breath"),
        NEXT("what comes next"),
        NAME("what it is called"),
        LENGTH("how long it takes"),
        SHORT_SIDE("which side comes short"),
        OTHER_SIDE("say it for the other side"),
        FELT("what do they feel");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How it is answered. */
    public sealed interface Answer permits Choices, Typed {
        /** What is right, in words. */
        String right();
    }

    /** @param choices in the order they are shown, {@code at} the place of the right one, from 0 */
    public record Choices(List<Choice> choices, int at) implements Answer {
        public Choices {
            choices = List.copyOf(choices);
            if (at < 0 || at >= choices.size()) throw new IllegalArgumentException("there is no right answer");
            long different = choices.stream().map(Choice::words).distinct().count();
            if (different != choices.size())
                throw new IllegalArgumentException("the same is offered twice: " + choices);
        }

        @Override
        public String right() {
            return choices.get(at).words();
        }
    }

    /**
     * A cue somebody types.
     *
     * @param right words that are right; others may be too
     * @param side the side it is for
     */
    public record Typed(Pose pose, Side side, String right) implements Answer {}

    /** One answer to choose. */
    public record Choice(String words, @Nullable Shown figure) {}

    /** A drawn pose. @param under what stands under it; may be empty */
    public record Shown(String pose, @Nullable Side side, String under) {}

    /**
     * What became of an answer.
     *
     * @param told what is right or wrong about it; empty where the place of the answer says so
     */
    public record Judged(boolean right, String told) {}

    public Question {
        shown = List.copyOf(shown);
    }

    /** Whether it can be an answer: the place of a choice, or words. */
    public boolean takes(String given) {
        return answer instanceof Choices choices
                ? given.matches("\\d")
                        && Integer.parseInt(given) < choices.choices().size()
                : !given.isBlank();
    }

    /** @param given the place of a choice, from 0, or the words */
    public Judged judge(String given) {
        if (answer instanceof Typed typed) return OtherSide.judge(typed.pose(), typed.side(), typed.right(), given);
        return new Judged(given.equals(String.valueOf(((Choices) answer).at())), "");
    }
}
