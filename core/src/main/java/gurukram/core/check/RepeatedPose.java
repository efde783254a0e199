package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.SideBehaviour;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Outside flows no pose and no family takes over the class. Both sides are one time; arriving, resting and closing do not count. */
@AutoService(Check.class)
public final class RepeatedPose implements Check {
    static final Threshold MOST = Threshold.of("same-pose", "times the same pose comes outside flows", 3);
    /** Ours. */
    static final Threshold FAMILY =
            Threshold.of("family-percent", "percent of the held time that one family of poses has", 45);

    private static final int ENOUGH_STEPS = 8;
    private static final Set<SectionRole> QUIET =
            EnumSet.of(SectionRole.ARRIVE, SectionRole.BREATHE, SectionRole.REST, SectionRole.SIT, SectionRole.CLOSE);
    private static final Card CARD = Card.of(
            "repeated-pose",
            "No pose and no family takes over the class",
            "What comes for the fourth time is done without attention.",
            MOST,
            FAMILY);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Map<String, List<Integer>> byPose = new LinkedHashMap<>();
        Map<String, Long> byFamily = new LinkedHashMap<>();
        NodeId last = null;
        int steps = 0;
        long all = 0;
        for (int i = 0; i < subject.moments().size(); i++) {
            Moment moment = subject.moment(i);
            if (!subject.isWork(i) || moment.flow() != null || QUIET.contains(subject.role(i))) continue;
            if (!moment.node().equals(last) && !isHome(subject.pose(i))) {
                byPose.computeIfAbsent(moment.pose(), p -> new ArrayList<>()).add(i);
            }
            if (!moment.node().equals(last)) steps++;
            byFamily.merge(subject.pose(i).family(), moment.workMs(), Long::sum);
            all += moment.workMs();
            last = moment.node();
        }
        int most = subject.value(MOST);
        byPose.forEach((pose, moments) -> {
            if (moments.size() <= most) return;
            String what = "%s comes %d times outside flows; %d is the most you want."
                    .formatted(Words.capital(subject.name(pose)), moments.size(), most);
            found.look(
                    subject.moment(moments.get(most)).node(),
                    pose,
                    moments,
                    what,
                    "Take a sister of it, or hold it once for longer.");
        });
        if (steps >= ENOUGH_STEPS) families(subject, byFamily, all, found);
    }

    /** A shape people come back to between others, and are meant to: mountain, dog, child’s pose. */
    private static boolean isHome(Pose pose) {
        return pose.sides() == SideBehaviour.SYMMETRIC && pose.depth() == 1 && pose.effort() <= 3;
    }

    private static void families(Subject subject, Map<String, Long> byFamily, long all, Findings found) {
        int most = subject.value(FAMILY);
        byFamily.forEach((family, ms) -> {
            if (ms * 100 <= most * all) return;
            String what = "“%s” takes %d %% of the time outside flows; %d %% is the most you want."
                    .formatted(family, ms * 100 / all, most);
            found.info(
                    NodeId.CLASS,
                    Words.fold(family).replace(' ', '-'),
                    List.of(),
                    what,
                    "Other families give the same muscles a rest.");
        });
    }
}
