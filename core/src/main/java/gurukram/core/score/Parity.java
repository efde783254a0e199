package gurukram.core.score;

import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.List;

/**
 * Breath parity: an inhale is followed by an exhale. Two of a kind in a row clash, inside a pass, at joins and at links.
 *
 * <p>Whatever is no movement resets it: people enter a hold on one half-breath and leave it on another. So does a retention
 * between two of a kind. A breath that is continued is no second one.
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
            } else {
                last = Breath.FREE;
            }
        }
        return clashes;
    }
}
