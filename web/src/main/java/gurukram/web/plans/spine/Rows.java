package gurukram.web.plans.spine;

import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Link;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Shares;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Marks;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Feet;
import gurukram.core.score.MixedRoom;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Score;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import gurukram.web.drawing.SpineBar;
import gurukram.web.plans.View;
import gurukram.web.plans.field.FlowFields;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.findings.RowMark;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * All rows of a class, and when each of them begins.
 *
 * @param slots in the order of the page
 * @param starts ms by node; a node that is never reached has none
 */
public record Rows(Map<String, Slot> slots, Map<String, Long> starts) {
    /**
     * One row before it is made.
     *
     * @param shows all that it shows: rows whose slots show the same look the same, so that most need not be made
     * @param mark that there is something to look at in it; sent for all rows, so it is none of what is compared
     */
    public record Slot(List<?> shows, Supplier<Row> make, RowMark mark) {}

    public static Rows of(
            ClassPlan plan,
            Score score,
            List<MixedRoom.Line> mixed,
            View view,
            PoseCatalogue catalogue,
            Map<String, RowMark> marks,
            Refusal refusal) {
        return new Maker(plan, score, mixed, view, catalogue, marks, refusal).make();
    }

    public List<Row> all() {
        return slots.values().stream().map(slot -> slot.make().get()).toList();
    }

    /** Whether a row looks as it does in other rows. */
    public boolean isSame(String id, Rows others) {
        Slot other = others.slots().get(id);
        return other != null && other.shows().equals(slots.get(id).shows());
    }

    private static final class Maker {
        private final ClassPlan plan;
        private final Score score;
        private final List<MixedRoom.Line> mixed;
        private final View view;
        private final PoseCatalogue catalogue;
        private final Map<String, RowMark> marks;
        private final Refusal refusal;
        private final Map<NodeId, NodeTotal> totals;
        private final Map<NodeId, Long> targets;
        private final StepRows steps;
        private final NotationWriter writer;
        private final Map<String, Slot> slots = new LinkedHashMap<>();

        Maker(
                ClassPlan plan,
                Score score,
                List<MixedRoom.Line> mixed,
                View view,
                PoseCatalogue catalogue,
                Map<String, RowMark> marks,
                Refusal refusal) {
            this.plan = plan;
            this.marks = marks;
            this.score = score;
            this.mixed = mixed;
            this.view = view;
            this.catalogue = catalogue;
            this.refusal = refusal;
            this.totals = score.totals();
            this.targets = Shares.targets(plan, withoutShare());
            this.steps = new StepRows(catalogue, view, totals, mixed, refusal);
            this.writer = new NotationWriter(catalogue);
        }

        Rows make() {
            Map<String, Long> starts = new LinkedHashMap<>();
            for (Section section : plan.sections()) {
                Score.SectionSpan span = span(section);
                boolean empty = section.items().isEmpty();
                add(
                        section,
                        () -> sectionRow(section),
                        section.withChildren(List.of()),
                        span.lengthMs(),
                        share(span),
                        target(section),
                        empty);
                starts.put(section.id().value(), span.startMs());
                section.items().forEach(this::item);
            }
            totals.forEach((node, total) -> starts.putIfAbsent(node.value(), total.startMs()));
            return new Rows(slots, starts);
        }

        private void add(Node node, Supplier<Row> make, Object... shows) {
            String id = node.id().value();
            RowMark mark = marks.getOrDefault(id, RowMark.NONE);
            slots.put(id, new Slot(Arrays.asList(shows), make, mark));
        }

        /** What a step shows besides itself: what it comes to, where it stands, and how the levels fit. */
        private void step(Step step, Flow flow, String in, boolean ends) {
            boolean sided = flow != null && flow.settings().hasSides();
            add(step, () -> steps.row(step, flow, in, ends), step, length(step), sided, in, ends, mixedOf(step));
        }

        private NodeTotal length(Node node) {
            NodeTotal total = totals.get(node.id());
            return total == null ? null : total.from(0);
        }

        private List<MixedRoom.Line> mixedOf(Node node) {
            return mixed.isEmpty()
                    ? mixed
                    : mixed.stream()
                            .filter(line -> line.node().equals(node.id()))
                            .toList();
        }

        private void item(Item item) {
            if (item instanceof Step step) step(step, null, "section", false);
            if (!(item instanceof Flow flow)) return;
            add(flow, () -> flowRow(flow), flow, length(flow), plan.settings().begins(), mixedOf(flow));
            stepsOf(flow, flow.steps(), "flow", flow.links().isEmpty());
            for (Link link : flow.links()) {
                boolean last = link == flow.links().get(flow.links().size() - 1);
                Row row = new Row.LinkRow(
                        link.id().value(),
                        writer.write(link).lines().findFirst().orElse("link"),
                        link.marks().locked());
                add(link, () -> row, row);
                stepsOf(flow, link.steps(), "link", last);
            }
        }

        private void stepsOf(Flow flow, List<Step> all, String in, boolean ends) {
            for (int i = 0; i < all.size(); i++) step(all.get(i), flow, in, ends && i == all.size() - 1);
        }

        private Score.SectionSpan span(Section section) {
            return score.sections().stream()
                    .filter(span -> span.id().equals(section.id()))
                    .findFirst()
                    .orElseThrow();
        }

        private Row sectionRow(Section section) {
            Score.SectionSpan span = span(section);
            return new Row.SectionRow(
                    section.id().value(),
                    section.title(),
                    section.marks().locked(),
                    section.name().isEmpty() ? "" : section.role().title().toLowerCase(),
                    section.cueing() == null ? "" : section.cueing().word(),
                    Millis.showWhole(span.lengthMs()),
                    aim(section, span),
                    section.items().isEmpty());
        }

        /** What it should come to, where the class is still being made; else its share of it. */
        private String aim(Section section, Score.SectionSpan span) {
            long target = target(section);
            if (target == 0) return share(span) + " %";
            String about = Millis.aboutMinutes(target);
            return span.lengthMs() == 0 ? about : "of " + about;
        }

        /** Time of sections that have neither a share nor minutes of their own. */
        private long withoutShare() {
            return plan.sections().stream()
                    .filter(section -> section.minutes() == null
                            && Shares.of(section.role(), plan.settings().style())
                                    .isEmpty())
                    .mapToLong(section -> span(section).lengthMs())
                    .sum();
        }

        private long target(Section section) {
            return targets.getOrDefault(section.id(), 0L);
        }

        private long share(Score.SectionSpan span) {
            return score.totalMs() == 0 ? 0 : Math.round(100.0 * span.lengthMs() / score.totalMs());
        }

        private Row flowRow(Flow flow) {
            String id = flow.id().value();
            NodeTotal total = totals.get(flow.id());
            Feet.Tally feet = Feet.tally(score, catalogue, flow.id());
            return new Row.FlowRow(
                    id,
                    Naming.of(flow),
                    flow.marks().locked(),
                    FlowFields.NAME.of(flow).orRefused(refusal),
                    FlowFields.row(flow, refusal),
                    total == null ? "0:00" : Millis.show(total.lengthMs()),
                    FlowWords.counts(flow, total),
                    FlowWords.how(flow.settings()),
                    FlowWords.feet(feet),
                    FlowWords.impossible(feet),
                    flags(flow),
                    SpineBar.of(total),
                    RoundStrip.of(flow, view.level(), catalogue),
                    flow.steps().isEmpty());
        }

        /** Marks, words, and in a mixed room the passes that need longer than the clock has. */
        private String flags(Flow flow) {
            List<String> flags = new ArrayList<>();
            Marks marks = flow.marks();
            if (marks.locked()) flags.add("locked");
            if (marks.optional()) flags.add("optional");
            if (!flow.texts().thread().isEmpty())
                flags.add("thread: " + flow.texts().thread());
            if (!flow.texts().note().isEmpty())
                flags.add("note: " + flow.texts().note());
            Map<String, List<MixedRoom.Line>> over = mixed.stream()
                    .filter(line -> line.node().equals(flow.id()) && line.isOver())
                    .collect(Collectors.groupingBy(line -> line.level().word()));
            over.forEach((level, lines) -> {
                long most = lines.stream()
                        .mapToLong(l -> l.lineMs() - l.clockMs())
                        .max()
                        .orElse(0);
                flags.add("%s: %s, up to %s too long"
                        .formatted(level, Words.count(lines.size(), "pass"), Millis.show(most)));
            });
            return String.join(" · ", flags);
        }
    }
}
