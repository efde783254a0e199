package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.dose.Dose;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.score.Moment;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Full lungs are held after an inhale and empty ones after an exhale, one position at a time; anything else is a slip. */
@AutoService(Check.class)
public final class AccidentalHold implements Check {
    private static final Card CARD = Card.of(
            "accidental-hold",
            "A held breath is meant, and follows the breath it holds",
            "Most breath is held by accident: a position too many between an inhale and its exhale.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Map<NodeId, List<Integer>> slips = new LinkedHashMap<>();
        Breath before = Breath.FREE;
        for (int i = 0; i < subject.moments().size(); i++) {
            Moment moment = subject.moment(i);
            if (moment.kind() != Moment.Kind.MOVEMENT) {
                before = Breath.FREE;
                continue;
            }
            if (isSlip(before, moment.breath()))
                slips.computeIfAbsent(moment.node(), n -> new ArrayList<>()).add(i);
            before = moment.breath();
        }
        slips.forEach((node, moments) -> tell(subject, node, moments, found));
    }

    private static boolean isSlip(Breath before, Breath now) {
        if (!now.isHeld() || before == Breath.FREE) return false;
        return before != (now == Breath.HOLD_IN ? Breath.INHALE : Breath.EXHALE);
    }

    private static void tell(Subject subject, NodeId node, List<Integer> moments, Findings found) {
        int i = moments.get(0);
        Breath before = subject.moment(i - 1).breath();
        boolean in = subject.moment(i).breath() == Breath.HOLD_IN;
        String name = subject.pose(i).name();
        String what = before.isHeld()
                ? "In %s the breath is held already, since %s."
                        .formatted(
                                name.toLowerCase(Locale.ROOT),
                                subject.name(subject.pose(i - 1).id()))
                : "%s holds the breath %s, behind an %s."
                        .formatted(name, in ? "in" : "out", before == Breath.INHALE ? "inhale" : "exhale");
        found.look(node, "", moments, what, "Give it a breath of its own, or hold after the other half.");
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        Step step = subject.step(finding.node());
        int i = finding.moments().get(0);
        if (!(step.dose() instanceof Dose.Movement movement)
                || movement.breaths().size() > 1) return List.of();
        Breath before = subject.moment(i - 1).breath();
        List<Mend> mends = new ArrayList<>();
        if (before == Breath.EXHALE || before == Breath.INHALE) {
            Breath held = before == Breath.INHALE ? Breath.HOLD_IN : Breath.HOLD_OUT;
            mends.add(
                    new Mend("Hold after the " + (before == Breath.INHALE ? "inhale" : "exhale"), change(step, held)));
        }
        boolean empty = before == Breath.EXHALE || before == Breath.HOLD_OUT;
        mends.add(new Mend(
                empty ? "Take it on the inhale" : "Take it on the exhale",
                change(step, empty ? Breath.INHALE : Breath.EXHALE)));
        return mends;
    }

    private static PlanEdit change(Step step, Breath breath) {
        return new PlanEdit.Change(step.withDose(new Dose.Movement(breath)));
    }
}
