package gurukram.web.plans;

import static gurukram.web.plans.Panel.captioned;

import gurukram.core.compose.NextPoses;
import gurukram.core.cue.Cue;
import gurukram.core.cue.Cues;
import gurukram.core.notation.NodeText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Names;
import gurukram.core.plan.School;
import gurukram.core.plan.Step;
import gurukram.core.pose.Felt;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Side;
import gurukram.core.pose.SideBehaviour;
import gurukram.core.score.DoseUnit;
import gurukram.core.score.Moment;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import gurukram.web.plans.Field.Option;
import gurukram.web.plans.Panel.Captioned;
import gurukram.web.plans.Panel.Group;
import gurukram.web.plans.StepPanel.Drawn;
import gurukram.web.plans.StepPanel.Said;
import gurukram.web.poses.Figures;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;

/** Makes the panels of steps. */
final class StepPanels {
    private static final int WIDE = 34;
    private static final int MOST_NEXT = 6;
    private static final List<Option> UNITS = List.of(
            new Option("breaths", "breaths"),
            new Option("seconds", "seconds"),
            new Option("in", "one inhale"),
            new Option("out", "one exhale"),
            new Option("reps", "repetitions"),
            new Option("open", "open time"));

    private final ClassPlan plan;
    private final Score score;
    private final View view;
    private final PoseCatalogue catalogue;
    private final School school;
    private final Refusal refusal;

    StepPanels(ClassPlan plan, Score score, View view, PoseCatalogue catalogue, School school, Refusal refusal) {
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
        NodeTotal total = score.totals().get(step.id());
        String sum = total == null ? "0:00" : Millis.show(total.lengthMs()) + " = " + StepRows.sum(total);
        return new Panel(
                "step",
                step.id().value(),
                pose == null ? "Open time" : pose.name(),
                sum,
                List.of(
                        new Group("", true, amounts(step, pose)),
                        new Group("Doses by level", false, levels(step)),
                        new Group("What changes, and when", !step.layers().isEmpty(), layers(step)),
                        new Group("Words and marks", false, words(step))),
                pose == null ? null : about(step, pose));
    }

    private Captioned field(String caption, Field field) {
        return captioned(caption, field, refusal);
    }

    private List<Captioned> amounts(Step step, Pose pose) {
        String id = step.id().value();
        Level level = view.level();
        List<Captioned> fields = new ArrayList<>();
        if (pose != null) {
            fields.add(field("Pose", Field.text(id, "pose", pose.name().toLowerCase(), "Pose", 24)));
        }
        fields.add(field(
                "Dose", Field.amount(id, "dose", step.doseFor(level).toString(), "Dose; a range is 5-8 breaths")));
        DoseUnit unit = DoseUnit.of(step.doseFor(level));
        List<Option> units = new ArrayList<>(pose == null ? UNITS.subList(5, 6) : UNITS);
        if (unit == DoseUnit.WRITTEN) units.add(new Option(unit.word(), "as written"));
        fields.add(field("Unit", Field.choice(id, "unit", unit.word(), "Unit", units)));
        Flow flow = plan.flowAround(step.id());
        boolean sidedFlow = flow != null && flow.settings().hasSides();
        Pose written = step.pose() == null ? null : catalogue.pose(step.pose());
        String list = Lists.sidesOf(step, written, sidedFlow);
        String sides = step.sides().words();
        if (!list.isEmpty()) {
            List<Option> options = Lists.with(sides, Lists.named(list));
            fields.add(field("Sides", Field.choice(id, "sides", sides, "Sides", options)));
        }
        if (level != null && step.hasDoseFor(level)) {
            fields.add(field("This level", Field.tick(id, "same", false, "take the base line’s dose, " + step.dose())));
        }
        return fields;
    }

    private List<Captioned> levels(Step step) {
        List<Captioned> fields = new ArrayList<>();
        for (Level level : Level.values()) {
            Field dose = Field.amount(
                            step.id().value(), "dose", step.doseFor(level).toString(), "Dose for " + level.word())
                    .atLevel(level.name());
            fields.add(field(level.word(), dose));
        }
        return fields;
    }

    private List<Captioned> layers(Step step) {
        String id = step.id().value();
        NodeText text = new NodeText(catalogue, Names.numbers());
        String hint = plan.flowAround(step.id()) != null
                ? "one a line, such as “round 2: high lunge”"
                : "one a line, such as “advanced: 8 breaths”";
        return List.of(
                field(hint, Field.lines(id, FieldEdit.LINES, text.lines(step), "Changes and marks, one a line", "")));
    }

    private List<Captioned> words(Step step) {
        String id = step.id().value();
        List<Captioned> fields = new ArrayList<>();
        fields.add(field(
                "Said in place of the usual cue",
                Field.text(id, "say", step.texts().say(), "Your own cue", WIDE)));
        fields.addAll(MarkFields.words(step.texts(), id, refusal));
        fields.addAll(MarkFields.marks(step.marks(), id, refusal));
        return fields;
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
                        .map(side -> new Drawn("", sides.size() == 1 ? "" : side.word(), Figures.small(pose, side)))
                        .toList(),
                drawn(pose.ties().easier()),
                drawn(pose.ties().harder()),
                drawn(NextPoses.after(step, plan.flowAround(step.id()), catalogue, MOST_NEXT)),
                cues(step),
                List.of(Level.values()).stream()
                        .map(level -> level.word() + ": " + pose.doses().get(level))
                        .toList(),
                prepares(pose),
                Figures.felt(pose),
                areas(pose.stretches()),
                areas(pose.works()),
                pose.cautions().stream().map(caution -> caution.words()).toList(),
                pose.props().stream().map(prop -> prop.words()).collect(Collectors.joining("; ")));
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
