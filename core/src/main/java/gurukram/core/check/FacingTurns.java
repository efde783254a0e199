package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Facing;
import gurukram.core.body.MatDirection;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** People are not turned along and across the mat all the time, and can see the teacher when something new is explained. */
@AutoService(Check.class)
public final class FacingTurns implements Check {
    /** Ours. */
    static final Threshold MOST = Threshold.of("mat-turns", "turns between along and across the mat outside flows", 8);

    private static final Card CARD = Card.of(
            "facing",
            "People can see you, and are not turned round all the time",
            "Who cannot see you copies a neighbour; every turn of the whole room costs its quiet.",
            MOST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        List<Integer> turns = new ArrayList<>();
        Set<String> met = new HashSet<>();
        MatDirection before = null;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            Pose pose = subject.pose(i);
            Moment moment = subject.moment(i);
            if (met.add(pose.id()) && cannotSee(pose, moment)) away(subject, i, found);
            if (moment.flow() != null) continue;
            if (before != null && pose.mat() != before) turns.add(i);
            before = pose.mat();
        }
        int most = subject.value(MOST);
        if (turns.size() <= most) return;
        String what = "The room turns between along and across the mat %d times; %d is the most you want."
                .formatted(turns.size(), most);
        found.info(NodeId.CLASS, "turns", turns, what, "Put poses across the mat beside each other.");
    }

    private static boolean cannotSee(Pose pose, Moment moment) {
        boolean explained = pose.complexity() == Complexity.COMPLEX || pose.complexity() == Complexity.FULLY_EXPLAINED;
        return explained && pose.facing() == Facing.BACK && moment.settingUpMs() > 0;
    }

    private static void away(Subject subject, int i, Findings found) {
        String what = "%s is explained while people look away from you."
                .formatted(subject.pose(i).name());
        found.info(
                subject.moment(i).node(),
                subject.pose(i).id(),
                List.of(i),
                what,
                "Show it before, or stand where they look.");
    }
}
