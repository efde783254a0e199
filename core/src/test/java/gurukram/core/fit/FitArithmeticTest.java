package gurukram.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.Seeds;
import gurukram.core.fit.FitRequest.Freedom;
import gurukram.core.plan.ClassPlan;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Small classes with written ranges, every combination of them written down as text and unfolded, its cost added up here by the
 * rules of the arithmetic alone (open time 1 for 15 s, a repetition 3, a breath 4, a breath of the peak 30): nothing of how the
 * fitter sees its choices is used.
 */
class FitArithmeticTest {
    private static final int CLASSES = Seeds.of(100, 300);
    private static final int FIFTHS = 5;
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());
    private static final Fit FIT = new Fit(Plans.CATALOGUE, UNFOLDER);

    /** One line of a class: how it is written around its number, and what changing that by one step costs. */
    private record Part(String before, String after, int low, int now, int high, int step, int cost) {
        String written() {
            return before + low + "-" + high + after + ", at " + now;
        }

        String at(int n) {
            return before + n + after;
        }

        long costOf(int n) {
            return (long) FIFTHS * cost * Math.abs(n - now) / step;
        }
    }

    private static Part part(Random random, int i) {
        return switch (i % 4) {
            case 0 -> new Part("easy seat, ", " s open", 30, 60 + 15 * random.nextInt(3), 120, 15, 1);
            case 1 -> new Part("chair, ", " breaths", 3, 3 + random.nextInt(4), 6 + random.nextInt(3), 1, 4);
            case 2 -> new Part("triangle, both, ", " breaths", 2, 2 + random.nextInt(3), 5, 1, 4);
            default -> new Part("bridge, ", " reps", 6, 6 + random.nextInt(4), 10, 1, 3);
        };
    }

    private static ClassPlan plan(List<String> lines) {
        return Notation.plan("class: T\n- 60 min, hatha, beginner\n- peak pose: tree\nstanding:\n"
                + String.join("\n", lines) + "\n");
    }

    @Test
    void theLeastCostAndOfThatTheNearest() {
        int fitted = 0;
        int impossible = 0;
        for (int seed = 0; seed < CLASSES; seed++) {
            Random random = new Random(seed);
            List<Part> parts = new ArrayList<>();
            for (int i = 0; i < 3; i++) parts.add(part(random, i + random.nextInt(4)));
            if (seed % 2 == 0) parts.add(new Part("tree, both, ", " breaths", 3, 4, 6, 1, 30));
            ClassPlan written = plan(parts.stream().map(Part::written).toList());
            long now = UNFOLDER.unfold(written, written.settings().level()).totalMs();
            long target = Math.max(0, now + (random.nextInt(120) - 60) * 1_000L);
            long tolerance = random.nextBoolean() ? 2_000 : 15_000;
            long[] best = tryEverything(parts, 0, new ArrayList<>(), 0, target, tolerance, null);
            FitRequest request =
                    new FitRequest(target, tolerance, written.settings().level(), Freedom.WRITTEN);
            FitAnswer answer = FIT.least(written, request);
            if (best == null) {
                assertTrue(answer instanceof FitAnswer.CannotFit, "seed " + seed + ": " + answer);
                impossible++;
                continue;
            }
            FitAnswer.Fits fits = (FitAnswer.Fits) answer;
            assertEquals(best[0], fits.cost(), "seed " + seed + ", cost");
            assertEquals(best[1], Math.abs(fits.afterMs() - target), "seed " + seed + ", distance");
            fitted++;
        }
        assertTrue(
                fitted > CLASSES / 3 && impossible > CLASSES / 30, fitted + " fitted, " + impossible + " impossible");
    }

    private static long[] tryEverything(
            List<Part> parts, int i, List<String> lines, long cost, long target, long tolerance, long[] best) {
        if (i == parts.size()) {
            if (best != null && cost > best[0]) return best;
            ClassPlan plan = plan(lines);
            long distance =
                    Math.abs(UNFOLDER.unfold(plan, plan.settings().level()).totalMs() - target);
            boolean better = best == null || cost < best[0] || distance < best[1];
            return distance <= tolerance && better ? new long[] {cost, distance} : best;
        }
        Part part = parts.get(i);
        for (int n = part.low(); n <= part.high(); n += part.step()) {
            lines.add(part.at(n));
            best = tryEverything(parts, i + 1, lines, cost + part.costOf(n), target, tolerance, best);
            lines.remove(lines.size() - 1);
        }
        return best;
    }
}
