package gurukram.core.notation.line;

import gurukram.core.dose.Dose;
import gurukram.core.notation.words.SectionWords;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.manner.Manner;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.text.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What one typed line asks for. */
public sealed interface Line {
    Pattern END_LINK = Pattern.compile("(?i)end(?: of)?(?: the)? link|/link");
    /** “close” alone is a section. */
    Pattern END_FLOW = Pattern.compile("(?i)end(?: of)?(?: the)?(?: flow)?|(?:close|out of)(?: the)? flow|/flow");

    static boolean endsLink(String line) {
        return END_LINK.matcher(line).matches();
    }

    static boolean endsFlow(String line) {
        return END_FLOW.matcher(line).matches();
    }

    /**
     * A pose with its dose and sides.
     *
     * @param pose null for open time
     * @param or the other of two equal choices; null when there is none
     * @param fromRound the first round of its flow it is done in; 1 for all
     * @param say what is said there; empty for the usual
     * @param manner how the pose is done where that is not the usual
     * @param remark what was made of it where something else might have been meant; null where it is clear
     */
    record AddStep(
            @Nullable String pose,
            SideRule sides,
            Dose dose,
            Layer.@Nullable Become or,
            int fromRound,
            String say,
            @Nullable Problem remark,
            Manner manner)
            implements Line {
        AddStep(@Nullable String pose, SideRule sides, Dose dose) {
            this(pose, sides, dose, null, 1, "", null, Manner.USUAL);
        }

        AddStep or(Layer.@Nullable Become other) {
            return new AddStep(pose, sides, dose, other, fromRound, say, remark, manner);
        }

        AddStep from(int round) {
            return new AddStep(pose, sides, dose, or, round, say, remark, manner);
        }

        AddStep saying(String words) {
            return new AddStep(pose, sides, dose, or, fromRound, words, remark, manner);
        }

        AddStep remarking(@Nullable Problem what) {
            return new AddStep(pose, sides, dose, or, fromRound, say, what, manner);
        }

        AddStep with(Manner how) {
            return new AddStep(pose, sides, dose, or, fromRound, say, remark, how);
        }

        /** @param ids names for the step and its layers */
        public Step step(Supplier<NodeId> ids) {
            Step step = Step.of(ids.get(), pose, sides, dose).with(manner);
            List<Layer> layers = new ArrayList<>();
            if (or != null) layers.add(new Layer(ids.get(), When.otherChoice(), or));
            if (fromRound > 1) layers.add(new Layer(ids.get(), When.in(Rounds.of(1, fromRound - 1)), new Layer.Omit()));
            Step said = say.isEmpty() ? step : step.with(step.texts().withSay(say));
            return layers.isEmpty() ? said : said.withLayers(layers);
        }
    }

    record AddFlow(FlowSettings settings) implements Line {}

    /** A flow with all its steps; a {@code bare} one, called by its name alone, may stand in another flow as steps. */
    record AddList(Flow flow, boolean bare) implements Line {}

    /**
     * A section.
     *
     * @param name may be empty
     * @param told what is said of its own time, as {@link SectionWords} reads it; empty for nothing
     */
    record AddSection(SectionRole role, String name, String told) implements Line {
        public AddSection(SectionRole role, String name) {
            this(role, name, "");
        }

        /** A section with what is said here. */
        public Section on(Section section) {
            Section named = name.isEmpty() ? section : section.withName(name);
            return SectionWords.read(told, named).orElse(named);
        }
    }

    /** A step of a link of its own. */
    record AddBetween(When when, AddStep step) implements Line {}

    /** What comes next stands outside the flow. */
    record EndFlow() implements Line {}

    /** What comes next stands in the flow again, not in its link. */
    record EndLink() implements Line {}
}
