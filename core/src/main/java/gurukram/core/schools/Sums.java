package gurukram.core.schools;

import gurukram.core.plan.NodeId;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Feet;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import java.util.HashSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a way comes to.
 *
 * @param positions of flows, over all passes
 * @param halfBreaths movements of flows
 * @param ms the whole length
 */
public record Sums(int passes, int positions, int halfBreaths, long ms, Feet.Leg right, Feet.Leg left) {
    private record Pass(@Nullable NodeId flow, @Nullable Integer pass) {}

    private record Position(Pass pass, @Nullable Integer position) {}

    static Sums of(Score score, PoseCatalogue catalogue) {
        Set<Pass> passes = new HashSet<>();
        Set<Position> positions = new HashSet<>();
        int halves = 0;
        for (Moment moment : score.moments()) {
            if (moment.flow() == null || moment.pass() == null) continue;
            Pass pass = new Pass(moment.flow(), moment.pass());
            passes.add(pass);
            positions.add(new Position(pass, moment.position()));
            if (moment.kind() == Moment.Kind.MOVEMENT) halves++;
        }
        Feet.Tally feet = Feet.tally(score, catalogue);
        return new Sums(passes.size(), positions.size(), halves, score.totalMs(), feet.right(), feet.left());
    }
}
