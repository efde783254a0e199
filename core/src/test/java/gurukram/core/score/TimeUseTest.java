package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.AnyPlan;
import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.score.TimeUse.Part;
import org.junit.jupiter.api.Test;

class TimeUseTest {
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());

    @Test
    void thePartsAddUpToTheWholeOfAnyClass() {
        for (int seed = 0; seed < 60; seed++) {
            ClassPlan plan = AnyPlan.of(seed);
            Score score = UNFOLDER.unfold(plan, null);
            assertThat(TimeUse.of(plan, score).totalMs()).isEqualTo(score.totalMs());
        }
    }

    @Test
    void workTalkAndRestAreToldApart() {
        ClassPlan plan = Notation.plan(
                "class: T\n- 60 min, vinyasa, beginner\n\ntalk:\neasy seat, 120 s open\n\nstanding:\ntree, both, 30 s\n"
                        + "bird dog, both, 5 reps x 2, rest 20 s, 4 s each\nflow, 1 round, no sides, 5 s a position\n  chair, in\n"
                        + "\nrest:\nfinal rest, 300 s\n");
        TimeUse use = TimeUse.of(plan, UNFOLDER.unfold(plan, null));

        assertThat(use.of(Part.TALK)).isEqualTo(120_000);
        assertThat(use.of(Part.HOLDS)).isEqualTo(60_000);
        assertThat(use.of(Part.REPETITIONS)).isEqualTo(80_000);
        assertThat(use.of(Part.PAUSES)).isEqualTo(40_000);
        assertThat(use.of(Part.FLOWS)).isEqualTo(5_000);
        assertThat(use.of(Part.REST)).isEqualTo(300_000);
        assertThat(use.parts())
                .containsExactly(
                        Part.FLOWS,
                        Part.HOLDS,
                        Part.REPETITIONS,
                        Part.TALK,
                        Part.REST,
                        Part.PAUSES,
                        Part.SETTING_UP,
                        Part.CHANGING_BASE);
        assertThat(Part.TALK.words()).isEqualTo("in talk and showing");
    }
}
