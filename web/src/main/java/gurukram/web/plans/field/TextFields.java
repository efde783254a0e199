package gurukram.web.plans.field;

import gurukram.core.notation.NodeText;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;

/** Flows and steps as text: the node's own line, and the lines under it. */
final class TextFields {
    private static final int WIDE = 34;

    /** @param flow the flow a step stands in; null outside flows */
    record At(Node node, Flow flow, NodeText text) {}

    private static final Fields<At, Node> FIELDS =
            new Fields<>(at -> at.node().id().value());

    static final Declared<At, Node> LINE = FIELDS.declare(
            "line",
            "The flow’s line",
            (at, f) -> f.text(at.text().line(at.node()), "The flow’s line as text", WIDE),
            (at, typed) -> at.text().withLine(at.node(), at.flow(), typed));
    static final Declared<At, Node> LINES = FIELDS.declare(
            "lines",
            "Changes and marks, one a line",
            (at, f) -> f.lines(at.text().lines(at.node()), "Changes, notes and marks, one a line"),
            (at, typed) -> at.text().withLines(at.node(), at.flow(), typed));

    private TextFields() {}

    static boolean has(String field) {
        return field.equals(LINE.name()) || field.equals(LINES.name());
    }

    static Node write(At at, String field, String typed) {
        return FIELDS.write(at, field, typed);
    }
}
