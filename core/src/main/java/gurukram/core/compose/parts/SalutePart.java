package gurukram.core.compose.parts;

import gurukram.core.body.Base;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sketch;
import gurukram.core.dose.Dose;
import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The salutations of a class: a phrase of the book, else a list of twelve positions; and the first once more after the peak. */
final class SalutePart {
    private static final int USUAL_SALUTE_PERCENT = 9;
    /** Of a short class that flows. */
    private static final int MOST_SALUTE_PERCENT = 14;

    private static final double LONGER_MS = 12_000;

    private static final int STAYS_BREATHS = 3;

    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;
    private final Phrases phrases;
    private final Joints joints;

    SalutePart(Attempt attempt, Phrases phrases, Joints joints) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
        this.phrases = phrases;
        this.joints = joints;
    }

    void salute() {
        salute(Long.MAX_VALUE);
    }

    /** @param left how long it may be, ms */
    void salute(long left) {
        boolean first = sketch.entries(SectionRole.SALUTATIONS).isEmpty();
        if (!attempt.isVinyasa() && first && attempt.dice().at("twelve") < 0.5 && twelve()) return;
        Optional<Phrases.Taken> taken = phrases.take(
                line -> line.phrase().kind() == Phrase.Kind.SALUTE && line.lengthMs() <= left, this::asSalute);
        taken.ifPresent(found -> joints.join(SectionRole.SALUTATIONS, withLegs(found.flow()), found.line()));
        if (taken.isEmpty() && first) twelve();
    }

    /** One that begins as the last did comes before others; a short class has no long one. */
    private double asSalute(PhraseLine line) {
        double points = 0;
        for (Sketch.Entry entry : sketch.entries(SectionRole.SALUTATIONS))
            if (entry.item() instanceof Flow flow
                    && Phrases.shared(flow.poses(), phrases.stepsOf(line)) >= Phrases.QUOTED) points = Phrases.QUOTES;
        boolean isShort = attempt.isVinyasa() && brief.minutes() < Attempt.ROOMY;
        long usual = attempt.clock().slotMs() * (isShort ? MOST_SALUTE_PERCENT : USUAL_SALUTE_PERCENT) / 100;
        return points - Math.max(0, line.lengthMs() - usual) / LONGER_MS - phrases.onHands(line);
    }

    /** Where a salutation steps to two lunges, the second follows the leg rule of the school. */
    private Flow withLegs(Flow flow) {
        List<List<Step>> runs = new ArrayList<>();
        boolean inRun = false;
        for (Step step : flow.steps()) {
            boolean lunge = step.pose() != null
                    && step.sides().followsLead()
                    && attempt.catalogue().pose(step.pose()).base() == Base.LUNGE;
            if (lunge && !inRun) runs.add(new ArrayList<>());
            if (lunge) runs.get(runs.size() - 1).add(step);
            inRun = lunge;
        }
        if (runs.size() != 2) return flow;
        boolean same = attempt.clock().legRule(brief.school()) == School.LegRule.SAME_FRONT;
        boolean lead = runs.get(0).get(0).sides() instanceof SideRule.Lead;
        SideRule second = lead == same ? new SideRule.Lead() : new SideRule.Other();
        return flow.withChildren(flow.steps().stream()
                .map(step -> runs.get(1).contains(step) ? step.withSides(second) : step)
                .toList());
    }

    /** A list of twelve positions or a short form, where the group can do one. */
    private boolean twelve() {
        List<Flow> choices = new Salutes(
                        attempt.pool(),
                        attempt.clock().legRule(brief.school()),
                        attempt.dice().of("salutes"))
                .choices("salute", brief.minutes() >= Attempt.ROOMY && attempt.tightness() == 0);
        if (choices.isEmpty()) return false;
        Flow flow = choices.get(0);
        sketch.put(
                SectionRole.SALUTATIONS,
                attempt.step(SectionRole.SALUTATIONS, attempt.catalogue().pose("mountain"), new Dose.Breaths(1)));
        int rounds = brief.minutes() >= 60 ? 3 : 2;
        sketch.put(SectionRole.SALUTATIONS, growing(flow.with(flow.settings().withRounds(rounds)), rounds));
        return true;
    }

    /** Where it comes to a dog, or else to the last fold, the last round stays there, and of three the one before for a breath. */
    private Flow growing(Flow flow, int rounds) {
        List<Step> steps = new ArrayList<>();
        Step stays = staysAt(flow);
        for (Step step : flow.steps()) {
            steps.add(step);
            if (step != stays) continue;
            NodeId id = new NodeId(step.id().value() + "-stay");
            List<Layer> layers = new ArrayList<>();
            layers.add(new Layer(new NodeId(id.value() + "-1"), When.in(Rounds.of(1, 1)), new Layer.Omit()));
            if (rounds > 2)
                layers.add(new Layer(
                        new NodeId(id.value() + "-2"),
                        When.in(Rounds.of(2, 2)),
                        new Layer.Become(null, null, new Dose.Breaths(1))));
            steps.add(step.named(id).withDose(new Dose.Breaths(STAYS_BREATHS)).withLayers(layers));
        }
        return flow.withChildren(steps);
    }

    private @Nullable Step staysAt(Flow flow) {
        Step fold = null;
        for (Step step : flow.steps()) {
            if (step.pose() == null) continue;
            if (attempt.catalogue().pose(step.pose()).base() == Base.DOG) return step;
            if (step.pose().equals("standing-fold")) fold = step;
        }
        return fold;
    }

    /** The first salutation once more, plain: the room comes back to where it began. */
    void onceMore() {
        if (attempt.peakIsLow()) return;
        for (Sketch.Entry entry : sketch.entries(SectionRole.SALUTATIONS)) {
            if (!(entry.item() instanceof Flow flow) || flow.settings().name().isEmpty()) continue;
            FlowSettings once =
                    flow.settings().withRounds(1).withName(flow.settings().name() + ", once more");
            Flow plain = flow.with(once).with(new Link[0]);
            Flow named = Phrases.named(plain, sketch.name(SectionRole.COUNTERPOSES));
            // before anybody sits down
            List<Sketch.Entry> down = sketch.entries(SectionRole.COUNTERPOSES).stream()
                    .filter(e -> e.pose() != null && Places.isFloor(e.pose().base()))
                    .toList();
            down.forEach(e -> sketch.remove(SectionRole.COUNTERPOSES, e));
            sketch.put(SectionRole.COUNTERPOSES, inFirstRound(named));
            down.forEach(e -> sketch.put(SectionRole.COUNTERPOSES, e.item()));
            return;
        }
    }

    /** As the first round has it. */
    private static Flow inFirstRound(Flow flow) {
        List<Step> steps = new ArrayList<>();
        for (Step step : flow.steps()) {
            Step now = step.withLayers(List.of());
            boolean out = false;
            for (Layer layer : step.layers()) {
                if (!layer.when().holds(null, 1, 1, 1)) continue;
                if (layer.edit() instanceof Layer.Omit) out = true;
                if (layer.edit() instanceof Layer.Become become) {
                    if (become.pose() != null) now = now.withPose(become.pose());
                    if (become.dose() != null) now = now.withDose(become.dose());
                    if (become.sides() != null) now = now.withSides(become.sides());
                }
            }
            if (!out) steps.add(now);
        }
        return flow.withChildren(steps);
    }
}
