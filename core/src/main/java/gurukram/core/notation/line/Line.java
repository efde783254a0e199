package gurukram.core.notation.line;

import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.SideRule;
import org.jspecify.annotations.Nullable;

/** What one typed line asks for. */
public sealed interface Line {
    /** A pose with its dose and sides; {@code pose} is null for open time. */
    record AddStep(@Nullable String pose, SideRule sides, Dose dose) implements Line {}

    record AddFlow(FlowSettings settings) implements Line {}

    /** A flow with all its steps, from a list of a school. */
    record AddList(Flow flow) implements Line {}

    /** A section; the name may be empty. */
    record AddSection(SectionRole role, String name) implements Line {}

    /** What comes next stands outside the flow. */
    record EndFlow() implements Line {}
}
