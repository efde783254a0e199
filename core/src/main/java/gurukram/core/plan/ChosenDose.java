package gurukram.core.plan;

import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.pose.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Changing how much a step asks for on one line of the class. */
public final class ChosenDose {
    private ChosenDose() {}

    /**
     * The step with another dose where the line takes its own from: the layer of the level if it has one that gives a dose,
     * else the base line. A range keeps its ends as far as they hold the new value.
     *
     * @param level null is the base line
     */
    public static Step in(Step step, @Nullable Level level, Dose chosen) {
        Layer from = null;
        for (Layer layer : step.layers()) {
            boolean holds =
                    level != null && !layer.when().needsFlow() && layer.when().holdsAt(level);
            if (holds && layer.edit() instanceof Layer.Become become && become.dose() != null) from = layer;
        }
        if (from == null) return step.withDose(around(step.dose(), chosen));
        List<Layer> layers = new ArrayList<>();
        for (Layer layer : step.layers()) {
            if (layer != from) {
                layers.add(layer);
                continue;
            }
            Layer.Become become = (Layer.Become) layer.edit();
            Dose dose = around(Objects.requireNonNull(become.dose(), "the layer was chosen for its dose"), chosen);
            layers.add(new Layer(
                    layer.id(), layer.when(), new Layer.Become(become.pose(), become.sides(), dose, become.with())));
        }
        return step.withLayers(layers);
    }

    /** What the step asks for on the line, ranges settled. */
    public static Dose of(Step step, @Nullable Level level) {
        Dose dose = level == null ? step.dose() : step.doseFor(level);
        return dose.at(Dose.Reading.CHOSEN);
    }

    private static Dose around(Dose before, Dose chosen) {
        if (!(before instanceof Range range)) return chosen;
        Dose low = range.low().upTo(chosen) ? range.low() : chosen;
        Dose high = chosen.upTo(range.high()) ? range.high() : chosen;
        boolean spans = low.upTo(chosen) && chosen.upTo(high) && !low.equals(high);
        return spans ? new Range(low, chosen, high) : chosen;
    }
}
