package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Leads;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.score.Feet;
import gurukram.core.score.Moment;
import gurukram.core.score.SideWork;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The written work of every pose, to every side it twists to, is the same on the right and on the left; in flows both feet
 * step back first equally often. Setting up and the quicker second side are not judged. What {@link OddSides} and
 * {@link SecondSide} tell is not told again.
 */
@AutoService(Check.class)
public final class SidesUneven implements Check {
    private static final Card CARD = Card.of(
            "sides-uneven",
            "Right and left get the same work",
            "Bodies feel a side that was held for less; over weeks it adds up.");

    private record Work(Map<Side, SideWork> by, List<Integer> moments) {
        SideWork on(Side side) {
            return by.getOrDefault(side, SideWork.NONE);
        }

        boolean isEven() {
            return on(Side.RIGHT).equals(on(Side.LEFT));
        }

        void add(int i, Side side, Moment moment) {
            by.put(side, on(side).plus(moment));
            moments.add(i);
        }
    }

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Map<String, Work> byPose = new LinkedHashMap<>();
        Map<String, Work> byTwist = new LinkedHashMap<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            Moment moment = subject.moment(i);
            // a rest on one side is no work of it
            if (!subject.isWork(i) || subject.role(i) == SectionRole.REST) continue;
            if (moment.side() != null) add(byPose, moment.pose(), i, moment.side(), moment);
            if (moment.twistSide() != null) add(byTwist, moment.pose(), i, moment.twistSide(), moment);
        }
        Set<String> told = SecondSide.told(subject);
        Set<NodeId> odd = OddSides.told(subject);
        byPose.forEach((pose, work) -> {
            if (!work.isEven() && !told.contains(pose) && !isTold(subject, work, odd)) {
                uneven(subject, pose, work, found);
            }
        });
        byTwist.forEach((pose, work) -> {
            if (!work.isEven() && Objects.requireNonNull(byPose.get(pose)).isEven()) twist(subject, pose, work, found);
        });
        subject.plan().walk(node -> {
            if (node instanceof Flow flow && !odd.contains(flow.id())) firstBacks(subject, flow, found);
        });
    }

    private static void add(Map<String, Work> all, @Nullable String what, int i, Side side, Moment moment) {
        all.computeIfAbsent(what, w -> new Work(new EnumMap<>(Side.class), new ArrayList<>()))
                .add(i, side, moment);
    }

    /** Whether all that makes it uneven stands in odd rounds or sways. */
    private static boolean isTold(Subject subject, Work work, Set<NodeId> odd) {
        Work rest = new Work(new EnumMap<>(Side.class), new ArrayList<>());
        for (int i : work.moments()) {
            Moment moment = subject.moment(i);
            Side side = moment.side();
            if (side != null && !odd.contains(moment.node()) && !odd.contains(moment.flow())) rest.add(i, side, moment);
        }
        return rest.isEven();
    }

    private static void uneven(Subject subject, String pose, Work work, Findings found) {
        String name = Words.capital(subject.name(pose));
        List<Integer> moments = work.moments();
        for (Side side : Side.values()) {
            if (!work.on(side.opposite()).equals(SideWork.NONE)) continue;
            String what = "%s is done on the %s only: %s.".formatted(name, side.word(), more(work, side));
            found.must(node(subject, work, side), pose, moments, what, "Do the other side too.");
            return;
        }
        List<String> parts = new ArrayList<>();
        for (Side side : Side.values()) {
            if (!more(work, side).isEmpty()) parts.add("%s more on the %s".formatted(more(work, side), side.word()));
        }
        Side lesser = more(work, Side.RIGHT).isEmpty() ? Side.RIGHT : Side.LEFT;
        String what = "%s has %s.".formatted(name, Wording.and(parts));
        found.look(node(subject, work, lesser), pose, moments, what, "Give both sides the same.");
    }

    private static String more(Work work, Side side) {
        return work.on(side).moreThan(work.on(side.opposite()));
    }

    /** The last step that does it on a side. */
    private static NodeId node(Subject subject, Work work, Side side) {
        for (int k = work.moments().size() - 1; k >= 0; k--) {
            Moment moment = subject.moment(work.moments().get(k));
            if (moment.side() == side) return moment.node();
        }
        return subject.moment(work.moments().get(0)).node();
    }

    private static void twist(Subject subject, String pose, Work work, Findings found) {
        Side more = more(work, Side.RIGHT).isEmpty() ? Side.LEFT : Side.RIGHT;
        String what = "%s turns %s more to the %s."
                .formatted(Words.capital(subject.name(pose)), more(work, more), more.word());
        found.look(
                subject.moment(work.moments().get(0)).node(),
                pose + "-twist",
                work.moments(),
                what,
                "Let each side turn its own way.");
    }

    private static void firstBacks(Subject subject, Flow flow, Findings found) {
        // rounds of both sides, and rounds that take turns, are even by themselves
        if (flow.settings().counting() != Counting.ONE_SIDE
                || subject.momentsOf(flow.id()).isEmpty()) return;
        Feet.Tally feet = Feet.tally(subject.score(), subject.catalogue(), flow.id());
        int right = feet.right().firstBacks();
        int left = feet.left().firstBacks();
        if (right == left) return;
        String what =
                "The right foot steps back first %s, the left %s.".formatted(Wording.times(right), Wording.times(left));
        if (right == 0 || left == 0) {
            what = "The %s foot steps back first every time, %s."
                    .formatted((right > left ? Side.RIGHT : Side.LEFT).word(), Wording.times(Math.max(right, left)));
        }
        found.look(flow.id(), "foot", subject.momentsOf(flow.id()), what, "Let the rounds take turns.");
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        List<Mend> mends = new ArrayList<>();
        if (finding.about().equals("foot")) {
            Flow flow = subject.flow(finding.node());
            takeTurns(flow, mends);
            return mends;
        }
        for (NodeId node : nodes(subject, finding)) {
            if (!(subject.node(node) instanceof Step step)) continue;
            if (step.sides() instanceof SideRule.Only only) {
                other(subject, step, only, mends);
            } else if (step.sides() instanceof SideRule.Compound compound
                    && compound.base() instanceof SideRule.Both both) {
                mends.add(new Mend("Turn the usual way", new PlanEdit.Change(step.withSides(both))));
            } else if (step.sides() instanceof SideRule.Crossing crossing) {
                mends.add(new Mend(
                        "Do both crossings one after the other",
                        new PlanEdit.Change(step.withSides(new SideRule.Both(crossing.first())))));
            }
            for (Layer layer : step.layers()) {
                if (layer.when().pass() == null) continue;
                mends.add(new Mend("Take the change of the one side away", new PlanEdit.Remove(layer.id())));
            }
            Flow flow = subject.plan().flowAround(node);
            if (flow != null) takeTurns(flow, mends);
        }
        return mends;
    }

    private static void takeTurns(Flow flow, List<Mend> mends) {
        if (flow.settings().sides().leads() != Leads.ALWAYS_FIRST) return;
        mends.add(new Mend(
                "Let the rounds take turns with the sides",
                new PlanEdit.Change(
                        flow.with(flow.settings().with(flow.settings().sides().with(Leads.ALTERNATING))))));
    }

    /** Steps written on one side: the twin takes the longer dose of both, or is added. */
    private static void other(Subject subject, Step step, SideRule.Only only, List<Mend> mends) {
        List<NodeId> twins = twins(subject, step);
        for (NodeId node : twins) {
            Step twin = subject.step(node);
            Step alike =
                    ChosenDose.in(twin, subject.level(), dose(subject, step).at(Dose.Reading.CHOSEN));
            Step back = ChosenDose.in(step, subject.level(), dose(subject, twin).at(Dose.Reading.CHOSEN));
            mends.add(new Mend(
                    "Give the %s side %s as well".formatted(side(step), dose(subject, twin)),
                    PlanEdit.instead(subject.plan(), back)));
            mends.add(new Mend(
                    "Give the %s side %s as well".formatted(side(twin), dose(subject, step)),
                    PlanEdit.instead(subject.plan(), alike)));
        }
        // where the other side has it already, both sides would have it once more
        if (!twins.isEmpty()) return;
        mends.add(new Mend(
                "Do it on both sides, %s first".formatted(only.side().word()),
                new PlanEdit.Change(step.withSides(new SideRule.Both(only.side())))));
    }

    private static String side(Step step) {
        return ((SideRule.Only) step.sides()).side().word();
    }

    private static Dose dose(Subject subject, Step step) {
        return subject.level() == null ? step.dose() : step.doseFor(subject.level());
    }

    private static List<NodeId> twins(Subject subject, Step step) {
        List<NodeId> twins = new ArrayList<>();
        subject.plan().walk(node -> {
            if (node instanceof Step other
                    && Objects.equals(step.pose(), other.pose())
                    && other.sides().equals(step.sides().mirrored())) twins.add(other.id());
        });
        return twins;
    }

    private static Set<NodeId> nodes(Subject subject, Finding finding) {
        Set<NodeId> nodes = new LinkedHashSet<>(List.of(finding.node()));
        finding.moments().forEach(i -> nodes.add(subject.moment(i).node()));
        return nodes;
    }
}
