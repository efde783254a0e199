package gurukram.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Plans;
import gurukram.core.fit.FitRequest.Freedom;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Node;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.Level;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/** Large classes against a general solver: the programme of arithmetic.md, section 8, written down for it as it stands there. */
class FitSolverTest {
    private static final boolean FULL = "yes".equals(System.getenv("GURUKRAM_FULL"));
    private static final int PLANS = FULL ? 200 : 20;
    /** The solver's own patience; what it has not proved by then is no oracle, and another class takes its place. */
    private static final int PATIENCE_MS = 10_000;

    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());
    private static final Freedom FREEDOM = new Freedom(true, true, true, false, false);

    @Test
    void theFitterCostsWhatAGeneralSolverSays() {
        Fit fit = new Fit(Plans.CATALOGUE, UNFOLDER);
        int fitted = 0;
        int proved = 0;
        for (int seed = 0; proved < PLANS; seed++) {
            assertTrue(seed < 4 * PLANS, "the solver proved only " + proved + " of " + seed);
            Random random = new Random(seed);
            ClassPlan plan = new FitPlans(seed).large(25 + random.nextInt(31));
            long now = UNFOLDER.unfold(plan, Level.INTERMEDIATE).totalMs();
            long target = now + (random.nextInt(1_200) - 600) * 1_000L;
            FitRequest request = new FitRequest(target, 3_000, Level.INTERMEDIATE, FREEDOM);
            FitAnswer answer = fit.fit(plan, request);
            Optimisation.Result solved = solve(plan, request, now);
            boolean impossible = solved.getState() == Optimisation.State.INFEASIBLE;
            if (!impossible && !solved.getState().isOptimal()) continue;
            proved++;
            assertEquals(impossible, answer instanceof FitAnswer.CannotFit, "seed " + seed + ": " + solved.getState());
            if (!(answer instanceof FitAnswer.Fits fits)) continue;
            assertEquals(Math.round(solved.getValue()), fits.cost(), "seed " + seed);
            fitted++;
        }
        assertTrue(fitted > PLANS / 2, fitted + " fitted");
    }

    private static Optimisation.Result solve(ClassPlan plan, FitRequest request, long now) {
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        Expression length = model.newExpression("length")
                .lower((request.targetMs() - request.toleranceMs() - now) / 1000.0)
                .upper((request.targetMs() + request.toleranceMs() - now) / 1000.0);
        for (Choices.Part part : new Choices(plan, request, Plans.CATALOGUE, Set.of()).parts()) {
            Expression one = model.newExpression("one of " + part.node()).level(1);
            List<Variable> options = new ArrayList<>();
            for (int f = 0; f < part.forms().size(); f++) {
                Variable x = model.newVariable(part.node() + "-" + f)
                        .binary()
                        .weight(part.costs().get(f));
                options.add(x);
                one.set(x, 1);
                length.set(x, (lengthWith(plan, part.forms().get(f)) - now) / 1000.0);
            }
        }
        model.options.time_abort = PATIENCE_MS;
        model.options.time_suffice = PATIENCE_MS;
        return model.minimise();
    }

    private static long lengthWith(ClassPlan plan, List<Node> form) {
        ClassPlan with = plan;
        for (Node node : form) with = PlanEdit.instead(with, node).applyTo(with);
        return UNFOLDER.unfold(with, Level.INTERMEDIATE).totalMs();
    }
}
