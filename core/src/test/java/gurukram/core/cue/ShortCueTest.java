package gurukram.core.cue;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import org.junit.jupiter.api.Test;

class ShortCueTest {
    @Test
    void theSideNamesThePartAndTheAmountTheCount() {
        ClassPlan plan = Plans.of(
                Plans.step("half-moon", "left", "4 breaths"),
                Plans.step("seated-side-bend", "right", "30 s"),
                Plans.step("bridge", "none", "10 reps x 2, rest 40 s"),
                Plans.step("cow", "none", "in"),
                Plans.step("easy-seat", "none", "2 min open"));
        assertThat(Plans.score(plan).moments())
                .map(m -> ShortCue.side(m, Plans.CATALOGUE.pose(m.pose())) + "|" + ShortCue.amount(m))
                .containsExactly(
                        "left standing leg|4 breaths",
                        "bend to the right|0:30",
                        "|10 reps",
                        "|rest 0:40",
                        "|10 reps",
                        "|inhale",
                        "|2:00 open");
    }
}
