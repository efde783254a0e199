package gurukram.core.craft;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.craft.Measure.Kind;
import gurukram.core.plan.ClassPlan;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class CraftTest {
    private static final String WAVES = """
            flow "%s", 3 rounds, both sides, 5 s a position
              low lunge, lead, in
              half split, lead, out
              half split, lead, 3 breaths
              - rounds 1-2: leave out
              downward dog, in
              cow, out
            end flow
            """;

    private static Map<Kind, Measure> of(String text) {
        ClassPlan plan = Notation.plan("class: T\n- 60 min, vinyasa, intermediate\n" + text);
        return Craft.of(plan, Plans.score(plan), CATALOGUE);
    }

    private static double value(Map<Kind, Measure> measures, Kind kind) {
        return measures.get(kind).value();
    }

    @Test
    void flowsAreCountedByTheirRounds() {
        Map<Kind, Measure> measures = of("standing:\n" + WAVES.formatted("ebb") + WAVES.formatted("flood")
                + "flow \"side\", 1 round, both sides\n  triangle, lead, 3 breaths\nend flow\n");
        assertThat(value(measures, Kind.FLOWS)).isEqualTo(2);
        assertThat(value(measures, Kind.QUOTES)).as("they begin alike").isEqualTo(1);
        assertThat(value(measures, Kind.HELD_IN_FLOWS)).isEqualTo(4);
        assertThat(value(measures, Kind.EQUAL_ROUNDS))
                .as("round 2 is round 1 in both")
                .isEqualTo(2);
        assertThat(value(measures, Kind.FLOW_SHARE)).isBetween(60.0, 95.0);
    }

    @Test
    void aThirdRoundGrowsByItsHold() {
        // a round is two passes of four positions, 40 s; the third has three breaths of 6 s more on each side
        double growth = value(of("standing:\n" + WAVES.formatted("ebb")), Kind.GROWTH);
        assertThat(growth).isBetween(76 / 40.0 - 0.1, 76 / 40.0 + 0.6);
    }

    @Test
    void sidesAndBasesAreCountedFromHoldToHold() {
        String holds = "triangle, right, 3 breaths\nwarrior 2, right, 5 breaths\ntriangle, left, 3 breaths\n"
                + "warrior 2, left, 4 breaths\nstaff seat, 5 breaths\n";
        Map<Kind, Measure> measures = of("standing:\n" + holds);
        assertThat(value(measures, Kind.SIDE_RUN)).as("R R, L L").isEqualTo(2);
        assertThat(value(measures, Kind.LEG_CHANGES)).as("one of three").isEqualTo(33);
        assertThat(value(measures, Kind.COUNTABLE)).as("four of five").isEqualTo(80);
        assertThat(value(measures, Kind.MEDIAN_HOLD)).isEqualTo(4);
        assertThat(value(measures, Kind.SHAPES)).isEqualTo(3);
        assertThat(measures.get(Kind.COUNTABLE).isUsual()).isFalse();
        assertThat(measures.get(Kind.SIDE_RUN).isUsual()).isTrue();
    }

    @Test
    void thePeakTheRestAndTheLinesOfTheTheme() {
        Map<Kind, Measure> measures = of("- peak pose: tree\nstanding:\nmountain, 10 breaths\n- thread: Stand.\n"
                + "peak:\ntree, both, 5 breaths\nrest:\nfinal rest, 300 s\n");
        assertThat(value(measures, Kind.THREADS)).isEqualTo(1);
        assertThat(value(measures, Kind.REST)).isBetween(5.0, 5.5);
        assertThat(value(measures, Kind.PEAK_AT)).isBetween(10.0, 20.0);
        assertThat(value(measures, Kind.HOME)).isEqualTo(1);
    }

    /** Minutes of work (the plank is 4, the mountain 1). */
    private static String minutes(String pose, int minutes) {
        return (pose + ", 60 s\n").repeat(minutes);
    }

    private static double waves(String standing, String after) {
        return value(
                of("- peak pose: plank\nstanding:\n" + standing + "peak:\nplank, 60 s\nplank, 60 s\n" + after),
                Kind.WAVES);
    }

    @Test
    void effortThatFallsForMinutesAndRisesAgainIsAWave() {
        String up = minutes("plank", 3);
        String down = minutes("mountain", 4);
        assertThat(waves(up, "")).as("up, and the peak on top").isEqualTo(1);
        assertThat(waves(up + down, "")).isEqualTo(2);
        assertThat(waves(up + down + up + down, "")).isEqualTo(3);
        assertThat(waves(up + down, "cool-down:\n" + down + up + down))
                .as("what comes after the peak is none")
                .isEqualTo(2);
    }

    @Test
    void aFewBreathsInTheMountainAreNoEndOfAWave() {
        String up = minutes("plank", 3);
        assertThat(waves(up + "mountain, 3 breaths\n" + up, "")).isEqualTo(1);
        assertThat(waves(minutes("mountain", 8), "")).isEqualTo(1);
    }

    @Test
    void whatIsUsualOfWavesGoesByStyleAndLength() {
        String text = "class: T\n- %s\n- peak pose: plank\nstanding:\nmountain, 60 s\npeak:\nplank, 60 s\n";
        Function<String, Measure> measure = header -> {
            ClassPlan plan = Notation.plan(text.formatted(header));
            return Craft.of(plan, Plans.score(plan), CATALOGUE).get(Kind.WAVES);
        };
        assertThat(measure.apply("44 min, vinyasa, advanced").least()).isEqualTo(1);
        assertThat(measure.apply("45 min, vinyasa, advanced").least()).isEqualTo(2);
        assertThat(measure.apply("60 min, hatha, advanced").least()).isEqualTo(1);
        assertThat(measure.apply("74 min, vinyasa, advanced").most()).isEqualTo(3);
        assertThat(measure.apply("75 min, vinyasa, advanced").most()).isEqualTo(4);
    }

    @Test
    void towardsAQuietPeakOneRiseIsEnough() {
        String text =
                "class: T\n- 60 min, vinyasa, beginner\n- peak pose: %s\nstanding:\nplank, 60 s\npeak:\n%s, 60 s\n";
        Function<String, Measure> measure = peak -> {
            ClassPlan plan = Notation.plan(text.formatted(peak, peak));
            return Craft.of(plan, Plans.score(plan), CATALOGUE).get(Kind.WAVES);
        };
        assertThat(measure.apply("seated forward fold").least()).isEqualTo(1);
        assertThat(measure.apply("legs up the wall").least()).isEqualTo(1);
        assertThat(measure.apply("bridge").least()).isEqualTo(2);
        assertThat(measure.apply("camel").least()).isEqualTo(2);
    }

    @Test
    void howFarSomethingIsBesideTheUsualIsAPartOfItsEdge() {
        assertThat(new Measure(Kind.FLOW_SHARE, 40.0, "", 50.0, 65.0).away()).isEqualTo(0.2);
        assertThat(new Measure(Kind.FLOW_SHARE, 78.0, "", 50.0, 65.0).away()).isEqualTo(0.2);
        assertThat(new Measure(Kind.FLOW_SHARE, 50.0, "", 50.0, 65.0).away()).isZero();
        assertThat(new Measure(Kind.FIRST_DEEP, 2.0, "", null, 0.0).away()).isEqualTo(2);
        assertThat(new Measure(Kind.QUOTES, 0.0, "", 1.0, null).away()).isEqualTo(1);
        assertThat(new Measure(Kind.QUOTES, null, "", 1.0, null).away()).isZero();
    }

    @Test
    void anEmptyClassHasNothingToMeasure() {
        ClassPlan plan = Notation.plan("class: T\n- 60 min, hatha, beginner\n");
        Map<Kind, Measure> measures = Craft.of(plan, Plans.score(plan), CATALOGUE);
        assertThat(measures.get(Kind.GROWTH).value()).isNull();
        assertThat(measures.get(Kind.GROWTH).isUsual()).isTrue();
        assertThat(value(measures, Kind.FLOW_SHARE)).isZero();
    }
}
