package gurukram.core.coverage;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Felt;
import gurukram.core.body.Side;
import gurukram.core.coverage.Covered.Done;
import gurukram.core.coverage.Covered.Sides;
import gurukram.core.pose.Level;
import gurukram.core.score.TimeUse.Part;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CoverageTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    private static Done held(String pose, Side side, long leadIn, long work) {
        return new Done(pose, side, Part.HOLDS, "", 0, leadIn, work);
    }

    @Test
    void aClassAddsUpToItsTime() {
        Covered covered = Covered.of(List.of(
                held("triangle", Side.RIGHT, 12_000, 30_000).lasting(63_000),
                held("triangle", Side.LEFT, 10_000, 30_000),
                new Done("chair", null, Part.FLOWS, "Tide", 1, 0, 4_000),
                new Done("chair", null, Part.FLOWS, "Tide", 2, 0, 4_000),
                new Done(null, null, Part.PAUSES, "", 0, 0, 15_000)));
        assertThat(covered.poses())
                .isEqualTo(Map.of("triangle", new Sides(45_000, 30_000, 0), "chair", new Sides(0, 0, 8_000)));
        assertThat(covered.time())
                .isEqualTo(Map.of(
                        Part.SETTING_UP, 28_000L, Part.HOLDS, 75_000L, Part.FLOWS, 8_000L, Part.PAUSES, 15_000L));
        assertThat(covered.flows()).isEqualTo(Map.of("Tide", 2));
    }

    @Test
    void whatHadNoPlannedTimeIsAllWork() {
        assertThat(held("triangle", null, 0, 0).lasting(20_000).workMs()).isEqualTo(20_000);
    }

    @Test
    void weeksAddUpByFamilyAreaActionAndNeed() {
        Covered first =
                Covered.of(List.of(held("triangle", Side.RIGHT, 0, 40_000), held("triangle", Side.LEFT, 0, 30_000)));
        Covered second =
                Covered.of(List.of(held("triangle", Side.RIGHT, 0, 20_000), held("a-pose-of-my-own", null, 0, 9_000)));
        Coverage coverage = Coverage.of(
                List.of(
                        new Lesson(DAY, "A", Level.BEGINNER, "half-moon", "Tide", "", first),
                        new Lesson(DAY.plusDays(7), "B", Level.BEGINNER, null, "Tide", "I stand", second)),
                CATALOGUE);
        assertThat(coverage.classes()).isEqualTo(2);
        assertThat(coverage.sides()).isEqualTo(new Sides(60_000, 30_000, 9_000));
        var family = coverage.families().get(0);
        assertThat(family.what()).isEqualTo(CATALOGUE.pose("triangle").family());
        assertThat(family.time()).isEqualTo(new Sides(60_000, 30_000, 0));
        assertThat(family.classes()).isEqualTo(2);
        assertThat(family.last()).isEqualTo(DAY.plusDays(7));
        assertThat(coverage.families().get(1).what()).isEqualTo("no longer in the catalogue");
        assertThat(coverage.stretched()).anyMatch(line -> line.what().equals("hamstrings"));
        assertThat(coverage.actions()).anyMatch(line -> line.what().equals("hamstring length"));
        assertThat(coverage.themes()).containsExactly(new Tally.Line("Tide", 2, DAY.plusDays(7)));
        assertThat(coverage.affirmations()).containsExactly(new Tally.Line("I stand", 1, DAY.plusDays(7)));
        assertThat(coverage.peaks()).containsExactly(new Tally.Line("half-moon", 1, DAY));
    }

    /** Felt on the other side than the pose is named by. */
    @Test
    void anAreaIsCountedOnTheSideThatFeelsIt() {
        var pose = CATALOGUE.poses().stream()
                .filter(p -> p.stretches().stream()
                        .anyMatch(felt -> felt.strength() >= 2 && felt.where() == Felt.Where.OTHER))
                .findFirst()
                .orElseThrow();
        String area = pose.stretches().stream()
                .filter(felt -> felt.strength() >= 2 && felt.where() == Felt.Where.OTHER)
                .findFirst()
                .orElseThrow()
                .area()
                .word();
        Coverage coverage = Coverage.of(
                List.of(new Lesson(
                        DAY,
                        "A",
                        Level.BEGINNER,
                        null,
                        "",
                        "",
                        Covered.of(List.of(held(pose.id(), Side.RIGHT, 0, 50_000))))),
                CATALOGUE);
        assertThat(coverage.stretched())
                .filteredOn(line -> line.what().equals(area))
                .singleElement()
                .satisfies(line -> assertThat(line.time().left()).isGreaterThanOrEqualTo(50_000));
    }

    /** What a wrist would have to have changed. */
    @Test
    void needsAreCountedWhereTheyAskForSomething() {
        Coverage coverage = Coverage.of(
                List.of(new Lesson(
                        DAY, "A", Level.BEGINNER, null, "", "", Covered.of(List.of(held("plank", null, 0, 50_000))))),
                CATALOGUE);
        assertThat(coverage.needs())
                .filteredOn(line -> line.what().equals("wrist"))
                .singleElement()
                .satisfies(line -> assertThat(line.time().all()).isEqualTo(50_000));
        assertThat(coverage.needs()).noneMatch(line -> line.what().equals("jaw"));
    }
}
