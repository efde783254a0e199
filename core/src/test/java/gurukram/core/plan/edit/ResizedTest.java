package gurukram.core.plan.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.AnyPlan;
import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ResizedTest {
    private static List<String> doses(ClassPlan plan) {
        List<String> doses = new ArrayList<>();
        plan.walk(node -> {
            if (node instanceof Step step) doses.add(step.dose().toString());
            if (node instanceof Flow flow) doses.add(flow.settings().rounds() + " rounds");
        });
        return doses;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "tree, both, 5 breaths | 30 | 3 breaths",
                "tree, both, 5 breaths | 90 | 8 breaths",
                "tree, both, 1 breath | 30 | 1 breath",
                "tree, 60 s | 45 | 45 s",
                "bridge, 10 reps x 2, rest 40 s | 30 | 5 reps x 2, rest 40 s",
                "4 min open | 90 | 6 min open",
                "tree, 4-8 breaths, at 6 | 90 | 4-8 breaths, at 8",
                "tree, 4-8 breaths, at 6 | 30 | 4-8 breaths",
                "cow, in | 90 | in"
            })
    void aDoseGrowsAndShrinksWithTheSlot(String line, int slot, String dose) {
        ClassPlan plan = Notation.plan(String.join("\n", "class: T", "- 60 min", "standing:", line));
        assertThat(doses(Resized.of(plan, slot))).containsExactly(dose);
    }

    @Test
    void aFlowHasMoreRoundsAndKeepsItsBreath() {
        ClassPlan plan = Notation.plan(String.join(
                "\n",
                "class: T",
                "- 60 min",
                "standing:",
                "flow, 4 rounds, one side",
                "  high lunge, in",
                "  warrior 2, 2 breaths"));
        assertThat(doses(Resized.of(plan, 75))).containsExactly("6 rounds", "in", "2 breaths");
        assertThat(doses(Resized.of(plan, 90))).containsExactly("6 rounds", "in", "2 breaths");
        assertThat(doses(Resized.of(plan, 30))).containsExactly("2 rounds", "in", "2 breaths");
    }

    @Test
    void whatIsLockedStaysAndASlotHasToBeOne() {
        ClassPlan plan = Notation.plan(
                String.join("\n", "class: T", "- 60 min", "standing:", "tree, both, 5 breaths", "- locked"));
        assertThat(doses(Resized.of(plan, 120))).containsExactly("5 breaths");
        assertThatThrownBy(() -> Resized.of(plan, 4)).isInstanceOf(Refused.class);
    }

    @Property(tries = 60)
    void theSameSlotChangesNothingAndSidesStayEven(@ForAll long seed, @ForAll @IntRange(min = 5, max = 240) int slot) {
        ClassPlan plan = AnyPlan.of(seed);
        assertThat(Resized.of(plan, plan.settings().slotMinutes())).isEqualTo(plan);
        ClassPlan other = Resized.of(plan, slot);
        assertThat(other.settings().slotMinutes()).isEqualTo(slot);
        assertThat(PlanRules.brokenIn(other, Plans.CATALOGUE)).isEmpty();
    }
}
