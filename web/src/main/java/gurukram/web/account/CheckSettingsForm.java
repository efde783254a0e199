package gurukram.web.account;

import gurukram.core.check.Card;
import gurukram.core.check.Check;
import gurukram.core.check.Checks;
import gurukram.core.check.Threshold;
import gurukram.core.plan.settings.Thresholds;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Where the checks begin to speak, as a form: a value a level, an empty one is the usual. */
final class CheckSettingsForm {
    /** One rule with the values its judgement begins at. */
    public record Rule(String title, String why, List<Line> lines) {}

    /** @param problem what is wrong with one of its values; empty when nothing */
    public record Line(String words, List<Box> boxes, String problem) {}

    public record Box(String name, String label, String value, String usual) {}

    private CheckSettingsForm() {}

    static String field(Threshold threshold, Level level) {
        return threshold.name() + "." + level.word();
    }

    /** @param problems filled with what cannot be taken, by threshold */
    static Thresholds read(Map<String, String> typed, Map<String, String> problems) {
        Thresholds read = Thresholds.NONE;
        for (Check check : Checks.all()) {
            for (Threshold threshold : check.card().thresholds()) read = read(threshold, read, typed, problems);
        }
        return read;
    }

    private static Thresholds read(
            Threshold threshold, Thresholds so, Map<String, String> typed, Map<String, String> problems) {
        List<Integer> values = new ArrayList<>();
        boolean own = false;
        for (Level level : Level.values()) {
            String value = typed.getOrDefault(field(threshold, level), "").strip();
            try {
                int wanted = value.isEmpty() ? threshold.usual(level) : Thresholds.VALUE.parse(value);
                own |= wanted != threshold.usual(level);
                values.add(wanted);
            } catch (Refused e) {
                problems.put(threshold.name(), e.getMessage());
                return so;
            }
        }
        return own ? so.with(threshold.name(), values) : so;
    }

    /** @param typed what was typed; null shows what is set */
    static List<Rule> rules(Thresholds set, Map<String, String> typed, Map<String, String> problems) {
        List<Rule> rules = new ArrayList<>();
        for (Check check : Checks.all()) {
            Card card = check.card();
            List<Line> lines = card.thresholds().stream()
                    .map(threshold -> line(threshold, set, typed, problems))
                    .toList();
            if (!lines.isEmpty()) rules.add(new Rule(card.title(), card.why(), lines));
        }
        return rules;
    }

    private static Line line(
            Threshold threshold, Thresholds set, Map<String, String> typed, Map<String, String> problems) {
        List<Box> boxes = new ArrayList<>();
        for (Level level : Level.values()) {
            String own = set.at(threshold.name(), level).isPresent()
                    ? String.valueOf(set.at(threshold.name(), level).getAsInt())
                    : "";
            String field = field(threshold, level);
            String value = typed == null ? own : typed.getOrDefault(field, "");
            boxes.add(new Box(field, level.word() + ": " + threshold.words(), value, "" + threshold.usual(level)));
        }
        return new Line(threshold.words(), boxes, problems.getOrDefault(threshold.name(), ""));
    }
}
