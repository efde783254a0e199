package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gurukram.core.dose.Dose;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.settings.Required;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.text.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A guarded edit of the step it stands under: for some levels, rounds or passes the step becomes another, is left out, or
 * has a step put before or behind it.
 *
 * <p>Level edits come first, then round edits, each as written; the last wins per attribute. A layer guarded by both counts
 * among the round edits (ours).
 */
public record Layer(NodeId id, When when, Edit edit) implements Node {

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "do")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Become.class, name = "become"),
        @JsonSubTypes.Type(value = Omit.class, name = "omit"),
        @JsonSubTypes.Type(value = Before.class, name = "before"),
        @JsonSubTypes.Type(value = After.class, name = "after")
    })
    public sealed interface Edit {}

    /**
     * Replaces or re-doses: what is null stays as it is.
     *
     * @param with what is different about the pose then; null leaves that as it is
     */
    public record Become(
            @Nullable String pose,
            @Nullable SideRule sides,
            @Nullable Dose dose,
            @Nullable List<String> with) implements Edit {
        public Become {
            if (with != null)
                with = with.isEmpty() ? null : Manner.USUAL.with(with).with();
            if (pose == null && sides == null && dose == null && with == null)
                throw new Refused("This layer changes nothing.");
        }

        public Become(@Nullable String pose, @Nullable SideRule sides, @Nullable Dose dose) {
            this(pose, sides, dose, null);
        }
    }

    public record Omit() implements Edit {}

    /** The layers of the inserted step change it or leave it out; they put nothing in. */
    public record Before(Step step) implements Edit {
        public Before {
            bare(step);
        }
    }

    public record After(Step step) implements Edit {
        public After {
            bare(step);
        }
    }

    public Layer {
        Required.of(id, "the id of a layer");
        Required.of(edit, "what a layer does");
        when = when == null ? When.ALWAYS : when;
        if (when.equals(When.ALWAYS)) {
            throw new Refused("A layer says for which level, round or pass it holds.");
        }
    }

    private static void bare(Step step) {
        Required.of(step, "the step a layer puts in");
        if (step.layers().stream().anyMatch(layer -> layer.inserted() != null))
            throw new Refused(
                    "A step that a layer puts in can be another or left out at times; it puts no step in itself.");
    }

    /** The step it puts in; null when it puts in none. */
    public @Nullable Step inserted() {
        if (edit instanceof Before before) return before.step();
        return edit instanceof After after ? after.step() : null;
    }

    @Override
    public Layer named(NodeId other) {
        return new Layer(other, when, edit);
    }

    @Override
    @JsonIgnore
    public List<Step> children() {
        Step step = inserted();
        return step == null ? List.of() : List.of(step);
    }

    /** An insert keeps exactly one step; without one it stays as it is, so that it can be changed apart from its step. */
    @Override
    public Layer withChildren(List<? extends Node> children) {
        if (children.isEmpty() || inserted() == null) return this;
        if (children.size() != 1 || !(children.get(0) instanceof Step step)) {
            throw new Refused("A layer puts in one step; for another write another layer.");
        }
        return new Layer(id, when, edit instanceof Before ? new Before(step) : new After(step));
    }
}
