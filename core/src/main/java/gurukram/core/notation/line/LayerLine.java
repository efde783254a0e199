package gurukram.core.notation.line;

import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.notation.words.GuardWords;
import gurukram.core.notation.words.MannerWords;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Pose;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Span;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A layer, under its step: {@code guards: what is different}. {@code beginner: 3 breaths}; {@code round 2: high lunge, out};
 * {@code last round: leave out}; {@code round 3+: then warrior 3, lead, out}; {@code advanced: first plank, in}.
 */
public final class LayerLine {
    private static final Pattern GUARDED = Pattern.compile("([^:]+):\\s*(.*)");
    private static final Pattern OMIT =
            Pattern.compile("(?i)(?:leave (?:it )?out|without(?: it)?|omit|skip(?: it)?)\\.?");
    private static final Pattern INSERT = Pattern.compile("(?i)(then|first|after it|before it)\\b[:,]?\\s+(.*)");

    private final StepLine steps;
    private final Supplier<NodeId> ids;

    public LayerLine(StepLine steps, Supplier<NodeId> ids) {
        this.steps = steps;
        this.ids = ids;
    }

    /** Empty when the text does not begin with guards. */
    public Optional<Layer> read(String text, LineContext context) {
        Matcher guarded = GUARDED.matcher(text);
        if (!guarded.matches()) return Optional.empty();
        Optional<When> when = GuardWords.read(guarded.group(1).strip());
        if (when.isEmpty()) return Optional.empty();
        NodeId id = ids.get();
        try {
            return Optional.of(new Layer(id, when.get(), edit(guarded.group(2).strip(), when.get(), context)));
        } catch (Refused e) {
            throw e.shifted(guarded.start(2)).within(new Span(guarded.start(2), text.length()));
        }
    }

    private Layer.Edit edit(String text, When when, LineContext context) {
        if (text.isEmpty())
            throw new Refused("What is different then? As in “round 2: high lunge” or “beginner: leave out”.");
        if (OMIT.matcher(text).matches()) return new Layer.Omit();
        Matcher insert = INSERT.matcher(text);
        if (insert.matches() && steps.poseNamed(text).isEmpty()) {
            boolean after = insert.group(1).matches("(?i)then|after it");
            try {
                Line.AddStep said = steps.read(insert.group(2), context);
                Step step = said.step(ids);
                return after ? new Layer.After(step) : new Layer.Before(step);
            } catch (Refused e) {
                throw e.shifted(insert.start(2));
            }
        }
        Optional<List<String>> with = MannerWords.modifiers(text);
        if (with.isPresent()) return new Layer.Become(null, null, null, with.get());
        StepLine.Said said = steps.say(text);
        if (said.openTime()) return new Layer.Become(null, null, said.dose());
        if (said.sides() == null && said.sideWords().hasTwist()) {
            throw new Refused(Problem.of("Which side is it on?", "As in “round 2: lead, twist to the other side”."));
        }
        SideRule sides = said.sides();
        if (sides == null && said.pose() != null && when.isBeside())
            sides = sidesBeside(
                    said.pose(), context.last() == null ? null : context.last().sides(), context);
        Manner manner = said.manner();
        if (!manner.equals(Manner.USUAL.with(manner.with())))
            throw new Refused(Problem.of(
                    "A way in, or what a side names, belongs to the step itself.",
                    "A step that is there only then can say it: “round 2: then …”."));
        List<String> different = manner.with().isEmpty() ? null : manner.with();
        return new Layer.Become(said.pose() == null ? null : said.pose().id(), sides, said.dose(), different);
    }

    /**
     * The sides of a pose beside another, where nothing is said: people who lie on a side lie on the left, which is never judged;
     * a pose with sides beside one without is done on both. Null keeps those of the other.
     */
    static @Nullable SideRule sidesBeside(Pose pose, @Nullable SideRule base, LineContext context) {
        if (pose.base() == Base.SIDE_LYING) return new SideRule.Only(Side.LEFT);
        boolean none = base != null && !base.isSided() && context.flow() == null;
        return none && pose.sides().hasSides() ? new SideRule.Both(Side.RIGHT) : null;
    }

    public String write(Layer layer) {
        return GuardWords.write(layer.when()) + ": " + write(layer.edit());
    }

    private String write(Layer.Edit edit) {
        if (edit instanceof Layer.Before before) return "first " + steps.write(before.step());
        if (edit instanceof Layer.After after) return "then " + steps.write(after.step());
        if (edit instanceof Layer.Become become) return steps.write(become);
        return "leave out";
    }
}
