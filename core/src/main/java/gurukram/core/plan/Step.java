package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Required;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Timing;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * One pose with a dose and a side rule.
 *
 * @param pose id in the catalogue; null for open time without a pose
 * @param dose the base line
 * @param props what each person needs for it
 * @param layers what is different at some levels, in some rounds or passes
 * @param manner how the pose is done where that is not the usual
 */
public record Step(
        NodeId id,
        @Nullable String pose,
        SideRule sides,
        Dose dose,
        Timing timing,
        Texts texts,
        Marks marks,
        List<Prop> props,
        List<Layer> layers,
        Manner manner)
        implements Item {
    public static final int MOST_PROPS = 10;

    public Step {
        Required.of(id, "the id of a step");
        Required.of(sides, "the sides of a step");
        Required.of(dose, "the dose of a step");
        timing = timing == null ? Timing.USUAL : timing;
        texts = texts == null ? Texts.NONE : texts;
        marks = marks == null ? Marks.NONE : marks;
        props = props == null ? List.of() : List.copyOf(props);
        layers = layers == null ? List.of() : List.copyOf(layers);
        manner = manner == null ? Manner.USUAL : manner;
        if (props.size() > MOST_PROPS) throw new Refused("A step has at most " + MOST_PROPS + " kinds of props.");
        if (pose == null && !(dose.at(Dose.Reading.LOW) instanceof Dose.Open)) throw onlyOpen();
        if (pose == null) layers.forEach(Step::checkWithoutPose);
        if (pose == null && manner.needsPose()) throw onlyPose();
        if (timing.pace() != null && !moves(dose)) throw noPace(timing.pace());
    }

    /** Movements and repetitions have a pace; a hold has its breaths, and what is open its time. */
    private static boolean moves(Dose dose) {
        Dose single = dose.at(Dose.Reading.LOW);
        return single instanceof Dose.Movement || single instanceof Reps;
    }

    private static Refused noPace(TypedPace pace) {
        return new Refused("A pace is for movements, and this step is held. For its breaths: “"
                + Millis.seconds(pace.breath()) + " s a breath”.");
    }

    private static void checkWithoutPose(Layer layer) {
        if (!(layer.edit() instanceof Layer.Become become) || become.dose() == null) return;
        boolean open = become.dose().at(Dose.Reading.LOW) instanceof Dose.Open;
        if (become.pose() == null && !open) throw onlyOpen();
    }

    private static Refused onlyPose() {
        return new Refused("Stages, ways and what is different about a pose need a pose.");
    }

    private static Refused onlyOpen() {
        return new Refused("Only open time can stand without a pose.");
    }

    public static Step of(NodeId id, @Nullable String pose, SideRule sides, Dose dose) {
        return new Step(
                id, pose, sides, dose, Timing.USUAL, Texts.NONE, Marks.NONE, List.of(), List.of(), Manner.USUAL);
    }

    /** The dose at a level outside rounds: the last layer that gives one there, else the base line's. */
    public Dose doseFor(Level level) {
        Dose found = dose;
        for (Layer layer : layers) {
            boolean holds = !layer.when().needsFlow() && layer.when().holdsAt(level);
            if (holds && layer.edit() instanceof Layer.Become become && become.dose() != null) found = become.dose();
        }
        return found;
    }

    /** The pose at a level outside rounds: the last layer that gives one there, else the base line's. */
    public @Nullable String poseFor(Level level) {
        String found = pose;
        for (Layer layer : layers) {
            boolean holds = !layer.when().needsFlow() && layer.when().holdsAt(level);
            if (holds && layer.edit() instanceof Layer.Become become && become.pose() != null) found = become.pose();
        }
        return found;
    }

    /** Whether it is left out at a level in all rounds. */
    public boolean isLeftOutFor(Level level) {
        return layers.stream()
                .anyMatch(layer -> layer.edit() instanceof Layer.Omit
                        && !layer.when().needsFlow()
                        && layer.when().holdsAt(level));
    }

    /** Whether a dose is written for just this level. */
    public boolean hasDoseFor(Level level) {
        return layers.stream().anyMatch(layer -> isDoseFor(layer, level));
    }

    private static boolean isDoseFor(Layer layer, Level level) {
        return layer.when().equals(When.at(level))
                && layer.edit() instanceof Layer.Become become
                && become.dose() != null;
    }

    /** The dose at one level; null, or the base line's own dose, takes the difference away. */
    public Step withDoseFor(Level level, @Nullable Dose other) {
        List<Layer> changed = new ArrayList<>();
        Layer before = null;
        for (Layer layer : layers) {
            if (!isDoseFor(layer, level)) {
                changed.add(layer);
                continue;
            }
            before = layer;
            Layer.Become become = (Layer.Become) layer.edit();
            if (become.pose() != null || become.sides() != null || become.with() != null) {
                changed.add(new Layer(
                        layer.id(),
                        layer.when(),
                        new Layer.Become(become.pose(), become.sides(), null, become.with())));
            }
        }
        if (other != null && !other.equals(dose)) {
            NodeId name = before == null || changed.stream().anyMatch(isNamed(before.id()))
                    ? layerId(level, "dose")
                    : before.id();
            changed.add(new Layer(name, When.at(level), new Layer.Become(null, null, other)));
        }
        return withLayers(changed);
    }

    /** Another pose at one level; null, or the base line's own pose, takes the difference away. */
    public Step withPoseFor(Level level, @Nullable String other) {
        String wanted = other == null || other.equals(pose) ? null : other;
        List<Layer> changed = new ArrayList<>();
        boolean done = wanted == null;
        for (Layer layer : layers) {
            boolean mine = layer.when().equals(When.at(level)) && layer.edit() instanceof Layer.Become;
            if (!mine) {
                changed.add(layer);
                continue;
            }
            Layer.Become become = (Layer.Become) layer.edit();
            String next = done ? null : wanted;
            done = true;
            boolean changesNothing =
                    next == null && become.sides() == null && become.dose() == null && become.with() == null;
            if (changesNothing) continue;
            changed.add(new Layer(
                    layer.id(), layer.when(), new Layer.Become(next, become.sides(), become.dose(), become.with())));
        }
        if (!done) changed.add(new Layer(layerId(level, "pose"), When.at(level), new Layer.Become(wanted, null, null)));
        return withLayers(changed);
    }

    private static Predicate<Layer> isNamed(NodeId id) {
        return layer -> layer.id().equals(id);
    }

    /** A name for the layer of a level's dose or pose that is the same in every window it is made in. */
    private NodeId layerId(Level level, String what) {
        String own = id.value().length() > 32 ? id.value().substring(0, 32) : id.value();
        return new NodeId(own + "-" + what + "-" + "bia".charAt(level.ordinal()));
    }

    public Step withPose(String other) {
        return new Step(id, other, sides, dose, timing, texts, marks, props, layers, manner);
    }

    public Step withSides(SideRule other) {
        Manner kept = other.isSided() ? manner : manner.withSideNames("");
        return new Step(id, pose, other, dose, timing, texts, marks, props, layers, kept);
    }

    public Step withDose(Dose other) {
        Timing kept = moves(other) ? timing : timing.withPace(null);
        return new Step(id, pose, sides, other, kept, texts, marks, props, layers, manner);
    }

    public Step with(Timing other) {
        return new Step(id, pose, sides, dose, other, texts, marks, props, layers, manner);
    }

    public Step with(Texts other) {
        return new Step(id, pose, sides, dose, timing, other, marks, props, layers, manner);
    }

    public Step with(Marks other) {
        return new Step(id, pose, sides, dose, timing, texts, other, props, layers, manner);
    }

    public Step with(Manner other) {
        return new Step(id, pose, sides, dose, timing, texts, marks, props, layers, other);
    }

    public Step withProps(List<Prop> others) {
        return new Step(id, pose, sides, dose, timing, texts, marks, others, layers, manner);
    }

    public Step withLayers(List<Layer> others) {
        return new Step(id, pose, sides, dose, timing, texts, marks, props, others, manner);
    }

    @JsonIgnore
    public String note() {
        return texts.note();
    }

    public Step withNote(String other) {
        return with(texts.withNote(other));
    }

    /** The same step under another name. */
    @Override
    public Step named(NodeId other) {
        return new Step(other, pose, sides, dose, timing, texts, marks, props, layers, manner);
    }

    public Step withPace(@Nullable TypedPace typed) {
        return with(timing.withPace(typed));
    }

    @Override
    @JsonIgnore
    public List<Layer> children() {
        return layers;
    }

    @Override
    public Step withChildren(List<? extends Node> children) {
        return withLayers(children.stream().map(Step::layer).toList());
    }

    private static Layer layer(Node node) {
        if (node instanceof Layer layer) return layer;
        throw new IllegalArgumentException("only layers can stand in a step");
    }
}
