package gurukram.web.plans.findings;

import gurukram.core.check.Finding;
import gurukram.core.check.Report;
import gurukram.core.check.Severity;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import java.util.HashMap;
import java.util.Map;

/**
 * That there is something to look at in a row.
 *
 * @param severity the worst there is
 * @param count how many findings
 * @param words the first of them
 */
public record RowMark(Severity severity, int count, String words) {
    public static final RowMark NONE = new RowMark(null, 0, "");

    public boolean isNone() {
        return severity == null;
    }

    /** {@code must mend: Tree is done on the left only, and 2 more}. */
    public String said() {
        String first = severity.words() + ": " + words;
        return count == 1 ? first : first + " And " + (count - 1) + " more.";
    }

    /** Marks by the id of the row, from the worst finding to the least; what is about the class as a whole has no row. */
    public static Map<String, RowMark> of(ClassPlan plan, Report report) {
        Map<NodeId, NodeId> owners = owners(plan);
        Map<String, RowMark> marks = new HashMap<>();
        for (Finding finding : report.findings()) {
            if (finding.node().equals(NodeId.CLASS)) continue;
            String row = owners.getOrDefault(finding.node(), finding.node()).value();
            marks.merge(
                    row,
                    new RowMark(finding.severity(), 1, finding.what()),
                    (first, next) -> new RowMark(first.severity(), first.count() + 1, first.words()));
        }
        return marks;
    }

    /** A step put in by a layer has no row of its own. */
    private static Map<NodeId, NodeId> owners(ClassPlan plan) {
        Map<NodeId, NodeId> owners = new HashMap<>();
        plan.walk(node -> {
            if (!(node instanceof Step step)) return;
            for (Layer layer : step.layers()) {
                if (layer.inserted() != null) owners.put(layer.inserted().id(), step.id());
            }
        });
        return owners;
    }
}
