package gurukram.web.plans.spine;

import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.notation.NotationWriter;
import gurukram.core.notation.words.MannerWords;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Marks;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.MixedRoom;
import gurukram.core.score.NodeTotal;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import gurukram.web.drawing.Figures;
import gurukram.web.drawing.SpineBar;
import gurukram.web.plans.View;
import gurukram.web.plans.field.Field;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.field.StepFields;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;

/** The rows of steps. */
public final class StepRows {
    /** What a row's dose field shows whole. */
    private static final int FIELD_LETTERS = 18;

    private final PoseCatalogue catalogue;
    private final View view;
    private final Map<NodeId, NodeTotal> totals;
    private final List<MixedRoom.Line> mixed;
    private final Refusal refusal;
    private final NotationWriter writer;

    /** @param mixed what the levels' lines come to, in a mixed room */
    public StepRows(
            PoseCatalogue catalogue,
            View view,
            Map<NodeId, NodeTotal> totals,
            List<MixedRoom.Line> mixed,
            Refusal refusal) {
        this.catalogue = catalogue;
        this.view = view;
        this.totals = totals;
        this.mixed = mixed;
        this.refusal = refusal;
        this.writer = new NotationWriter(catalogue);
    }

    public Row.StepRow row(Step step, Flow flow, String in, boolean ends) {
        Level level = view.level();
        Pose pose = poseOf(step.poseFor(level));
        NodeTotal total = totals.get(step.id());
        String differs = atThisLevel(step);
        String marks = marks(step);
        String under = !differs.isEmpty() ? joined(differs, marks) : marks;
        StepFields.At at = at(step, flow, level);
        boolean plain = under.isEmpty() && pose != null;
        return new Row.StepRow(
                step.id().value(),
                Naming.of(pose, step),
                step.marks().locked(),
                plain ? pose.sanskrit() : under,
                plain,
                !differs.isEmpty(),
                hung(pose, total, step.manner().with()),
                SpineBar.of(total),
                StepFields.DOSE.of(at).orRefused(refusal),
                sides(at),
                breath(step.doseFor(level)),
                total == null ? "0:00" : Millis.show(total.lengthMs()),
                sum(total),
                view.isMixed() ? lines(step, flow) : List.of(),
                in,
                ends);
    }

    private StepFields.At at(Step step, Flow flow, Level level) {
        return new StepFields.At(step, flow, catalogue, level, true);
    }

    private Pose poseOf(String id) {
        return id == null ? null : catalogue.pose(id);
    }

    private static String joined(String first, String second) {
        return second.isEmpty() ? first : first + " · " + second;
    }

    /** Figures at the sides that are worked, one on the spine for a pose without sides. */
    private static Row.Hung hung(Pose pose, NodeTotal total, List<String> with) {
        if (pose == null) return new Row.Hung("", "", "");
        boolean left = total != null && total.leftMs() > 0;
        boolean right = total != null && total.rightMs() > 0;
        if (!left && !right) return new Row.Hung("", Figures.small(pose, null, with), "");
        return new Row.Hung(
                left ? Figures.small(pose, Side.LEFT, with) : "",
                "",
                right ? Figures.small(pose, Side.RIGHT, with) : "");
    }

    /** What the shown level does differently from the line that is written; empty when nothing. */
    private String atThisLevel(Step step) {
        Level level = view.level();
        if (level == null) return "";
        if (step.isLeftOutFor(level)) return "● left out at this level";
        List<String> words = new ArrayList<>();
        boolean other = !Objects.equals(step.poseFor(level), step.pose());
        if (other) words.add("● instead of " + Naming.of(poseOf(step.pose())).toLowerCase(Locale.ROOT));
        if (step.hasDoseFor(level)) words.add("● this level’s own; base line " + step.dose());
        return String.join(" · ", words);
    }

    /** What is written under the step, in a few words. */
    private String marks(Step step) {
        List<String> words = new ArrayList<>();
        step.layers().stream()
                .filter(layer -> layer.when().needsFlow() || !layer.when().holdsAt(view.level()))
                .map(layer -> "⤷ " + writer.words(layer))
                .forEach(words::add);
        if (!step.manner().sideNames().isEmpty())
            words.add("side is " + step.manner().sideNames());
        String dose = step.doseFor(view.level()).toString();
        if (dose.length() > FIELD_LETTERS) words.add(dose);
        words.addAll(MannerWords.write(step.manner()));
        Marks marks = step.marks();
        if (marks.locked()) words.add("locked");
        if (marks.optional()) words.add("optional");
        if (!step.texts().thread().isEmpty())
            words.add("thread: " + step.texts().thread());
        if (!step.texts().say().isEmpty()) words.add("says “" + step.texts().say() + "”");
        if (!step.note().isEmpty()) words.add("note: " + step.note().replace('\n', ' '));
        if (!step.props().isEmpty()) {
            words.add(String.join(
                    ", ", step.props().stream().map(Object::toString).toList()));
        }
        return String.join(" · ", words);
    }

    private static String breath(Dose dose) {
        if (!(dose instanceof Dose.Movement movement)) return "";
        return movement.lastBreath() == Breath.INHALE ? "in" : movement.lastBreath() == Breath.EXHALE ? "out" : "";
    }

    /** {@code 0:30 = 0:00 changing base + 0:15 setting up + 0:15 work}. @param total null for what is never reached */
    public static String lengthAndSum(NodeTotal total) {
        return total == null ? "0:00" : Millis.show(total.lengthMs()) + " = " + sum(total);
    }

    private static String sum(NodeTotal total) {
        if (total == null) return "";
        return Millis.show(total.transitionMs()) + " changing base + " + Millis.show(total.settingUpMs())
                + " setting up + " + Millis.show(total.workMs()) + " work";
    }

    /** Null where there is nothing to choose. */
    private Field sides(StepFields.At at) {
        Field sides = StepFields.sides(at);
        return sides == null ? null : sides.orRefused(refusal);
    }

    private List<Row.LevelLine> lines(Step step, Flow flow) {
        List<Row.LevelLine> lines = new ArrayList<>();
        for (Level level : Level.values()) {
            Pose pose = poseOf(step.poseFor(level));
            boolean other = !Objects.equals(step.poseFor(level), step.pose());
            String instead = step.isLeftOutFor(level) ? "left out" : other ? Naming.of(pose) : "";
            MixedRoom.Line line = flow != null ? null : lineOf(step.id(), level);
            lines.add(new Row.LevelLine(
                    level.word(),
                    instead,
                    StepFields.DOSE
                            .of(at(step, flow, level))
                            .atLevel(level.name())
                            .orRefused(refusal),
                    fits(line),
                    line != null && line.isOver()));
        }
        return lines;
    }

    private MixedRoom.Line lineOf(NodeId node, Level level) {
        return mixed.stream()
                .filter(line -> line.level() == level && line.node().equals(node))
                .findFirst()
                .orElse(null);
    }

    static String fits(MixedRoom.Line line) {
        if (line == null) return "";
        return line.isOver()
                ? Millis.showWhole(line.lineMs() - line.clockMs()) + " too long"
                : "stay or rest " + Millis.showWhole(line.spareMs());
    }
}
