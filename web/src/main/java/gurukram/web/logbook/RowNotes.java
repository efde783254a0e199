package gurukram.web.logbook;

import gurukram.web.teach.Script;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The steps of a class a note can be about. */
final class RowNotes {
    /** @param node its name, {@code words} what it is called, with its section */
    public record StepName(String node, String words) {}

    private RowNotes() {}

    static List<StepName> steps(Script script) {
        Map<String, StepName> steps = new LinkedHashMap<>();
        for (Script.Line line : script.moments())
            steps.putIfAbsent(
                    line.node(),
                    new StepName(
                            line.node(),
                            "%s: %s%s"
                                    .formatted(
                                            script.sections()
                                                    .get(line.section())
                                                    .title(),
                                            line.flow() == null
                                                    ? ""
                                                    : line.flow().name() + ", ",
                                            line.name())));
        return List.copyOf(steps.values());
    }

    /** What a step is called; empty when there is none. */
    static String name(Script script, String node) {
        return script.moments().stream()
                .filter(line -> line.node().equals(node))
                .map(Script.Line::name)
                .findFirst()
                .orElse("");
    }
}
