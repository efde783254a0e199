package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Base;
import java.util.ArrayList;
import java.util.List;

/** People who lie are not turned over all the time. */
@AutoService(Check.class)
public final class TurnedOver implements Check {
    static final Threshold MOST = Threshold.of("turned-over", "times people are turned from belly to back or back", 2);
    private static final Card CARD = Card.of(
            "turned-over",
            "Nobody is turned over again and again",
            "Turning over costs a quarter of a minute and all the quiet; belly first and then back, once, is kinder.",
            MOST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        List<Integer> turns = new ArrayList<>();
        Base lying = null;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            Base base = subject.pose(i).base();
            if (base != Base.PRONE && base != Base.SUPINE) {
                lying = null;
                continue;
            }
            if (lying != null && lying != base) turns.add(i);
            lying = base;
        }
        int most = subject.value(MOST);
        if (turns.size() <= most) return;
        String what = "People are turned over %s between belly and back; %d is the most you want."
                .formatted(Wording.times(turns.size()), most);
        found.look(
                subject.moment(turns.get(most)).node(),
                "",
                turns,
                what,
                "Bring what is done on the belly together, and what is done on the back.");
    }
}
