package gurukram.web.plans.panel;

import gurukram.core.body.Felt;
import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.caution.Rulebook;
import gurukram.core.check.Subject;
import gurukram.core.compose.NextPoses;
import gurukram.core.cue.Cue;
import gurukram.core.cue.Cues;
import gurukram.core.group.People;
import gurukram.core.notation.NodeText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.BreathLengths;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Timing;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.BreathPlaces;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import gurukram.web.drawing.Figures;
import gurukram.web.plans.View;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.field.StepFields;
import gurukram.web.plans.panel.Panel.Part;
import gurukram.web.plans.panel.StepPanel.Drawn;
import gurukram.web.plans.panel.StepPanel.Said;
import gurukram.web.plans.spine.StepRows;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/** Makes the panels of steps. */
final class StepPanels {
    private static final int MOST_NEXT = 6;

    private final ClassPlan plan;
    private final Score score;
    private final View view;
    private final PoseCatalogue catalogue;
    private final School school;
    private final People group;
    private final Refusal refusal;

    /** @param group whom the class is for; null for nobody in particular */
    StepPanels(
            ClassPlan plan,
            Score score,
            View view,
            PoseCatalogue catalogue,
            School school,
            People group,
            Refusal refusal) {
        this.group = group;
        this.plan = plan;
        this.score = score;
        this.view = view;
        this.catalogue = catalogue;
        this.school = school;
        this.refusal = refusal;
    }

    Panel of(Step step) {
        String shown = step.poseFor(view.level());
        Pose pose = shown == null ? null : catalogue.pose(shown);
        NodeText text = new NodeText(catalogue, NodeNames.numbers());
        StepFields.At at = new StepFields.At(step, plan.flowAround(step.id()), catalogue, view.level(), true);
        return new Panel(
                "step",
                step.id().value(),
                Naming.of(pose, step),
                StepRows.lengthAndSum(score.totals().get(step.id())) + fetching(step),
                List.of(
                        new Part("", true, StepFields.amounts(at, refusal)),
                        new Part("Time of its own" + breath(step, pose), isTimed(step), StepFields.times(at, refusal)),
                        new Part("Doses by level", false, StepFields.levels(at, refusal)),
                        new Part(
                                "What changes, and when",
                                !step.layers().isEmpty(),
                                StepFields.changes(at, text, refusal)),
                        new Part("Words and marks", false, StepFields.words(at, refusal))),
                pose == null ? null : about(step, pose));
    }

    /** How long a breath is held for here and where that was typed; nothing where it is usual or the step's own. */
    private String breath(Step step, Pose pose) {
        if (pose == null || step.timing().breathMillis() != null) return "";
        Flow flow = plan.flowAround(step.id());
        Section section = plan.sections().stream()
                .filter(one -> one.items().stream().anyMatch(item -> item.id().equals(step.id()) || item.equals(flow)))
                .findFirst()
                .orElse(null);
        if (section == null) return "";
        Hold hold = step.timing().hold() == null ? pose.hold() : step.timing().hold();
        return BreathPlaces.of(flow, section, plan.settings(), school)
                .find(hold == Hold.ACTIVE ? BreathLengths::activeMillis : BreathLengths::passiveMillis)
                .map(found -> " (" + Millis.seconds(found.value()) + " s a breath, "
                        + found.from().words() + ")")
                .orElse("");
    }

    private static boolean isTimed(Step step) {
        return !step.timing().equals(Timing.USUAL);
    }

    private StepPanel about(Step step, Pose pose) {
        List<Side> sides =
                pose.sides() == SideBehaviour.SYMMETRIC ? List.of(Side.RIGHT) : List.of(Side.LEFT, Side.RIGHT);
        return new StepPanel(
                "/poses/" + pose.id(),
                pose.sanskrit(),
                pose.base().word().replace('-', ' ') + ", effort " + pose.effort() + " of 5, "
                        + pose.level().word(),
                sides.stream()
                        .map(side -> new Drawn(
                                "",
                                sides.size() == 1 ? "" : side.word(),
                                Figures.small(pose, side, step.manner().with())))
                        .toList(),
                drawn(pose.ties().easier()),
                drawn(pose.ties().harder()),
                drawn(NextPoses.after(step, plan.flowAround(step.id()), catalogue, MOST_NEXT)),
                cues(step),
                List.of(Level.values()).stream()
                        .map(level -> level.word() + ": " + pose.range(level))
                        .toList(),
                prepares(pose),
                Figures.felt(pose),
                areas(pose.stretches()),
                areas(pose.works()),
                careful(step),
                pose.cautions().stream()
                        .filter(caution -> group == null || group.people(caution.need()) == 0)
                        .filter(caution -> caution.severity() != Caution.Severity.TELL)
                        .map(caution -> words(caution))
                        .toList(),
                pose.props().stream().map(prop -> prop.words()).collect(Collectors.joining("; ")));
    }

    /** How much of the setting up goes into fetching props; empty where they are there. */
    private String fetching(Step step) {
        long ms = score.moments().stream()
                .filter(moment -> moment.node().equals(step.id()))
                .mapToLong(moment -> moment.how().fetchMs())
                .sum();
        return ms == 0 ? "" : ", " + Millis.show(ms) + " of it fetching props";
    }

    /** What the group needs here, the strictest first, with arms and supports as the step has them. */
    private List<StepPanel.Careful> careful(Step step) {
        if (group == null || step.pose() == null) return List.of();
        return Subject.cautionsOf(step, catalogue, group).stream()
                .sorted(Comparator.comparing(Caution::severity))
                .map(caution -> new StepPanel.Careful(
                        words(caution),
                        caution.severity() == Caution.Severity.BLOCKED,
                        caution.instead() == null || !catalogue.has(caution.instead())
                                ? null
                                : drawn(List.of(caution.instead())).get(0)))
                .toList();
    }

    private static String words(Caution caution) {
        return Rulebook.shipped().of(caution.need()).name() + ": " + caution.change();
    }

    private List<Drawn> drawn(Collection<String> ids) {
        return ids.stream()
                .filter(catalogue::has)
                .map(catalogue::pose)
                .map(pose -> new Drawn(pose.id(), pose.name(), Figures.small(pose, null)))
                .toList();
    }

    private static String areas(Collection<Felt> felt) {
        return felt.stream()
                .map(f -> f.area().word().replace('-', ' '))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    /** The first cue of each side, or the one there is. */
    private List<Said> cues(Step step) {
        List<Cue> all = Cues.of(score, plan, catalogue, school);
        List<Said> said = new ArrayList<>();
        List<Side> told = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Moment moment = score.moments().get(i);
            Cue cue = all.get(i);
            if (!moment.node().equals(step.id()) || cue.words().isEmpty() || told.contains(moment.side())) continue;
            told.add(moment.side());
            String side = moment.side() == null ? "" : moment.side().word();
            String time = "%d words in %s s".formatted(cue.count(), Millis.seconds(cue.ms()));
            said.add(new Said(side, cue.words(), time, cue.fits()));
        }
        return said;
    }

    private String prepares(Pose pose) {
        String peak = plan.settings().peak();
        if (peak == null || peak.equals(pose.id())) return "";
        Pose goal = catalogue.pose(peak);
        String actions = goal.actions().stream()
                .filter(asked -> asked.demands() > 0)
                .filter(asked ->
                        pose.actions().stream().anyMatch(use -> use.action() == asked.action() && use.prepares() > 0))
                .map(asked -> asked.action().words())
                .collect(Collectors.joining(", "));
        return actions.isEmpty() ? "" : "For " + goal.name().toLowerCase() + " it prepares " + actions + ".";
    }
}
