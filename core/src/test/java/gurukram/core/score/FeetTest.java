package gurukram.core.score;

import static gurukram.core.Plans.id;
import static gurukram.core.Plans.of;
import static gurukram.core.Plans.score;
import static gurukram.core.Plans.step;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.plan.Flow;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.TypedPace;
import org.junit.jupiter.api.Test;

class FeetTest {
    /** Twelve positions led by the foot that steps back first; {@code second} is the lead rule of the second lunge. */
    private static Flow salutation(int rounds, Counting counting, String second) {
        return Flow.of(
                id(),
                FlowSettings.of(rounds).with(counting).withPace(TypedPace.position(5_000)),
                step("prayer", "none", "out"),
                step("raised-arms", "none", "in"),
                step("standing-fold", "none", "out"),
                step("low-lunge", "other", "in"),
                step("plank", "none", "out"),
                step("eight-points", "none", "out"),
                step("cobra", "none", "in"),
                step("downward-dog", "none", "out"),
                step("low-lunge", second, "in"),
                step("standing-fold", "none", "out"),
                step("raised-arms", "none", "in"),
                step("prayer", "none", "out"));
    }

    private static Feet.Tally tally(Flow flow) {
        return Feet.tally(score(of(flow)), Plans.CATALOGUE);
    }

    /** Worked example 1: eight one-sided rounds, each foot steps back eight times, four times first. */
    @Test
    void eightOneSidedRounds() {
        Feet.Tally tally = tally(salutation(8, Counting.ONE_SIDE, "lead"));
        assertThat(tally.right().backs()).isEqualTo(8);
        assertThat(tally.left().backs()).isEqualTo(8);
        assertThat(tally.right().firstBacks()).isEqualTo(4);
        assertThat(tally.left().firstBacks()).isEqualTo(4);
    }

    /** Worked example 2: seven one-sided rounds from the right, the same front leg in both lunges. */
    @Test
    void sevenRoundsWithTheSameFrontAreUnevenInFrontLunges() {
        Feet.Tally tally = tally(salutation(7, Counting.ONE_SIDE, "other"));
        assertThat(tally.right()).isEqualTo(new Feet.Leg(4, 7, 3, 7, 6));
        assertThat(tally.left()).isEqualTo(new Feet.Leg(3, 7, 4, 7, 8));
        assertThat(tally.impossible()).isEmpty();
    }

    /** Worked example 2: the foot that went back first comes forward first. */
    @Test
    void sevenRoundsReturningAreEvenInFrontLunges() {
        Feet.Tally tally = tally(salutation(7, Counting.ONE_SIDE, "lead"));
        assertThat(tally.right()).isEqualTo(new Feet.Leg(4, 7, 4, 7, 7));
        assertThat(tally.left()).isEqualTo(new Feet.Leg(3, 7, 3, 7, 7));
        // one more left-led pass mends both
        Feet.Tally eight = tally(salutation(8, Counting.ONE_SIDE, "lead"));
        assertThat(eight.right()).isEqualTo(eight.left());
    }

    @Test
    void aRightLedSalutationBeginsWithALeftLunge() {
        Score score = score(of(salutation(1, Counting.ONE_SIDE, "lead")));
        assertThat(score.moments().get(3).side()).isEqualTo(Side.LEFT);
    }

    @Test
    void fromLungeToTheOtherLungeNoStepLeads() {
        Flow flow = Flow.of(
                id(),
                FlowSettings.of(1).with(Counting.ONE_SIDE),
                step("standing-fold", "none", "out"),
                step("low-lunge", "lead", "in"),
                step("warrior-2", "lead", "out"),
                step("high-lunge", "other", "in"));
        assertThat(tally(flow).impossible()).singleElement().satisfies(wrong -> {
            assertThat(wrong.moment()).isEqualTo(3);
            assertThat(wrong.why()).contains("right leg in front", "left leg in front");
        });
        assertThat(tally(flow).right().frontLunges())
                .as("warrior 2 is the lunge it came from")
                .isEqualTo(1);
    }

    @Test
    void outsideFlowsNothingIsCounted() {
        Feet.Tally tally = Feet.tally(
                score(of(step("mountain", "none", "3 breaths"), step("warrior-2", "both", "5 breaths"))),
                Plans.CATALOGUE);
        assertThat(tally.right()).isEqualTo(new Feet.Leg(0, 0, 0, 0, 0));
        assertThat(tally.impossible()).isEmpty();
    }
}
