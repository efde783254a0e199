package gurukram.core.compose.parts;

import gurukram.core.body.Base;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What a flow of movements is hung into: how it begins, how it ends, and which bases it goes through between. All begin on an
 * inhale and end on an exhale, so that passes meet without a clash.
 *
 * @param starts poses it may begin with; empty leaves the first to the middle
 * @param ends the last poses in order, one of these
 * @param bases the bases of the middle
 * @param from the pose people stand in before the first pass
 */
record Frame(String name, String from, List<List<String>> starts, Set<Base> bases, List<List<String>> ends) {
    /** In the order of preference; what a group cannot do falls away. */
    static final List<Frame> ALL = Lines.of("frames").map(Frame::read).toList();

    /** {@code seat; from easy-seat; bases seated; begins seated-cow | -; ends seated-cow seated-cat | -}. */
    private static Frame read(String line) {
        String[] parts = line.split("; ");
        Set<Base> bases = EnumSet.noneOf(Base.class);
        for (String base : after("bases", parts[2]).split(" ")) bases.add(Base.parse(base));
        return new Frame(
                parts[0],
                after("from", parts[1]),
                ways(after("begins", parts[3])),
                Collections.unmodifiableSet(bases),
                ways(after("ends", parts[4])));
    }

    private static String after(String word, String part) {
        if (!part.startsWith(word + " ")) throw new IllegalStateException("“" + part + "” should say “" + word + "”");
        return part.substring(word.length() + 1);
    }

    private static List<List<String>> ways(String text) {
        return Arrays.stream(text.split(" \\| "))
                .map(way -> way.equals("-") ? List.<String>of() : List.of(way.split(" ")))
                .toList();
    }
}
