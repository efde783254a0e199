package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.Join;
import gurukram.core.score.Moment;
import gurukram.core.score.Parity;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** An inhale is followed by an exhale: inside a pass, where passes meet, and at links. */
@AutoService(Check.class)
public final class BreathClash implements Check {
    private static final Card CARD = Card.of(
            "breath-clash",
            "An inhale is followed by an exhale",
            "Two inhales in a row leave people with full lungs and nowhere to go; half the room holds its breath.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Map<List<Object>, List<Parity.Clash>> places = new LinkedHashMap<>();
        for (Parity.Clash clash : Parity.clashes(subject.score())) {
            NodeId earlier = subject.moment(clash.earlier()).node();
            NodeId later = subject.moment(clash.later()).node();
            places.computeIfAbsent(List.of(earlier, later, clash.breath()), p -> new ArrayList<>())
                    .add(clash);
        }
        places.values().forEach(clashes -> clash(subject, clashes, found));
    }

    private static void clash(Subject subject, List<Parity.Clash> clashes, Findings found) {
        Parity.Clash first = clashes.get(0);
        Moment later = subject.moment(first.later());
        Moment earlier = subject.moment(first.earlier());
        String breath = first.breath() == Breath.INHALE ? "inhales" : "exhales";
        String what = "Two %s in a row%s: %s, then %s%s."
                .formatted(
                        breath,
                        meets(earlier, later) ? " where two rounds or sides meet" : "",
                        subject.name(earlier.pose()),
                        subject.name(later.pose()),
                        clashes.size() == 1 ? "" : "; " + Wording.times(clashes.size()));
        List<Integer> moments = clashes.stream().map(Parity.Clash::later).toList();
        found.look(
                later.node(),
                earlier.node().value(),
                moments,
                what,
                "Let the breath go on, or give one of them a whole breath.");
    }

    private static boolean meets(Moment earlier, Moment later) {
        return earlier.flow() != null
                && earlier.flow().equals(later.flow())
                && !Objects.equals(earlier.pass(), later.pass());
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        List<Mend> mends = new ArrayList<>();
        Step later = subject.step(finding.node());
        Step earlier = subject.step(new NodeId(finding.about()));
        boolean twin = earlier.pose() != null && earlier.pose().equals(later.pose()) && !meets(subject, finding);
        if (twin)
            mends.add(new Mend(
                    "Take one %s away".formatted(subject.name(later.pose())), new PlanEdit.Remove(later.id())));
        swapped(subject, later).ifPresent(mends::add);
        if (!twin) wholeBreath(subject, earlier, mends);
        Flow flow = subject.plan().flowAround(later.id());
        if (flow != null && flow.settings().join() instanceof Join.Separate && meets(subject, finding)) {
            mends.add(new Mend(
                    "Share the pose where two rounds meet",
                    new PlanEdit.Change(flow.with(flow.settings()
                            .withJoins(new Join.Shared(0, 1), flow.settings().roundJoin())))));
        }
        if (later.dose() instanceof Dose.Movement movement) {
            mends.add(new Mend(
                    "Let the breath go on into " + subject.name(later.pose()),
                    new PlanEdit.Change(
                            later.withDose(new Dose.Movement(movement.breaths(), true, movement.counts())))));
        }
        return mends;
    }

    /** Two that stand the wrong way round. */
    private static Optional<Mend> swapped(Subject subject, Step later) {
        Node parent = subject.parentOf(later.id());
        if (parent == null) return Optional.empty();
        List<? extends Node> row = parent.children();
        int at = 0;
        while (!row.get(at).id().equals(later.id())) at++;
        if (at + 1 >= row.size()
                || !(row.get(at + 1) instanceof Step next)
                || Objects.equals(next.pose(), later.pose())) return Optional.empty();
        NodeId before = at == 0 ? null : row.get(at - 1).id();
        return Optional.of(new Mend(
                "Take %s before %s".formatted(subject.name(next.pose()), subject.name(later.pose())),
                new PlanEdit.Move(next.id(), parent.id(), before)));
    }

    private static boolean meets(Subject subject, Finding finding) {
        int i = finding.moments().get(0);
        return i > 0 && meets(subject.moment(i - 1), subject.moment(i));
    }

    /** The earlier position takes the half-breath that lacks as well. */
    private static void wholeBreath(Subject subject, Step earlier, List<Mend> mends) {
        if (!(earlier.dose() instanceof Dose.Movement movement)) return;
        if (movement.breaths().size() == Dose.MOST_HALF_BREATHS) return;
        List<Breath> more = new ArrayList<>(movement.breaths());
        more.add(movement.lastBreath() == Breath.INHALE ? Breath.EXHALE : Breath.INHALE);
        mends.add(new Mend(
                "Stay in %s for one half-breath more".formatted(subject.name(earlier.pose())),
                new PlanEdit.Change(
                        earlier.withDose(new Dose.Movement(more, movement.continued(), movement.counts())))));
    }
}
