package gurukram.core.course;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.course.GridTest.halfMoon;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.pose.Ladder;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** What a teacher is told when something in her course becomes different. */
class ToldTest {
    private static final Ladder HALF_MOON = CATALOGUE.ladder("half-moon").orElseThrow();
    private static final Days DAYS = Days.from(LocalDate.of(2026, 9, 3), Rhythm.WEEKLY);

    private static Told.Lessons lessons(Course course, Days days, Map<Integer, Cell> taught, Integer standing) {
        return new Told.Lessons(Grid.of(course, HALF_MOON, taught, standing), days.of(course.lessons()));
    }

    private static final Told.Lessons SIX = lessons(halfMoon(6, 3), DAYS, Map.of(), null);

    private static List<String> told(Told.Lessons after) {
        return Told.between(Rhythm.WEEKLY, SIX, after);
    }

    @Test
    void nothingIsToldWhereNothingIsDifferent() {
        assertThat(told(SIX)).isEmpty();
    }

    @Test
    void aMissedWeekThatIsPutOff() {
        assertThat(told(lessons(halfMoon(6, 3), DAYS.without(3), Map.of(), null)))
                .containsExactly(
                        "Week 3 is on Thu 24 September instead of Thu 17 September, and what follows moves with it.",
                        "The course ends on Thu 15 October instead of Thu 8 October.");
    }

    @Test
    void aMissedWeekThatIsLeftOut() {
        Map<Integer, Cell> taught = new TreeMap<>();
        for (Cell cell : SIX.cells().subList(0, 2)) taught.put(cell.n(), cell);
        assertThat(told(lessons(halfMoon(6, 3).without(3), DAYS.without(3), taught, null)))
                .containsExactly(
                        "There are 5 weeks instead of 6.",
                        "Week 3 is on Thu 24 September instead of Thu 17 September, and what follows moves with it.",
                        "It still ends on Thu 8 October.",
                        "The last week has 9 breaths instead of 10 breaths.");
    }

    @Test
    void oneWeekThatMovesAlone() {
        assertThat(told(lessons(halfMoon(6, 3), DAYS.with(3, LocalDate.of(2026, 9, 18), 6), Map.of(), null)))
                .containsExactly("Week 3 is on Fri 18 September instead of Thu 17 September; the others stay.");
    }

    @Test
    void painStepsBack() {
        Map<Integer, Cell> taught = new TreeMap<>();
        for (Cell cell : SIX.cells().subList(0, 5)) taught.put(cell.n(), cell);
        assertThat(told(lessons(halfMoon(6, 3), DAYS, taught, 4)))
                .containsExactly("Week 6 has rung 4 instead of rung 5.");
    }

    @Test
    void aThemeThatHoldsOn() {
        Own theme = new Own(null, null, null, null, null, null, null, "harbour lights");
        assertThat(told(lessons(halfMoon(6, 3).with(4, theme), DAYS, Map.of(), null)))
                .containsExactly("Week 4 has “harbour lights” instead of no theme, and so has all that follows.");
    }

    @Test
    void oneLighterWeek() {
        Own lighter = new Own(null, null, null, null, null, true, null, null);
        assertThat(told(lessons(halfMoon(6, 3).with(2, lighter), DAYS, Map.of(), null)))
                .containsExactly("Week 2 has a lighter load instead of the usual load.");
    }
}
