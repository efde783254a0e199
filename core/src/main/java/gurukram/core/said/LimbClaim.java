package gurukram.core.said;

import java.util.Set;

/**
 * A limb of one side, and where it is or what it does.
 *
 * @param side the word for the side: {@code left}, {@code right}, {@code {lead}}, {@code {other}}
 * @param arm whether it is an arm; else a leg
 * @param part the word for the part: {@code knee}
 * @param states what is said of it, by {@code lexicon.txt}; empty when nothing known
 * @param clause which clause of the text, from 0
 * @param from where the side stands in the text, {@code to} the end of the part
 */
public record LimbClaim(String side, boolean arm, String part, Set<String> states, int clause, int from, int to) {
    public LimbClaim {
        states = Set.copyOf(states);
    }

    public boolean isFixed() {
        return side.equals("left") || side.equals("right");
    }
}
