package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** An engine that knows what it has just unfolded, and one that lets others go first. */
class UnfolderKeepsTest {
    private static final Pace PACE = Pace.defaults();
    private static final Unfolder USUAL = new Unfolder(Plans.CATALOGUE, PACE);

    private static ClassPlan plan() {
        return Notation.plan("standing:\ntree, both, 5-8 breaths, at 6\nchair, 3 breaths\n");
    }

    @Test
    void theVerySamePlanIsUnfoldedOnce() {
        ClassPlan plan = plan();
        Unfolder remembering = USUAL.remembering();
        Score first = remembering.unfold(plan, null);
        assertThat(first).isEqualTo(USUAL.unfold(plan, null));
        assertThat(remembering.unfold(plan, null)).isSameAs(first);
        assertThat(USUAL.unfold(plan, null)).isNotSameAs(first);
        assertThat(remembering.unfold(plan(), null))
                .as("another plan that says the same")
                .isNotSameAs(first);
        assertThat(remembering.unfold(plan, Level.BEGINNER)).as("another level").isNotSameAs(first);
        Score longest = remembering.unfold(plan, null, Dose.Reading.HIGH);
        assertThat(longest.totalMs()).isGreaterThan(first.totalMs());
        assertThat(remembering.unfold(plan, null)).isSameAs(first);
        assertThat(remembering.unfold(plan, null, Dose.Reading.HIGH)).isSameAs(longest);
    }

    @Test
    void ofManyTheLastAreKept() {
        Unfolder remembering = USUAL.remembering();
        List<ClassPlan> plans = new ArrayList<>();
        List<Score> scores = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            plans.add(plan());
            scores.add(remembering.unfold(plans.get(i), null));
        }
        assertThat(remembering.unfold(plans.get(1), null)).isSameAs(scores.get(1));
        assertThat(remembering.unfold(plans.get(8), null)).isSameAs(scores.get(8));
        assertThat(remembering.unfold(plans.get(0), null)).isNotSameAs(scores.get(0));
    }

    @Test
    void whatComesFirstComesFirstEveryTime() {
        AtomicInteger times = new AtomicInteger();
        Unfolder pausing = USUAL.pausing(times::incrementAndGet);
        ClassPlan plan = plan();
        assertThat(pausing.unfold(plan, null)).isEqualTo(USUAL.unfold(plan, null));
        pausing.unfold(plan, null);
        assertThat(times).hasValue(2);
        Unfolder both = pausing.remembering();
        both.unfold(plan, null);
        both.unfold(plan, null);
        assertThat(times).as("what is known is not unfolded").hasValue(3);
        assertThat(pausing.pace()).isSameAs(PACE);
    }
}
