package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Leads;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.score.Moment;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Rounds that take turns with the sides, and poses that sway from side to side, come in even numbers. */
@AutoService(Check.class)
public final class OddSides implements Check {
    private static final Card CARD = Card.of(
            "odd-sides",
            "Rounds and sways that take turns come in even numbers",
            "With an odd number one side is done once more than the other.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        subject.plan().walk(node -> {
            if (node instanceof Flow flow
                    && isOdd(flow)
                    && !subject.momentsOf(flow.id()).isEmpty()) rounds(subject, flow, found);
        });
        sways(subject).forEach((step, moments) -> sways(subject, step, moments, found));
    }

    /** Flows and steps that are told here, so that they need not be told as uneven as well. */
    static Set<NodeId> told(Subject subject) {
        Set<NodeId> told = new HashSet<>(sways(subject).keySet());
        subject.plan().walk(node -> {
            if (node instanceof Flow flow && isOdd(flow)) told.add(flow.id());
        });
        return told;
    }

    private static boolean isOdd(Flow flow) {
        FlowSettings settings = flow.settings();
        return settings.counting() == Counting.ONE_SIDE
                && settings.sides().leads() == Leads.ALTERNATING
                && settings.rounds() % 2 == 1;
    }

    private static void rounds(Subject subject, Flow flow, Findings found) {
        int n = flow.settings().rounds();
        Side first = first(subject, flow);
        String what = n == 1
                ? "1 one-sided round that takes turns: it leads with the %s, none with the %s."
                        .formatted(first.word(), first.opposite().word())
                : "%d one-sided rounds that take turns: %d lead with the %s, %d with the %s."
                        .formatted(
                                n,
                                n / 2 + 1,
                                first.word(),
                                n / 2,
                                first.opposite().word());
        String advice = n == 1
                ? "2 rounds are one a side."
                : "%d rounds are %d a side, %d are %d.".formatted(n + 1, (n + 1) / 2, n - 1, n / 2);
        found.look(flow.id(), "", subject.momentsOf(flow.id()), what, advice);
    }

    private static Side first(Subject subject, Flow flow) {
        for (int i : subject.momentsOf(flow.id())) {
            Moment moment = subject.moment(i);
            if (moment.side() == null) continue;
            if (subject.step(i).sides() instanceof SideRule.Lead) return moment.side();
            if (subject.step(i).sides() instanceof SideRule.Other)
                return moment.side().opposite();
        }
        return flow.settings().sides().first();
    }

    /** Steps that sway an odd number of times in a set, with their moments. */
    private static Map<NodeId, List<Integer>> sways(Subject subject) {
        Map<NodeId, List<Integer>> odd = new LinkedHashMap<>();
        subject.plan().walk(node -> {
            if (!(node instanceof Step step) || !(step.sides() instanceof SideRule.Alternating rule) || rule.aSide())
                return;
            List<Integer> moments = subject.momentsOf(step.id());
            if (count(subject, moments, rule.start())
                    != count(subject, moments, rule.start().opposite())) {
                odd.put(step.id(), moments);
            }
        });
        return odd;
    }

    private static long count(Subject subject, List<Integer> moments, Side side) {
        return moments.stream()
                .filter(i -> isSway(subject.moment(i)) && subject.moment(i).side() == side)
                .count();
    }

    private static boolean isSway(Moment moment) {
        return moment.kind() == Moment.Kind.REPS && moment.side() != null;
    }

    private static void sways(Subject subject, NodeId node, List<Integer> moments, Findings found) {
        Step step = subject.step(node);
        Side first = ((SideRule.Alternating) step.sides()).start();
        long own = count(subject, moments, first);
        long other = count(subject, moments, first.opposite());
        String what = "%s sways %d times from the %s: %d to the %s, %d to the %s."
                .formatted(
                        Words.capital(subject.name(step.pose())),
                        own + other,
                        first.word(),
                        own,
                        first.word(),
                        other,
                        first.opposite().word());
        int n = reps(subject, step).reps();
        String advice = "%d are %d a side and end on the %s"
                .formatted(n + 1, (n + 1) / 2, first.opposite().word());
        if (n > 1) advice += "; %d are %d a side and end there too".formatted(n - 1, n / 2);
        found.look(node, "", moments, what, advice + ".");
    }

    private static Reps reps(Subject subject, Step step) {
        Dose dose = subject.level() == null ? step.dose() : step.doseFor(subject.level());
        return dose.at(Dose.Reading.CHOSEN) instanceof Reps reps ? reps : new Reps(1, 1, 0, null);
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        List<Mend> mends = new ArrayList<>();
        if (subject.node(finding.node()) instanceof Flow flow) {
            for (int rounds :
                    new int[] {flow.settings().rounds() + 1, flow.settings().rounds() - 1}) {
                if (rounds < 1 || rounds > FlowSettings.ROUNDS.most()) continue;
                mends.add(new Mend(
                        "Do %d rounds, %d a side".formatted(rounds, rounds / 2),
                        new PlanEdit.Change(flow.with(flow.settings().withRounds(rounds)))));
            }
        } else if (subject.node(finding.node()) instanceof Step step) {
            for (int by : new int[] {1, -1}) sways(subject, step, by).ifPresent(mends::add);
        }
        return mends;
    }

    private static Optional<Mend> sways(Subject subject, Step step, int by) {
        Reps reps = reps(subject, step);
        int wanted = reps.reps() + by;
        if (wanted < 1 || wanted > Dose.REPS.most()) return Optional.empty();
        Side last = ((SideRule.Alternating) step.sides()).start().opposite();
        Step other = ChosenDose.in(step, subject.level(), reps.withReps(wanted));
        String label = "Sway %d times, %d a side, ending %s".formatted(wanted, wanted / 2, last.word());
        return Optional.of(new Mend(label, PlanEdit.instead(subject.plan(), other)));
    }
}
