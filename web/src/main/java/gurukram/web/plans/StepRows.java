package gurukram.web.plans;

import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.notation.NodeText;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Names;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SideRule;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Side;
import gurukram.core.pose.SideBehaviour;
import gurukram.core.score.DoseUnit;
import gurukram.core.score.NodeTotal;
import gurukram.core.time.Millis;
import gurukram.web.poses.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The rows of steps. */
final class StepRows {
    private static final List<Field.Option> UNITS = List.of(
            new Field.Option("breaths", "breaths"),
            new Field.Option("seconds", "seconds"),
            new Field.Option("in", "one inhale"),
            new Field.Option("out", "one exhale"),
            new Field.Option("reps", "reps"),
            new Field.Option("open", "open time"));

    private final PoseCatalogue catalogue;
    private final Level level;
    private final Map<NodeId, NodeTotal> totals;
    private final Refusal refusal;
    private final NodeText text;
    private final NotationWriter writer;

    StepRows(PoseCatalogue catalogue, Level level, Map<NodeId, NodeTotal> totals, Refusal refusal) {
        this.catalogue = catalogue;
        this.level = level;
        this.totals = totals;
        this.refusal = refusal;
        this.text = new NodeText(catalogue, Names.numbers());
        this.writer = new NotationWriter(catalogue);
    }

    Row row(Step step, Flow flow, String bracket) {
        Pose written = step.pose() == null ? null : catalogue.pose(step.pose());
        Pose pose = step.poseFor(level) == null ? null : catalogue.pose(step.poseFor(level));
        NodeTotal total = totals.get(step.id());
        String id = step.id().value();
        return new Row.StepRow(
                id,
                pose == null ? "Open time" : pose.name(),
                pose == null ? "" : Figures.small(pose, side(total)),
                pose == null ? "" : pose.sanskrit(),
                atThisLevel(step, written),
                total == null ? "" : Millis.showWhole(total.startMs()),
                total == null ? "0:00" : Millis.show(total.lengthMs()),
                sum(total),
                SpineBar.of(total),
                sides(step, written, flow),
                unit(step, pose),
                dose(id, step.doseFor(level), pose),
                written(id, step.doseFor(level), of(pose)),
                Field.text(id, "note", step.note(), "Note", 30).orRefused(refusal),
                Field.lines(
                                id,
                                FieldEdit.LINES,
                                text.lines(step),
                                "Marks and layers" + of(pose) + ", one a line",
                                "marks, layers")
                        .orRefused(refusal),
                step.layers().stream().map(writer::words).toList(),
                pose == null
                        ? List.of()
                        : pose.cautions().stream().map(c -> c.words()).toList(),
                bracket,
                step.hasDoseFor(level));
    }

    /** The left figure where only the left is worked, the right one otherwise. */
    private static Side side(NodeTotal total) {
        return total != null && total.leftMs() > 0 && total.rightMs() == 0 ? Side.LEFT : Side.RIGHT;
    }

    /** What this level does differently from the line that is written; empty when nothing. */
    private String atThisLevel(Step step, Pose written) {
        if (step.isLeftOutFor(level)) return "left out at this level";
        boolean other = !java.util.Objects.equals(step.poseFor(level), step.pose());
        return other ? "instead of " + (written == null ? "open time" : written.name()) : "";
    }

    private static String of(Pose pose) {
        return pose == null ? " of open time" : " of " + pose.name();
    }

    private Field written(String id, Dose dose, String of) {
        Field field = Field.text(id, "dose", dose.toString(), "Dose" + of + " as text", 30);
        return DoseUnit.of(dose) == DoseUnit.WRITTEN ? null : field.orRefused(refusal);
    }

    private static String sum(NodeTotal total) {
        if (total == null) return "";
        return "%s changing base + %s setting up + %s work"
                .formatted(
                        Millis.show(total.transitionMs()),
                        Millis.show(total.settingUpMs()),
                        Millis.show(total.workMs()));
    }

    /** Null for poses without sides. */
    private Field sides(Step step, Pose pose, Flow flow) {
        boolean symmetric = pose == null || pose.sides() == SideBehaviour.SYMMETRIC;
        if (symmetric && step.sides() instanceof SideRule.None) return null;
        List<Field.Option> options = new ArrayList<>();
        if (flow != null && flow.settings().hasSides()) {
            options.add(new Field.Option("lead", "lead side"));
            options.add(new Field.Option("other", "other side"));
        }
        options.add(new Field.Option("both", "both, right first"));
        options.add(new Field.Option("both, left first", "both, left first"));
        options.add(new Field.Option("right", "right only"));
        options.add(new Field.Option("left", "left only"));
        options.add(new Field.Option("alternating", "side to side, right first"));
        options.add(new Field.Option("alternating, left first", "side to side, left first"));
        if (symmetric) options.clear();
        if (!pose.sides().hasSides()) options.add(new Field.Option("none", "no side"));
        String own = step.sides().words();
        if (options.stream().noneMatch(option -> option.value().equals(own))) options.add(new Field.Option(own, own));
        return Field.choice(step.id().value(), "sides", step.sides().words(), "Sides of " + pose.name(), options)
                .orRefused(refusal);
    }

    private Field unit(Step step, Pose pose) {
        List<Field.Option> units = new ArrayList<>(pose == null ? UNITS.subList(5, 6) : UNITS);
        if (DoseUnit.of(step.doseFor(level)) == DoseUnit.WRITTEN) {
            units.add(new Field.Option(DoseUnit.WRITTEN.word(), "as written"));
        }
        String name = pose == null ? "open time" : pose.name();
        String unit = DoseUnit.of(step.doseFor(level)).word();
        return Field.choice(step.id().value(), "unit", unit, "Unit of " + name, units)
                .orRefused(refusal);
    }

    private List<Field> dose(String id, Dose dose, Pose pose) {
        List<Field> fields = new ArrayList<>();
        String of = pose == null ? "" : " of " + pose.name();
        if (dose instanceof Dose.Breaths hold) {
            fields.add(Field.number(id, "breaths", hold.breaths(), "Breaths" + of, "", ""));
        } else if (dose instanceof Dose.Seconds hold) {
            fields.add(Field.number(id, "seconds", hold.seconds(), "Seconds" + of, "", ""));
        } else if (dose instanceof Dose.Open open) {
            fields.add(Field.number(id, "open", open.seconds(), "Seconds of open time" + of, "", "s"));
        } else if (DoseUnit.of(dose) == DoseUnit.WRITTEN) {
            fields.add(Field.text(
                    id,
                    "dose",
                    dose.toString(),
                    "Dose" + of,
                    Math.max(12, Math.min(44, dose.toString().length()))));
        } else if (dose instanceof Reps reps) {
            String each = reps.repMillis() == null ? "" : Millis.seconds(reps.repMillis());
            fields.add(Field.number(id, "reps", reps.reps(), "Repetitions" + of, "", ""));
            fields.add(Field.number(id, "sets", reps.sets(), "Sets" + of, "×", reps.sets() == 1 ? "set" : "sets"));
            if (reps.sets() > 1) {
                fields.add(Field.number(id, "rest", reps.restSeconds(), "Seconds between sets" + of, "rest", "s"));
            }
            fields.add(Field.number(id, "each", each, "Seconds a repetition" + of + "; empty is usual", "", "s each"));
        }
        return fields.stream().map(field -> field.orRefused(refusal)).toList();
    }
}
