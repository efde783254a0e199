package gurukram.core.fit;

import gurukram.core.plan.Node;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;

/**
 * One thing that can be chosen: a step's dose (of both sides), a flow's rounds and inner doses.
 *
 * @param options what there is to choose from, the cheapest first, of equal cost the shortest; never empty
 */
record Choice(List<Option> options) {
    /**
     * @param parts the changed nodes; empty for the plan as it is written
     * @param lengthMs how long the whole choice is then
     * @param cost what it costs, in fifths
     */
    record Option(List<Node> parts, long lengthMs, long cost) {}

    Choice {
        options = List.copyOf(options);
    }

    /** Of options that are equally long only the cheapest is kept, of those the first. */
    static Choice of(List<Option> options) {
        var byLength = new TreeMap<Long, Option>();
        for (Option option : options) {
            byLength.merge(option.lengthMs(), option, (a, b) -> b.cost() < a.cost() ? b : a);
        }
        List<Option> kept = new ArrayList<>(byLength.values());
        kept.sort(Comparator.comparing(Option::cost).thenComparing(Option::lengthMs));
        return new Choice(kept);
    }
}
