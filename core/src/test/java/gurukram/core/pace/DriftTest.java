package gurukram.core.pace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Where plan and class differ. */
class DriftTest {
    private static Drift.Moment moment(
            String lesson, String section, String flow, String pose, String side, int planned, int real) {
        return new Drift.Moment(lesson, section, flow, pose, side, planned * 1_000L, real * 1_000L);
    }

    @Test
    void whatMakesTheDifferenceIsNamed() {
        Drift drift = Drift.of(List.of(
                moment("a", "Warm-up", "", "Cat", "", 60, 90),
                moment("a", "Standing", "tide", "High lunge", "right", 100, 101),
                moment("a", "Standing", "", "Tree", "right", 40, 40),
                moment("a", "Standing", "", "Tree", "left", 40, 30),
                moment("b", "Warm-up", "", "Cat", "", 60, 80),
                moment("b", "Standing", "tide", "High lunge", "right", 100, 99)));
        assertThat(drift.lessons()).isEqualTo(2);
        assertThat(drift.percent()).isEqualTo(10);
        assertThat(drift.mostIn()).isEqualTo("Warm-up");
        assertThat(drift.sections()).extracting(Drift.Part::name).containsExactly("Warm-up", "Standing");
        assertThat(drift.flows()).as("a tide on its plan").isEmpty();
        assertThat(drift.poses()).extracting(Drift.Part::name).containsExactly("Cat", "Tree, left");
        assertThat(drift.poses().get(0).realMs()).isEqualTo(85_000);
    }

    @Test
    void whatIsLongerIsNotBlamedOnWhatIsShorter() {
        Drift drift = Drift.of(List.of(
                moment("a", "Warm-up", "", "Cat", "", 300, 316),
                moment("a", "Standing", "", "Tree", "right", 60, 40),
                moment("a", "Floor", "", "Bridge", "", 300, 310)));
        assertThat(drift.percent()).isPositive();
        assertThat(drift.mostIn()).isEqualTo("Warm-up");
    }

    @Test
    void aClassOnItsPlanIsOffNowhere() {
        Drift drift = Drift.of(List.of(moment("a", "Standing", "", "Tree", "left", 40, 41)));
        assertThat(drift.mostIn()).isEmpty();
        assertThat(drift.poses()).isEmpty();
        assertThat(Drift.of(List.of()).percent()).isZero();
    }
}
