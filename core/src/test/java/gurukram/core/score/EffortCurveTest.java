package gurukram.core.score;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gurukram.core.AnyPlan;
import gurukram.core.Plans;
import gurukram.core.plan.Flow;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.TypedPace;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class EffortCurveTest {
    @Test
    void openTimeAndAPoseShareAMinuteByTime() {
        var plan = Plans.of(Plans.step("chair", "none", "90 s"));
        Score score = Plans.scoreWithoutCueing(plan);
        List<Double> curve = EffortCurve.of(score, CATALOGUE);
        int effort = CATALOGUE.pose("chair").effort();
        assertThat(curve).hasSize((int) ((score.totalMs() + 59_999) / 60_000));
        assertThat(curve).allSatisfy(minute -> assertThat(minute).isEqualTo(effort));
    }

    @Test
    void aQuickRoundIsHalfAPointHarderAndNothingIsHarderThanFive() {
        FlowSettings settings = FlowSettings.of(8).with(Counting.NO_SIDES);
        int effort = CATALOGUE.pose("warrior-2").effort();
        assertThat(mean(settings.withPace(TypedPace.position(3_500)))).isCloseTo(effort, within(0.001));
        assertThat(mean(settings.withPace(TypedPace.position(3_400)))).isCloseTo(effort + 0.5, within(0.001));
    }

    private static double mean(FlowSettings settings) {
        var flow = new Flow(
                Plans.id(),
                settings,
                List.of(Plans.step("warrior-2", "right", "in"), Plans.step("warrior-2", "right", "out")));
        // its own first transition is worked out as the pose, too
        return EffortCurve.of(Plans.scoreWithoutCueing(Plans.of(flow)), CATALOGUE)
                .get(0);
    }

    @Test
    void anEmptyClassHasNoCurve() {
        assertThat(EffortCurve.of(Plans.score(Plans.of()), CATALOGUE)).isEmpty();
    }

    @Property(tries = 60)
    void everyMinuteIsBetweenOneAndFive(@ForAll long seed) {
        Score score = Plans.score(AnyPlan.of(seed));
        List<Double> curve = EffortCurve.of(score, CATALOGUE);
        assertThat(curve).hasSize((int) ((score.totalMs() + 59_999) / 60_000));
        assertThat(curve).allSatisfy(minute -> assertThat(minute).isBetween(0.999, 5.001));
    }
}
