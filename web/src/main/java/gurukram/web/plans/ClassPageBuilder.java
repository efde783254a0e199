package gurukram.web.plans;

import gurukram.core.notation.NodeText;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.ClassSettings;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Link;
import gurukram.core.plan.Names;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Feet;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Score;
import gurukram.core.score.SideWork;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** Makes the class page of a stored class and its score. */
final class ClassPageBuilder {
    private static final int BAR = 1000;
    /** The slot fits when the length is within 3 % of it. */
    private static final double FITS = 0.03;

    private final StoredClass stored;
    private final ClassPlan plan;
    private final Score score;
    private final Level level;
    private final Refusal refusal;
    private final Map<NodeId, NodeTotal> totals;
    private final PoseCatalogue catalogue;
    private final StepRows steps;
    private final NodeText text;
    private final NotationWriter writer;

    ClassPageBuilder(StoredClass stored, Score score, Level level, PoseCatalogue catalogue, Refusal refusal) {
        this.stored = stored;
        this.plan = stored.plan();
        this.score = score;
        this.level = level;
        this.refusal = refusal;
        this.totals = score.totals();
        this.catalogue = catalogue;
        this.steps = new StepRows(catalogue, level, totals, refusal);
        this.text = new NodeText(catalogue, Names.numbers());
        this.writer = new NotationWriter(catalogue);
    }

    ClassPage build(Notice notice) {
        return new ClassPage(
                stored.id().toString(),
                stored.version(),
                head(),
                rows(),
                notice,
                typing(),
                stored.undoLabel(),
                stored.redoLabel());
    }

    private ClassPage.Typing typing() {
        if (refusal == null || !refusal.node().equals(Refusal.LINE)) return new ClassPage.Typing("", "", List.of());
        return new ClassPage.Typing(refusal.typed(), refusal.message(), refusal.offers());
    }

    private ClassPage.Head head() {
        ClassSettings s = plan.settings();
        long slot = (long) s.slotMinutes() * Millis.MINUTE;
        long over = score.totalMs() - slot;
        boolean fits = Math.abs(over) <= FITS * slot;
        String fit = over == 0
                ? "just the slot"
                : Millis.showWhole(Math.abs(over)) + (over > 0 ? " over the slot" : " under the slot");
        String at = NodeId.CLASS.value();
        return new ClassPage.Head(
                Field.text(at, "title", s.title(), "Title of the class", 40).orRefused(refusal),
                Field.text(at, "theme", s.theme().title(), "Theme", 40).orRefused(refusal),
                Field.number(at, "slot", s.slotMinutes(), "Slot in minutes", "", "min")
                        .orRefused(refusal),
                Field.choice(at, "style", s.style().name(), "Style", Words.styles()),
                Field.choice(at, "level", s.level().name(), "The class’s own level", Words.levels()),
                level.name(),
                Millis.showWhole(score.totalMs()),
                score.likelyLowMs() / Millis.MINUTE + "–" + (score.likelyHighMs() + Millis.MINUTE - 1) / Millis.MINUTE,
                fit,
                fits ? "fits" : over > 0 ? "long" : "short",
                sideTime(true),
                sideTime(false),
                score.isEven(),
                sidesInWords(),
                segments(slot),
                slotX(slot));
    }

    private String sideTime(boolean right) {
        long ms = score.moments().stream()
                .filter(m -> m.side() != null && (m.side() == gurukram.core.pose.Side.RIGHT) == right)
                .mapToLong(gurukram.core.score.Moment::workMs)
                .sum();
        return Millis.showWhole(ms);
    }

    private String sidesInWords() {
        SideWork right = score.right();
        SideWork left = score.left();
        if (score.isEven()) return "same work on both sides";
        List<String> more = new ArrayList<>();
        if (!right.moreThan(left).isEmpty()) more.add("right has " + right.moreThan(left) + " more");
        if (!left.moreThan(right).isEmpty()) more.add("left has " + left.moreThan(right) + " more");
        return String.join("; ", more);
    }

    private List<ClassPage.Segment> segments(long slot) {
        long whole = Math.max(1, Math.max(slot, score.totalMs()));
        List<ClassPage.Segment> segments = new ArrayList<>();
        for (Score.SectionSpan span : score.sections()) {
            int x = (int) (BAR * span.startMs() / whole);
            int end = (int) (BAR * (span.startMs() + span.lengthMs()) / whole);
            segments.add(new ClassPage.Segment(
                    span.id().value(),
                    span.title(),
                    Millis.showWhole(span.lengthMs()),
                    x,
                    Math.max(0, end - x - 2),
                    segments.size() % 2 == 1));
        }
        return segments;
    }

    private int slotX(long slot) {
        return (int) (BAR * slot / Math.max(1, Math.max(slot, score.totalMs())));
    }

    private List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        for (Section section : plan.sections()) {
            rows.add(sectionRow(section));
            for (Item item : section.items()) {
                if (item instanceof Flow flow) {
                    rows.add(flowRow(flow));
                    stepsOf(flow, flow.steps(), flow.links().isEmpty(), rows);
                    for (Link link : flow.links()) {
                        boolean last = link == flow.links().get(flow.links().size() - 1);
                        rows.add(new Row.LinkRow(
                                link.id().value(),
                                writer.write(link).lines().findFirst().orElse("link")));
                        stepsOf(flow, link.steps(), last, rows);
                    }
                } else if (item instanceof Step step) {
                    rows.add(steps.row(step, null, ""));
                }
            }
        }
        return rows;
    }

    private void stepsOf(Flow flow, List<Step> all, boolean ends, List<Row> rows) {
        for (int i = 0; i < all.size(); i++) {
            boolean end = ends && i == all.size() - 1;
            rows.add(steps.row(all.get(i), flow, end ? "bracket bracket-end" : "bracket"));
        }
    }

    private Row sectionRow(Section section) {
        String id = section.id().value();
        Score.SectionSpan span = score.sections().stream()
                .filter(s -> s.id().equals(section.id()))
                .findFirst()
                .orElseThrow();
        long share = score.totalMs() == 0 ? 0 : Math.round(100.0 * span.lengthMs() / score.totalMs());
        List<Field.Option> roles = Arrays.stream(SectionRole.values())
                .map(role -> new Field.Option(role.name(), role.title()))
                .toList();
        return new Row.SectionRow(
                id,
                section.title(),
                Field.text(id, "name", section.name(), "Name of the section", 24)
                        .orRefused(refusal),
                Field.choice(id, "role", section.role().name(), "Role of the section", roles),
                Field.choice(
                        id,
                        "cueing",
                        section.cueing() == null ? "" : section.cueing().name(),
                        "Way of cueing in " + section.title(),
                        Words.cueing(plan.settings().style())),
                Millis.showWhole(span.startMs()),
                Millis.showWhole(span.lengthMs()),
                share + " %",
                section.items().isEmpty());
    }

    private Row flowRow(Flow flow) {
        String id = flow.id().value();
        NodeTotal total = totals.get(flow.id());
        Feet.Tally feet = Feet.tally(score, catalogue, flow.id());
        return new Row.FlowRow(
                id,
                Field.text(id, "name", flow.settings().name(), "Name of the flow", 22)
                        .orRefused(refusal),
                FlowRowFields.of(flow, refusal),
                total == null ? "" : Millis.showWhole(total.startMs()),
                total == null ? "0:00" : Millis.show(total.lengthMs()),
                FlowRowFields.counts(flow, total),
                FlowRowFields.feet(feet),
                FlowRowFields.impossible(feet),
                SpineBar.of(total),
                Field.text(id, FieldEdit.LINE, text.line(flow), "The flow’s line as text", 60)
                        .orRefused(refusal),
                Field.lines(
                                id,
                                FieldEdit.LINES,
                                text.lines(flow),
                                "Notes and marks of the flow, one a line",
                                "notes, marks")
                        .orRefused(refusal),
                flow.steps().isEmpty());
    }
}
