package gurukram.core.figure;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * How a place of the body moves, where a pose is a movement: {@code ankle circles}, {@code pelvis up}, {@code head breathes-out}.
 *
 * @param at the place
 */
public record Motion(Joint at, Kind kind) {
    public enum Kind {
        /** round and round */
        CIRCLES,
        UP,
        DOWN,
        /** towards the reader's right in the right-led figure */
        FORWARD,
        BACK,
        /** up and down again */
        RISES,
        /** to one side and the other */
        SWAYS,
        BREATHES_IN,
        BREATHES_OUT,
        /** in and out alike */
        BREATHES;

        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** {@link IllegalArgumentException} with the reason where it names nothing known. */
    static Motion parse(String text) {
        String[] words = text.strip().split("\\s+");
        if (words.length != 2) throw new IllegalArgumentException("“" + text + "” is not as in “ankle circles”");
        Joint at = Arrays.stream(Joint.values())
                .filter(joint -> joint.word().equals(words[0]))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("“" + words[0] + "” is no place of the body"));
        return new Motion(
                at,
                Arrays.stream(Kind.values())
                        .filter(kind -> kind.word().equals(words[1]))
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException("“" + words[1] + "” is none of "
                                + Arrays.stream(Kind.values()).map(Kind::word).collect(Collectors.joining(", ")))));
    }

    @Override
    public String toString() {
        return at.word() + " " + kind.word();
    }
}
