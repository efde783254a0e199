package gurukram.core.text;

import java.util.List;

/**
 * What is wrong with something a teacher typed, in the teacher's words.
 *
 * @param what what is wrong, with the values in it
 * @param advice what to do instead; empty when there is nothing to add
 * @param offers texts that could stand in place of the typed one, nearest first; may be empty
 */
public record Problem(String what, String advice, List<String> offers) {
    public Problem {
        // amounts in words were read as digits, with gaps where letters stood
        what = what.replaceAll(" {2,}", " ");
        offers = offers.stream().map(offer -> offer.replaceAll(" {2,}", " ")).toList();
    }

    public static Problem of(String what) {
        return new Problem(what, "", List.of());
    }

    public static Problem of(String what, String advice) {
        return new Problem(what, advice, List.of());
    }

    @Override
    public String toString() {
        return advice.isEmpty() ? what : what + " " + advice;
    }
}
