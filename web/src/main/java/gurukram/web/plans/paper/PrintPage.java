package gurukram.web.plans.paper;

import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Link;
import gurukram.core.plan.Naming;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.spine.FlowWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A class on paper. */
public record PrintPage(String title, String theme, String about, String length, List<Part> parts) {
    public record Part(String title, String start, String length, List<Line> lines) {}

    /** @param depth 1 inside a flow, 0 elsewhere */
    public record Line(int depth, String name, String sides, String dose, String length, String note) {}

    public static PrintPage of(StoredClass stored, Score score, View view, PoseCatalogue catalogue) {
        Level level = view.level();
        Map<NodeId, NodeTotal> totals = score.totals();
        NotationWriter writer = new NotationWriter(catalogue);
        List<Part> parts = new ArrayList<>();
        for (Section section : stored.plan().sections()) {
            List<Line> lines = new ArrayList<>();
            for (Item item : section.items()) {
                if (item instanceof Flow flow) {
                    NodeTotal total = totals.get(flow.id());
                    String name = Naming.of(flow);
                    String first = flow.settings().hasSides()
                            ? flow.settings().sides().first().word() + " first"
                            : "";
                    lines.add(new Line(0, name, first, FlowWords.counts(flow, total), length(total), ""));
                    flow.steps().forEach(step -> lines.add(line(step, 1, level, catalogue, totals)));
                    for (Link link : flow.links()) {
                        String when = writer.write(link).lines().findFirst().orElseThrow();
                        lines.add(new Line(1, when, "", "", "", ""));
                        link.steps().forEach(step -> lines.add(line(step, 1, level, catalogue, totals)));
                    }
                } else if (item instanceof Step step) {
                    lines.add(line(step, 0, level, catalogue, totals));
                }
            }
            NodeTotal total = totals.get(section.id());
            String start = total == null ? "" : Millis.showWhole(total.startMs());
            parts.add(new Part(section.title(), start, length(total), lines));
        }
        var settings = stored.plan().settings();
        String about = "%s, %s, slot %d min"
                .formatted(
                        settings.style().word(),
                        level == null ? "mixed room, base line" : level.word(),
                        settings.slotMinutes());
        return new PrintPage(
                settings.title(), settings.theme().title(), about, Millis.showWhole(score.totalMs()), parts);
    }

    private static Line line(
            Step step, int depth, Level level, PoseCatalogue catalogue, Map<NodeId, NodeTotal> totals) {
        String pose = step.poseFor(level);
        String name = Naming.of(pose == null ? null : catalogue.pose(pose), step);
        String names = step.manner().sideNames();
        String sides = step.sides().words().equals("none")
                ? ""
                : step.sides().words() + (names.isEmpty() ? "" : ", side is " + names);
        return new Line(
                depth,
                name,
                sides,
                step.doseFor(level).toString(),
                length(totals.get(step.id())),
                new NotationWriter(catalogue).noteAndLayers(step));
    }

    private static String length(NodeTotal total) {
        return total == null ? "0:00" : Millis.showWhole(total.lengthMs());
    }
}
