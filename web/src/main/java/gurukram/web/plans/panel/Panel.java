package gurukram.web.plans.panel;

import gurukram.web.plans.field.Captioned;
import gurukram.web.plans.field.Field;
import gurukram.web.plans.field.FieldMarkup;
import gurukram.web.plans.findings.FindingsPanel;
import java.util.List;

/**
 * All there is about one part of the class, beside the spine.
 *
 * @param kind {@code step}, {@code flow}, {@code section}, {@code link}, {@code class} or {@code checks}
 * @param sum how its length comes about; empty when it has none
 * @param groups what can be changed
 * @param step what only a step has; null for the others
 * @param flows the flows the teacher keeps, to put in here
 * @param findings what there is to look at here
 * @param without what the class would be without it; for the class itself, whom it is for; empty where there is neither
 * @param why why it is there; empty when nothing can be said
 * @param owed what is left over from the last time
 */
public record Panel(
        String kind,
        String node,
        String name,
        String sum,
        List<Part> groups,
        StepPanel step,
        List<Kept> flows,
        FindingsPanel findings,
        String without,
        List<String> why,
        List<String> owed) {
    /** @param open whether it is laid open at first */
    public record Part(String heading, boolean open, List<Captioned> fields) {}

    /** A flow the teacher keeps. */
    public record Kept(String id, String name) {}

    Panel(String kind, String node, String name, String sum, List<Part> groups, StepPanel step) {
        this(kind, node, name, sum, groups, step, List.of(), FindingsPanel.NONE, "", List.of(), List.of());
    }

    Panel with(List<Kept> kept) {
        return new Panel(kind, node, name, sum, groups, step, kept, findings, without, why, owed);
    }

    Panel with(FindingsPanel found) {
        return new Panel(kind, node, name, sum, groups, step, flows, found, without, why, owed);
    }

    Panel without(String words) {
        return new Panel(kind, node, name, sum, groups, step, flows, findings, words, why, owed);
    }

    Panel because(List<String> reasons) {
        return new Panel(kind, node, name, sum, groups, step, flows, findings, without, reasons, owed);
    }

    Panel owing(List<String> words) {
        return new Panel(kind, node, name, sum, groups, step, flows, findings, without, why, words);
    }

    /** The markup of a field, already escaped. */
    public String markup(Field field) {
        return FieldMarkup.of(field);
    }
}
