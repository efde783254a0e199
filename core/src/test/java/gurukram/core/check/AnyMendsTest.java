package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.AnyPlan;
import gurukram.core.Plans;
import gurukram.core.group.People;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.edit.PlanRules;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Every mend that is offered for any class at all holds as those of the examples do. */
class AnyMendsTest {
    private static final boolean FULL = "yes".equals(System.getenv("GURUKRAM_FULL"));
    private static final int PLANS = FULL ? 1_000 : 36;
    private static final int FINDINGS_EACH = 12;

    @Test
    void whateverTheClassEveryOfferHolds() throws IOException {
        People group = Checked.group("14 mats, 2 wrist, 1 knee, 1 pregnancy later, 1 asthma");
        Map<String, Integer> offered = new TreeMap<>();
        for (int seed = 0; seed < PLANS; seed++) {
            ClassPlan plan = PlanRules.check(spoken(AnyPlan.of(seed), new Random(seed)), Plans.CATALOGUE);
            Checked checked = Checked.of(plan, group);
            List<Finding> findings = checked.report().findings();
            for (Finding finding : findings.subList(0, Math.min(FINDINGS_EACH, findings.size()))) {
                for (Mend mend : checked.mends(finding)) {
                    MendsTest.holds(checked, finding, mend);
                    offered.merge(finding.rule(), 1, Integer::sum);
                }
            }
        }
        assertTrue(offered.size() >= 8, "only these were offered anything: " + offered);
        assertTrue(offered.getOrDefault("typed-cue", 0) > PLANS / 4, "typed words are mended too: " + offered);
    }

    /** The class with something said at every third step: right, wrong, or about something else. */
    private static ClassPlan spoken(ClassPlan plan, Random random) throws IOException {
        List<String> words = new ArrayList<>(SaidRightTest.sentences().stream()
                .map(line -> line.split(" \\| ", 2)[1])
                .toList());
        for (OwnSlipsTest.Slip slip : OwnSlipsTest.slips("own-slips-2.txt")) {
            slip.lines().stream()
                    .filter(line -> line.matches("\\+ +- say: .*"))
                    .map(line -> line.replaceFirst("\\+ +- say: ", ""))
                    .forEach(words::add);
        }
        ClassPlan now = plan;
        List<Step> steps = new ArrayList<>();
        plan.walk(node -> {
            if (node instanceof Step step && step.pose() != null) steps.add(step);
        });
        for (Step step : steps) {
            if (random.nextInt(3) > 0) continue;
            String say = words.get(random.nextInt(words.size()));
            now = new PlanEdit.Change(step.with(step.texts().withSay(say))).applyTo(now);
        }
        return now;
    }
}
