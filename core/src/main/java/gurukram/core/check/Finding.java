package gurukram.core.check;

import gurukram.core.plan.NodeId;
import java.util.List;

/**
 * Something to look at in a class.
 *
 * @param rule the short name of its rule
 * @param node where in the plan: a step, a flow, a section, or the class itself
 * @param about tells it apart from others of its rule at the same node; may be empty
 * @param moments where in the score, as indices in order; empty when it is about no moment
 * @param what what there is, with the values in it: whole sentences
 * @param advice what to do; empty when that is clear
 */
public record Finding(
        String rule, Severity severity, NodeId node, String about, List<Integer> moments, String what, String advice) {
    public Finding {
        moments = List.copyOf(moments);
    }

    /** The same finding in another score of the class. */
    public boolean isSameAs(Finding other) {
        return rule.equals(other.rule) && node.equals(other.node) && about.equals(other.about);
    }

    /** A name for it that stays while the class changes elsewhere: {@code rule.node} or {@code rule.node.about}. */
    public String key() {
        return about.isEmpty() ? rule + "." + node : rule + "." + node + "." + about;
    }
}
