package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.List;

/** The wrists do not carry more than the level is used to. */
@AutoService(Check.class)
public final class WristLoad implements Check {
    static final Threshold MOST =
            new Threshold("wrist-load", "movements and holds with weight on the wrists", 30, 50, 70);
    private static final Card CARD = Card.of(
            "wrist-load",
            "The wrists carry no more than they are used to",
            "Wrists tire unseen, one plank at a time, and are sore tomorrow.",
            MOST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        int load = subject.tallies().wristLoad();
        int most = subject.value(MOST);
        if (load <= most) return;
        List<Integer> moments = new ArrayList<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            Pose pose = subject.pose(i);
            if (subject.isWork(i) && pose.wristLoad()) moments.add(i);
        }
        String what = "The wrists carry weight %d times; %d is the most for this level.".formatted(load, most);
        found.look(NodeId.CLASS, "", moments, what, "Fewer rounds, or forearms and fists for some of them.");
    }
}
