package gurukram.core.notation.line;

import gurukram.core.plan.Flow;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.pose.Level;
import gurukram.core.pose.UsualDoses;
import gurukram.core.time.Breath;
import org.jspecify.annotations.Nullable;

/**
 * What a line leaves unsaid is filled in from where it will stand.
 *
 * @param level whose usual dose is taken
 * @param flow the flow it is added to; null outside flows
 * @param legs which leg comes forward first in a salutation
 * @param last the step before it, which people may stay in; null when there is none
 * @param part the part of the class, where doses differ there; null anywhere else
 * @param lastBreath the half-breath before it in the flow; FREE when there is none
 */
public record LineContext(
        Level level,
        @Nullable Flow flow,
        Breath lastBreath,
        LegRule legs,
        @Nullable Step last,
        UsualDoses.@Nullable Part part) {
    /** In a school where the foot that went back first comes forward first. */
    public LineContext(Level level, @Nullable Flow flow, Breath lastBreath) {
        this(level, flow, lastBreath, LegRule.RETURNING, null, null);
    }

    public static LineContext outside(Level level) {
        return new LineContext(level, null, Breath.FREE);
    }

    /** With the leg rule of a school, where it has one. */
    public LineContext in(School school) {
        return new LineContext(level, flow, lastBreath, school.legRule() == null ? legs : school.legRule(), last, part);
    }

    public LineContext after(@Nullable Step step) {
        return new LineContext(level, flow, lastBreath, legs, step, part);
    }

    public LineContext inSection(SectionRole role) {
        return new LineContext(level, flow, lastBreath, legs, last, role.part());
    }
}
