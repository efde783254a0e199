package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Base;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.List;

/** The wrists do not carry more than the level is used to. */
@AutoService(Check.class)
public final class WristLoad implements Check {
    static final Threshold MOST =
            new Threshold("wrist-load", "movements and holds with weight on the wrists", 30, 50, 70);
    /** Ours: a vinyasa class is made of it, and its people are used to it. */
    private static final int VINYASA = 3;

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
        List<Integer> moments = new ArrayList<>();
        int load = 0;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i) || !carries(subject.pose(i))) continue;
            moments.add(i);
            Integer reps = subject.moment(i).reps();
            load += reps == null ? 1 : Math.max(1, reps);
        }
        boolean vinyasa = subject.settings().style() == Style.VINYASA;
        int most = subject.value(MOST) * (vinyasa ? VINYASA : 1);
        if (load <= most) return;
        String what = "The wrists carry weight %d times; %d is the most for this level.".formatted(load, most);
        found.look(NodeId.CLASS, "", moments, what, "Fewer rounds, or forearms and fists for some of them.");
    }

    /** On hands and knees they carry a little; it is the planks and dogs that tire them. */
    private static boolean carries(Pose pose) {
        return pose.wristLoad() && pose.base() != Base.HANDS_AND_KNEES;
    }
}
