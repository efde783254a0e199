package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.SideBehaviour;
import gurukram.core.body.SpineDirection;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Between a deep backbend and a deep fold, either way round, the spine comes through the middle. Movements on the breath are none. */
@AutoService(Check.class)
public final class Opposites implements Check {
    private static final int DEEP = 3;
    private static final int FAR = 2;
    private static final int OFFERS = 3;
    private static final Card CARD = Card.of(
            "opposites",
            "Between opposite extremes the spine comes through the middle",
            "Straight from a deep backbend into a deep fold pinches what was just stretched.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        int before = -1;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            if (before >= 0 && clash(subject, before, i)) {
                String what = "%s comes straight behind %s."
                        .formatted(
                                subject.pose(i).name(),
                                subject.name(subject.pose(before).id()));
                NodeId earlier = subject.moment(before).node();
                found.look(
                        subject.moment(i).node(),
                        earlier.value(),
                        List.of(before, i),
                        what,
                        "Put a pose with a neutral spine between.");
            }
            before = i;
        }
    }

    private static boolean clash(Subject subject, int a, int b) {
        Pose from = subject.pose(a);
        Pose to = subject.pose(b);
        boolean held = subject.moment(a).kind() != Moment.Kind.MOVEMENT
                && subject.moment(b).kind() != Moment.Kind.MOVEMENT;
        boolean opposite = (from.spine() == SpineDirection.BACK && to.spine() == SpineDirection.FORWARD)
                || (from.spine() == SpineDirection.FORWARD && to.spine() == SpineDirection.BACK);
        boolean deep = Math.max(from.depth(), to.depth()) >= DEEP && Math.min(from.depth(), to.depth()) >= FAR;
        return held && opposite && deep;
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        int later = finding.moments().get(1);
        Pose from = subject.pose(finding.moments().get(0));
        var place = subject.plan().placeOf(finding.node()).orElse(null);
        if (place == null || !(subject.node(place.parent()) instanceof Section)) return List.of();
        return subject.catalogue().poses().stream()
                .filter(pose -> pose.spine() == SpineDirection.NEUTRAL && pose.sides() == SideBehaviour.SYMMETRIC)
                .filter(pose -> pose.base() == from.base()
                        || pose.base() == subject.pose(later).base())
                .filter(pose -> Swap.isPlain(subject, pose))
                .filter(pose -> pose.effort() <= 2
                        && pose.level().ordinal() <= subject.judgedLevel().ordinal())
                .filter(pose -> Needs.cautions(pose, subject.group()).isEmpty())
                .sorted(Comparator.comparing(
                                (Pose pose) -> !from.ties().counter().contains(pose.id()))
                        .thenComparing(Pose::effort)
                        .thenComparing(Pose::complexity)
                        .thenComparing(Pose::id))
                .limit(OFFERS)
                .map(pose -> between(subject, place.parent(), place.after(), finding.node(), pose))
                .toList();
    }

    private static Mend between(Subject subject, NodeId parent, @Nullable NodeId after, NodeId later, Pose pose) {
        NodeId id = new NodeId(StepBetween.shortened(later) + "-mid");
        Step step = Step.of(id, pose.id(), new SideRule.None(), pose.doseFor(subject.judgedLevel()));
        return new Mend("Put %s between".formatted(subject.name(pose.id())), new PlanEdit.Insert(parent, after, step));
    }
}
