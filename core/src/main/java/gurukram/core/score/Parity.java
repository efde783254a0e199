package gurukram.core.score;

import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.List;

/**
 * Breath parity: an inhale is followed by an exhale. Two of a kind in a row clash, inside a pass, at joins and at links.
 *
 * <p>A hold of whole breaths, and a pause in breaths, leaves parity as its entry left it; open time, repetitions, breathing
 * patterns and holds in seconds end on a free breath, which resets it, as a retention between two of a kind does. A breath that is
 * continued is no second one.
 */
public final class Parity {
    /** Two movements on the same half-breath; indices into the score's moments. */
    public record Clash(int earlier, int later, Breath breath) {}

    private Parity() {}

    public static List<Clash> clashes(Score score) {
        List<Clash> clashes = new ArrayList<>();
        Breath last = Breath.FREE;
        int at = -1;
        for (int i = 0; i < score.moments().size(); i++) {
            Moment moment = score.moments().get(i);
            if (moment.kind() == Moment.Kind.MOVEMENT) {
                boolean counted = moment.breath() == Breath.INHALE || moment.breath() == Breath.EXHALE;
                if (counted && moment.breath() == last && !moment.continued()) clashes.add(new Clash(at, i, last));
                last = counted ? moment.breath() : Breath.FREE;
                at = i;
            } else if (!keepsParity(moment)) {
                last = Breath.FREE;
            }
        }
        return clashes;
    }

    private static boolean keepsParity(Moment moment) {
        boolean wholeBreaths = moment.kind() == Moment.Kind.HOLD && moment.breaths() != null;
        return wholeBreaths || (moment.kind() == Moment.Kind.PAUSE && !moment.typed());
    }
}
