package gurukram.core.notation.line;

import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.text.Problem;
import org.jspecify.annotations.Nullable;

/** What one typed line asks for. */
public sealed interface Line {
    /**
     * A pose with its dose and sides.
     *
     * @param pose null for open time
     * @param remark where the name might have meant another pose; null where it is clear
     */
    record AddStep(
            @Nullable String pose,
            SideRule sides,
            Dose dose,
            @Nullable Problem remark) implements Line {}

    record AddFlow(FlowSettings settings) implements Line {}

    /** A flow with all its steps; a {@code bare} one, called by its name alone, may stand in another flow as steps. */
    record AddList(Flow flow, boolean bare) implements Line {}

    /** A section; the name may be empty. */
    record AddSection(SectionRole role, String name) implements Line {}

    /** What comes next stands outside the flow. */
    record EndFlow() implements Line {}

    /** What comes next stands in the flow again, not in its link. */
    record EndLink() implements Line {}
}
