package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.settings.School;
import org.junit.jupiter.api.Test;

class FootStepTest {
    private static final String FLOW =
            "standing:\n%sflow, 2 rounds, both sides\n  raised arms, in\n  standing fold, out\n  low lunge, %s, in\n%s  low lunge, %s, in\n  standing fold, out\nend flow\n";

    @Test
    void fromLungeToLungeOnTheOtherSideNoStepLeads() {
        Checked impossible = Checked.of(FLOW.formatted("", "other", "  - note: back\n", "lead"));
        assertTrue(impossible.says(FootStep.class).contains("no step leads"), impossible.says(FootStep.class));
        assertEquals(Severity.MUST, impossible.of(FootStep.class).get(0).severity());
        assertEquals(
                "",
                Checked.of(FLOW.formatted("", "other", "  downward dog, out\n", "lead"))
                        .says(FootStep.class));
    }

    @Test
    void theLegRuleIsJudgedOnlyWhereItIsSaid() {
        String returning = FLOW.formatted("", "other", "  downward dog, out\n", "lead");
        String same = FLOW.formatted("", "other", "  downward dog, out\n", "other");
        School rule = SchoolWords.read("returning leg");
        assertEquals("", Checked.of(same).says(FootStep.class));
        assertEquals("", Checked.of(returning, rule).says(FootStep.class));
        assertTrue(Checked.of(same, rule)
                .says(FootStep.class)
                .contains("the foot that went back first comes forward first"));
        assertTrue(Checked.of(returning, SchoolWords.read("same front leg"))
                .says(FootStep.class)
                .contains("the same leg comes forward again"));
    }
}
