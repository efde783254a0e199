package gurukram.core.fit;

import gurukram.core.body.Base;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Prop;
import gurukram.core.plan.Step;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What a flow leaves behind that the length of later parts depends on: the poses it has met, the changes of base it has made,
 * the props that were fetched, and the pose and side it ends in.
 */
final class Traces {
    private Traces() {}

    /** A number for it: equal traces have equal numbers, different ones differ for all that is likely (64 bits). */
    static long of(Flow flow, Score score, PoseCatalogue catalogue) {
        Map<NodeId, Set<String>> propsOf = new HashMap<>();
        props(flow, propsOf);
        TreeSet<String> props = new TreeSet<>();
        TreeSet<String> met = new TreeSet<>();
        TreeSet<String> legs = new TreeSet<>();
        Base base = null;
        String end = "";
        for (Moment moment : score.moments()) {
            props.addAll(propsOf.getOrDefault(moment.node(), Set.of()));
            if (moment.pose() == null || moment.kind() == Moment.Kind.PAUSE) continue;
            met.add(moment.pose());
            Base now = catalogue.pose(moment.pose()).base();
            if (base != null && base != now) legs.add(base + ">" + now);
            base = now;
            end = moment.pose() + moment.side();
        }
        return hash(List.of(met, legs, props, end));
    }

    private static void props(Node node, Map<NodeId, Set<String>> propsOf) {
        if (node instanceof Step step)
            propsOf.put(step.id(), step.props().stream().map(Prop::name).collect(Collectors.toSet()));
        node.children().forEach(child -> props(child, propsOf));
    }

    private static long hash(Object of) {
        long hash = 1_125_899_906_842_597L;
        String text = of.toString();
        for (int i = 0; i < text.length(); i++) hash = 31 * hash + text.charAt(i);
        return hash == 0 ? 1 : hash;
    }

    /** Whether people are set up for anything in the flow, so that its overhead depends on its rounds. */
    static boolean hasHolds(Flow flow) {
        for (Node child : flow.children()) {
            List<Step> steps = child instanceof Link link ? link.steps() : List.of((Step) child);
            for (Step step : steps) {
                if (!moves(step.dose()) || step.layers().stream().anyMatch(layer -> !moves(layer))) return true;
            }
        }
        return false;
    }

    private static boolean moves(Dose dose) {
        return dose instanceof Dose.Movement;
    }

    private static boolean moves(Layer layer) {
        if (layer.inserted() != null) return moves(layer.inserted().dose());
        return !(layer.edit() instanceof Layer.Become become) || become.dose() == null || moves(become.dose());
    }
}
