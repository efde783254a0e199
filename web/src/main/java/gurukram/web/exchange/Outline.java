package gurukram.web.exchange;

import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Link;
import gurukram.core.plan.Naming;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A class in broad lines, as a card or a Markdown file shows it.
 *
 * @param about minutes there are, style and level in words
 */
public record Outline(String title, String about, String length, Theme theme, List<Part> parts) {
    /** @param start clock of the class when it begins */
    public record Part(String start, String title, String length, List<Line> lines) {}

    /** @param depth 0 in a section, 1 in a flow, 2 in a link */
    public record Line(int depth, String name, String what, String length, String note) {}

    static Outline of(ClassPlan plan, Score score, Level level, PoseCatalogue catalogue) {
        Builder builder = new Builder(score, level, catalogue);
        var settings = plan.settings();
        String about = "%s, %s, slot %d min".formatted(settings.style().word(), level.word(), settings.slotMinutes());
        return new Outline(
                settings.title(),
                about,
                Millis.showWhole(score.totalMs()),
                settings.theme(),
                plan.sections().stream().map(builder::part).toList());
    }

    private static final class Builder {
        private final Map<NodeId, NodeTotal> totals;
        private final Level level;
        private final PoseCatalogue catalogue;
        private final NotationWriter writer;

        Builder(Score score, Level level, PoseCatalogue catalogue) {
            this.totals = score.totals();
            this.level = level;
            this.catalogue = catalogue;
            this.writer = new NotationWriter(catalogue);
        }

        Part part(Section section) {
            List<Line> lines = new ArrayList<>();
            for (Item item : section.items()) {
                if (item instanceof Flow flow) flow(flow, lines);
                else lines.add(step((Step) item, 0));
            }
            NodeTotal total = totals.get(section.id());
            String start = total == null ? "" : Millis.showWhole(total.startMs());
            return new Part(start, section.title(), length(total), lines);
        }

        private void flow(Flow flow, List<Line> lines) {
            String name = Naming.of(flow);
            String words = first(writer.write(flow)).replaceFirst("^flow(?: \"(?:[^\"]|\"\")*\")?,? *", "");
            lines.add(new Line(
                    0, name, words, length(totals.get(flow.id())), flow.texts().note()));
            flow.steps().forEach(step -> lines.add(step(step, 1)));
            for (Link link : flow.links()) {
                lines.add(new Line(1, first(writer.write(link)), "", "", ""));
                link.steps().forEach(step -> lines.add(step(step, 2)));
            }
        }

        private static String first(String lines) {
            return lines.lines().findFirst().orElse("");
        }

        private Line step(Step step, int depth) {
            String name = new Naming(catalogue).pose(step.poseFor(level));
            String sides =
                    step.sides().words().equals("none") ? "" : step.sides().words() + ", ";
            return new Line(
                    depth,
                    name,
                    sides + step.doseFor(level),
                    length(totals.get(step.id())),
                    writer.noteAndLayers(step));
        }

        private static String length(NodeTotal total) {
            return total == null ? "" : Millis.showWhole(total.lengthMs());
        }
    }
}
