package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.NodeId;
import gurukram.core.score.Tallies;
import java.util.List;

/** Up from the floor and down again not too often; movements of flows that only pass the floor do not count. */
@AutoService(Check.class)
public final class FloorTrips implements Check {
    static final Threshold MOST = Threshold.of("floor-trips", "trips up from the floor and down again", 3);
    private static final Card CARD = Card.of(
            "floor-trips",
            "The class does not go up and down more than it needs",
            "Every trip costs half a minute and the quiet that was just found.",
            MOST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Tallies tallies = subject.tallies();
        int most = subject.value(MOST);
        if (tallies.floorTrips() <= most) return;
        String what = "The class comes up from the floor and goes down again %s; %d is the most you want."
                .formatted(Wording.times(tallies.floorTrips()), most);
        found.look(NodeId.CLASS, "", List.of(), what, "Bring poses that stand together, and poses on the floor.");
    }
}
