package gurukram.core.coverage;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.pose.Level;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class GapsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 31);

    /** A class some days ago with so many seconds of each pose on each side. */
    private static Lesson daysAgo(int days, Level level, Object... posesAndSeconds) {
        Map<String, Covered.Sides> poses = new LinkedHashMap<>();
        for (int i = 0; i < posesAndSeconds.length; i += 2) {
            long ms = (int) posesAndSeconds[i + 1] * 1000L;
            poses.put((String) posesAndSeconds[i], new Covered.Sides(ms, ms, 0));
        }
        return new Lesson(TODAY.minusDays(days), "Class", level, null, "", "", new Covered(poses, Map.of(), Map.of()));
    }

    private static List<String> said(Lesson... lessons) {
        return Gaps.of(List.of(lessons), CATALOGUE, TODAY).stream()
                .map(Gaps.Gap::words)
                .toList();
    }

    @Test
    void noTwistForThreeWeeksIsSaid() {
        assertThat(said(
                        daysAgo(22, Level.BEGINNER, "revolved-triangle", 40),
                        daysAgo(15, Level.BEGINNER, "tree", 60),
                        daysAgo(8, Level.BEGINNER, "tree", 60),
                        daysAgo(1, Level.BEGINNER, "tree", 60)))
                .contains("no twist for three weeks")
                .doesNotContain("no balance on one leg for three weeks");
    }

    @Test
    void whatWasNeverThereIsSaidByClasses() {
        assertThat(said(
                        daysAgo(21, Level.BEGINNER, "tree", 60),
                        daysAgo(14, Level.BEGINNER, "tree", 60),
                        daysAgo(7, Level.BEGINNER, "tree", 60),
                        daysAgo(0, Level.BEGINNER, "tree", 60)))
                .contains("no twist in any of the last four classes", "no backbend in any of the last four classes");
    }

    @Test
    void aFewBreathsInPassingAreNone() {
        Lesson inPassing = daysAgo(1, Level.BEGINNER, "revolved-triangle", 5);
        Lesson enough = daysAgo(1, Level.BEGINNER, "revolved-triangle", 25);
        Lesson[] before = {
            daysAgo(29, Level.BEGINNER, "revolved-triangle", 60),
            daysAgo(15, Level.BEGINNER, "tree", 60),
            daysAgo(8, Level.BEGINNER, "tree", 60)
        };
        assertThat(said(before[0], before[1], before[2], inPassing)).contains("no twist to speak of for four weeks");
        assertThat(said(before[0], before[1], before[2], enough)).noneMatch(words -> words.contains("twist"));
    }

    @Test
    void twoClassesOrTwoDaysSayNothing() {
        assertThat(said(daysAgo(30, Level.BEGINNER, "tree", 60), daysAgo(1, Level.BEGINNER, "tree", 60)))
                .isEmpty();
        assertThat(said(
                        daysAgo(4, Level.BEGINNER, "tree", 60),
                        daysAgo(3, Level.BEGINNER, "tree", 60),
                        daysAgo(2, Level.BEGINNER, "tree", 60)))
                .isEmpty();
        assertThat(said()).isEmpty();
    }

    @Test
    void beginnersAreNotExpectedUpsideDown() {
        List<String> beginners = said(
                daysAgo(28, Level.BEGINNER, "tree", 60),
                daysAgo(15, Level.BEGINNER, "tree", 60),
                daysAgo(1, Level.BEGINNER, "tree", 60));
        List<String> advanced = said(
                daysAgo(28, Level.ADVANCED, "tree", 60),
                daysAgo(15, Level.ADVANCED, "tree", 60),
                daysAgo(1, Level.ADVANCED, "tree", 60));
        assertThat(beginners).noneMatch(words -> words.contains("upside down") || words.contains("hands"));
        assertThat(advanced).anyMatch(words -> words.contains("upside down"));
    }

    @Test
    void theLongestMissedComesFirstAndTheOrderOfLogsDoesNotMatter() {
        List<Lesson> lessons = List.of(
                daysAgo(40, Level.BEGINNER, "revolved-triangle", 60),
                daysAgo(30, Level.BEGINNER, "camel", 60),
                daysAgo(16, Level.BEGINNER, "tree", 60),
                daysAgo(9, Level.BEGINNER, "tree", 60),
                daysAgo(2, Level.BEGINNER, "tree", 60));
        List<Gaps.Gap> gaps = Gaps.of(lessons, CATALOGUE, TODAY);
        List<Lesson> turned = new ArrayList<>(lessons);
        Collections.reverse(turned);
        assertThat(Gaps.of(turned, CATALOGUE, TODAY)).isEqualTo(gaps);
        List<Movement> order = gaps.stream().map(Gaps.Gap::movement).toList();
        assertThat(order.indexOf(Movement.TWIST)).isLessThan(order.indexOf(Movement.BACKBEND));
    }

    @Test
    void everyMovementIsInSomePoseForItsLevel() {
        for (Movement movement : Movement.values())
            assertThat(CATALOGUE.poses())
                    .as(movement.words())
                    .anyMatch(pose -> movement.isIn(pose) && movement.isFor(pose.level()));
    }

    @Test
    void whatTeachersCallItIsIt() {
        Map<String, Movement> named = new LinkedHashMap<>();
        named.put("revolved-triangle", Movement.TWIST);
        named.put("camel", Movement.BACKBEND);
        named.put("seated-forward-fold", Movement.FORWARD_FOLD);
        named.put("gate", Movement.SIDE_BEND);
        named.put("pigeon", Movement.HIP_OPENER);
        named.put("low-lunge", Movement.HIP_FRONTS);
        named.put("hero", Movement.FRONT_THIGHS);
        named.put("wide-legged-fold", Movement.WIDE_LEGS);
        named.put("tree", Movement.BALANCE);
        named.put("chair", Movement.LEGS);
        named.put("boat", Movement.BELLY);
        named.put("side-plank", Movement.WAIST);
        named.put("locust", Movement.BACK);
        named.put("plank", Movement.ARMS);
        named.put("shoulderstand", Movement.UPSIDE_DOWN);
        named.put("crow", Movement.ON_HANDS);
        named.forEach((id, movement) -> {
            var pose = CATALOGUE.named(id.replace('-', ' ')).orElseThrow(() -> new AssertionError(id));
            assertThat(movement.isIn(pose)).as(id + " is " + movement.words()).isTrue();
        });
    }

    @Test
    void aSideThatDoesLessAndAFlowThatComesAgainAreSaid() {
        Covered uneven = new Covered(
                Map.of("tree", new Covered.Sides(600_000, 500_000, 0)), Map.of(), Map.of("Harbour flow", 3));
        Covered other = new Covered(Map.of("tree", new Covered.Sides(60_000, 60_000, 0)), Map.of(), Map.of("Tide", 2));
        List<Lesson> lessons = List.of(
                new Lesson(TODAY, "A", Level.BEGINNER, "half-moon", "", "", uneven),
                new Lesson(TODAY.minusDays(7), "B", Level.BEGINNER, "half-moon", "", "", uneven),
                new Lesson(TODAY.minusDays(14), "C", Level.BEGINNER, "half-moon", "", "", uneven),
                new Lesson(TODAY.minusDays(21), "D", Level.BEGINNER, "tree", "", "", other));
        assertThat(Gaps.patterns(lessons, CATALOGUE, name -> false))
                .containsExactly(
                        "The left side did 16 % less work than the right.",
                        "“Harbour flow” came in three of four classes.",
                        "Half moon was the peak of three of four classes.");
        assertThat(Gaps.patterns(lessons, CATALOGUE, "Harbour flow"::equals))
                .as("what everybody repeats")
                .hasSize(2);
        assertThat(Gaps.patterns(lessons.subList(2, 4), CATALOGUE, name -> false))
                .as("not two minutes apart")
                .isEmpty();
    }
}
