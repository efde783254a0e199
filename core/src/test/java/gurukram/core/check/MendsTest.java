package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.edit.PlanRules;
import java.io.IOException;
import java.nio.file.Files;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** Every mend that is offered for the example of a rule does what it says, leads to a class that can be, and can be taken back. */
class MendsTest {
    private static final List<String> WITH_MENDS = List.of(
            "sides-uneven",
            "second-side",
            "odd-sides",
            "breath-clash",
            "against-breath",
            "step-between",
            "preparation",
            "counterpose",
            "opposites",
            "rest",
            "closing",
            "slot-length",
            "cautions",
            "above-level",
            "high-risk",
            "prop-fetch",
            "retention",
            "accidental-hold",
            "dose-range",
            "empty-layer",
            "milestones",
            "typed-cue",
            "manner",
            "late-side",
            "pasted-twice",
            "learn-order");

    @TestFactory
    Stream<DynamicTest> theExampleOfTheRuleCanBeMended() {
        return WITH_MENDS.stream()
                .map(rule -> DynamicTest.dynamicTest(rule, () -> {
                    Checked example = example(Checks.card(rule));
                    for (Finding finding : example.report().findings()) {
                        if (!finding.rule().equals(rule)) continue;
                        List<Mend> mends = example.mends(finding);
                        assertTrue(!mends.isEmpty(), "nothing is offered for: " + finding.what());
                        mends.forEach(mend -> holds(example, finding, mend));
                    }
                }));
    }

    private static Checked example(Card card) throws IOException {
        String text = Files.readString(MarkedExampleTest.fileOf(card)).split("(?m)^----+$")[0];
        return Checked.of(text.replaceAll("(?m)^#.*$", "").replaceAll("(?m) *<<$", ""), MarkedExampleTest.group(text));
    }

    /** What is typed anywhere in a class. */
    private static Set<String> typed(ClassPlan plan) {
        Set<String> typed = new HashSet<>();
        plan.walk(node -> {
            if (!(node instanceof Step step)) return;
            typed.add(step.texts().say());
            typed.addAll(List.of(step.texts().note().split("\n")));
        });
        typed.remove("");
        return typed;
    }

    /** At the same place, or about the same need or prop, wherever that is met first now. */
    private static boolean sameMatter(Finding old, Finding now) {
        return old.isSameAs(now) || (!now.about().isEmpty() && now.about().equals(old.about()));
    }

    static void holds(Checked before, Finding finding, Mend mend) {
        String what = finding.key() + ": " + mend.label();
        ClassPlan mended = PlanRules.check(mend.edit().applyTo(before.plan()), Plans.CATALOGUE);
        assertEquals(before.plan(), mend.edit().inverse(before.plan()).applyTo(mended), what);
        Report after = before.mended(mend).report();
        assertTrue(!after.has(finding), what + " leaves it");
        Set<String> lost = typed(before.plan());
        lost.removeAll(typed(mended));
        boolean aboutWords =
                finding.rule().equals("typed-cue") || finding.rule().equals("manner");
        boolean removed = mend.edit() instanceof PlanEdit.Remove;
        assertTrue(aboutWords || removed || lost.isEmpty(), what + " loses " + lost);
        for (Finding other : after.findings()) {
            assertTrue(other.severity() != Severity.MUST || before.report().has(other), what + " brings " + other);
            boolean moved = other.rule().equals(finding.rule())
                    && other.severity() != Severity.INFO
                    && before.report().findings().stream()
                            .filter(old -> old.rule().equals(other.rule()))
                            .noneMatch(old -> sameMatter(old, other));
            assertTrue(!moved, what + " only moves it to " + other);
        }
    }
}
