package gurukram.core.check;

import gurukram.core.plan.NodeId;
import java.util.List;

/** Where a rule puts what it finds. */
final class Findings {
    private final String rule;
    private final List<Finding> all;

    Findings(Card card, List<Finding> all) {
        this.rule = card.rule();
        this.all = all;
    }

    void must(NodeId node, String about, List<Integer> moments, String what, String advice) {
        add(Severity.MUST, node, about, moments, what, advice);
    }

    void look(NodeId node, String about, List<Integer> moments, String what, String advice) {
        add(Severity.LOOK, node, about, moments, what, advice);
    }

    void info(NodeId node, String about, List<Integer> moments, String what, String advice) {
        add(Severity.INFO, node, about, moments, what, advice);
    }

    void add(Severity severity, NodeId node, String about, List<Integer> moments, String what, String advice) {
        all.add(new Finding(rule, severity, node, about, moments, what, advice));
    }
}
