package gurukram.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Plans;
import gurukram.core.Seeds;
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

/** Every combination of a small class, each unfolded as a whole, against the fitter. */
class FitBruteForceTest {
    private static final int PLANS = Seeds.of(700, 2_000);
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());
    private static final Fit FIT = new Fit(Plans.CATALOGUE, UNFOLDER);

    private record Best(long cost, long distance) {}

    @Test
    void theFitterFindsWhatTryingEverythingFinds() {
        assertTrue(FitPlans.known());
        int fitted = 0;
        int impossible = 0;
        for (int seed = 0; seed < PLANS; seed++) {
            Random random = new Random(seed);
            ClassPlan plan = new FitPlans(seed).small();
            Freedom freedom =
                    new Freedom(random.nextBoolean(), random.nextBoolean(), true, random.nextBoolean(), false);
            long now = UNFOLDER.unfold(plan, Level.INTERMEDIATE).totalMs();
            long target = Math.max(0, now + (random.nextInt(240) - 120) * 1_000L);
            FitRequest request = new FitRequest(target, 5_000, Level.INTERMEDIATE, freedom);
            Best best = tryEverything(plan, request);
            FitAnswer answer = FIT.fit(plan, request);
            if (best == null) {
                assertTrue(answer instanceof FitAnswer.CannotFit, "seed " + seed + ": " + answer);
                impossible++;
            } else {
                assertTrue(answer instanceof FitAnswer.Fits, "seed " + seed + ": " + best + " and not " + answer);
                FitAnswer.Fits fits = (FitAnswer.Fits) answer;
                assertEquals(best, new Best(fits.cost(), Math.abs(fits.afterMs() - target)), "seed " + seed);
                fitted++;
            }
        }
        assertTrue(fitted > PLANS / 3 && impossible > PLANS / 20, fitted + " fitted, " + impossible + " impossible");
    }

    private static Best tryEverything(ClassPlan plan, FitRequest request) {
        List<Choices.Trim> trims = new Choices(plan, request, Plans.CATALOGUE, Set.of()).trims();
        Best best = null;
        for (int mask = 0; mask < 1 << Math.min(FitSearch.MOST_TRIMS, trims.size()); mask++) {
            ClassPlan trimmed = plan;
            long cost = 0;
            for (int i = 0; i < trims.size(); i++) {
                if ((mask >> i & 1) == 0) continue;
                for (Node node : trims.get(i).nodes()) trimmed = new PlanEdit.Remove(node.id()).applyTo(trimmed);
                cost += trims.get(i).cost();
            }
            best = combinations(trimmed, cost, request, best);
        }
        return best;
    }

    private static Best combinations(ClassPlan plan, long base, FitRequest request, Best best) {
        List<Choices.Part> parts = new Choices(plan, request, Plans.CATALOGUE, Set.of()).parts();
        List<ClassPlan> plans = new ArrayList<>(List.of(plan));
        List<Long> costs = new ArrayList<>(List.of(base));
        for (Choices.Part part : parts) {
            List<ClassPlan> morePlans = new ArrayList<>();
            List<Long> moreCosts = new ArrayList<>();
            for (int p = 0; p < plans.size(); p++) {
                for (int f = 0; f < part.forms().size(); f++) {
                    ClassPlan with = plans.get(p);
                    for (Node node : part.forms().get(f))
                        with = PlanEdit.instead(with, node).applyTo(with);
                    morePlans.add(with);
                    moreCosts.add(costs.get(p) + part.costs().get(f));
                }
            }
            plans = morePlans;
            costs = moreCosts;
        }
        Best found = best;
        for (int p = 0; p < plans.size(); p++) {
            if (found != null && costs.get(p) > found.cost()) continue;
            long total = UNFOLDER.unfold(plans.get(p), request.level()).totalMs();
            long distance = Math.abs(total - request.targetMs());
            if (distance > request.toleranceMs()) continue;
            boolean better = found == null || costs.get(p) < found.cost() || distance < found.distance();
            if (better) found = new Best(costs.get(p), distance);
        }
        return found;
    }
}
