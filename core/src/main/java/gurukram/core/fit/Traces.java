package gurukram.core.fit;

import gurukram.core.body.Base;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.Step;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import java.util.List;
import java.util.TreeSet;

/**
 * What a flow leaves behind that the length of later parts depends on: the poses it has met, the changes of base it has made,
 * and the pose and side it ends in.
 */
final class Traces {
    private Traces() {}

    /** A number for it: equal traces have equal numbers, different ones differ for all that is likely (64 bits). */
    static long of(Score flow, PoseCatalogue catalogue) {
        TreeSet<String> met = new TreeSet<>();
        TreeSet<String> legs = new TreeSet<>();
        Base base = null;
        String end = "";
        for (Moment moment : flow.moments()) {
            if (moment.pose() == null || moment.kind() == Moment.Kind.PAUSE) continue;
            met.add(moment.pose());
            Base now = catalogue.pose(moment.pose()).base();
            if (base != null && base != now) legs.add(base + ">" + now);
            base = now;
            end = moment.pose() + moment.side();
        }
        return hash(List.of(met, legs, end));
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
