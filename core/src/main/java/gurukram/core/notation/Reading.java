package gurukram.core.notation;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What was made of a text.
 *
 * @param plan all that was understood
 * @param lines every line that is not empty, with what became of it
 */
public record Reading(ClassPlan plan, List<ReadLine> lines) {

    /**
     * One line.
     *
     * @param number from 1
     * @param node the part of the plan it made or belongs to; null when it was not understood
     * @param problem what is wrong with it; null when nothing
     * @param remark what was taken where something else might have been meant; null where it is clear
     */
    public record ReadLine(
            int number,
            @Nullable NodeId node,
            @Nullable Located problem,
            @Nullable Problem remark) {
        ReadLine(int number, @Nullable NodeId node, @Nullable Located problem) {
            this(number, node, problem, null);
        }
    }

    public Reading {
        lines = List.copyOf(lines);
    }

    public List<Located> problems() {
        return lines.stream().map(ReadLine::problem).filter(Objects::nonNull).toList();
    }

    /** The plan when everything was understood; {@link Refused} with the first problem otherwise. */
    public ClassPlan planOrRefused() {
        List<Located> problems = problems();
        if (problems.isEmpty()) return plan;
        Located first = problems.get(0);
        throw new Refused(new Problem(
                "Line " + first.line() + ": " + first.problem().what(),
                first.problem().advice(),
                first.problem().offers()));
    }
}
