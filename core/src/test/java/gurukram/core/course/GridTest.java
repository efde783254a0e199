package gurukram.core.course;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.plan.settings.Mode;
import gurukram.core.pose.Ladder;
import gurukram.core.text.Refused;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/** What lessons have, in the words of who teaches them. */
class GridTest {
    private static final Ladder HALF_MOON = CATALOGUE.ladder("half-moon").orElseThrow();

    static Course halfMoon(int lessons, int startRung) {
        return new Course(
                "Half moon",
                Rhythm.WEEKLY,
                lessons,
                60,
                new Aim(Aim.Kind.PEAK, "half-moon"),
                startRung,
                false,
                Growth.USUAL,
                List.of(),
                Map.of());
    }

    private static Course with(Course course, Growth growth) {
        return new Course(
                course.title(),
                course.rhythm(),
                course.lessons(),
                course.minutes(),
                course.aim(),
                course.startRung(),
                course.supervised(),
                growth,
                course.themes(),
                course.own());
    }

    private static List<Cell> grid(Course course) {
        return Grid.of(course, HALF_MOON, Map.of(), null);
    }

    private static <T> List<T> each(List<Cell> cells, Function<Cell, T> what) {
        return cells.stream().map(what).toList();
    }

    private static Map<Integer, Cell> taught(List<Cell> cells, int lessons) {
        Map<Integer, Cell> taught = new TreeMap<>();
        for (int n = 1; n <= lessons; n++) taught.put(n, cells.get(n - 1));
        return taught;
    }

    @Test
    void fiveBreathsAndOneMoreAWeekAreTenInTheSixthAndNeverMore() {
        Steps steps = new Steps(5, 1, 10);
        assertThat(steps.in(1)).isEqualTo(5);
        assertThat(steps.in(6)).isEqualTo(10);
        assertThat(steps.in(8)).isEqualTo(10);
        assertThat(each(grid(with(halfMoon(8, 3), new Growth(steps, 2, 4, true, true, 0))), Cell::heldBreaths))
                .containsExactly(5, 6, 7, 8, 9, 10, 10, 10);
    }

    @Test
    void roundsModesAndIndependenceAreSharedOutEvenly() {
        List<Cell> cells = grid(with(halfMoon(6, 3), new Growth(new Steps(5, 1, 10), 2, 4, true, true, 0)));
        assertThat(each(cells, Cell::doneRounds)).containsExactly(2, 2, 3, 3, 4, 4);
        assertThat(each(cells, Cell::mode))
                .containsExactly(Mode.LEARN, Mode.LEARN, Mode.BREATH, Mode.BREATH, Mode.SILENT, Mode.SILENT);
        assertThat(each(cells, Cell::alone))
                .containsExactly(Alone.WATCHED, Alone.WATCHED, Alone.LED, Alone.LED, Alone.ALONE, Alone.ALONE);
    }

    @Test
    void fourWeeksHaveTheEarlierStepsTwice() {
        List<Cell> cells = grid(with(halfMoon(4, 3), new Growth(new Steps(5, 1, 10), 2, 4, true, false, 0)));
        assertThat(each(cells, Cell::doneRounds)).containsExactly(2, 2, 3, 4);
        assertThat(each(cells, Cell::alone)).containsOnly(Alone.LED);
    }

    @Test
    void aRungIsStayedOnForAsLongAsTheLadderAsks() {
        assertThat(HALF_MOON.classes()).isEqualTo(2);
        assertThat(each(grid(halfMoon(6, 3)), Cell::rung)).containsExactly(3, 3, 4, 4, 5, 5);
        assertThat(each(grid(halfMoon(6, 1)), Cell::rung))
                .as("six weeks from the first rung do not come to the pose")
                .containsExactly(1, 1, 2, 2, 3, 3);
        assertThat(each(grid(halfMoon(12, 3)), Cell::rung))
                .as("and with more time it is taken")
                .containsExactly(3, 3, 3, 3, 4, 4, 4, 4, 5, 5, 5, 5);
    }

    @Test
    void nothingLeadsBeyondThePoseThatIsAimedAt() {
        assertThat(Grid.topRung(HALF_MOON)).isEqualTo(5);
        assertThat(each(grid(halfMoon(12, 5)), Cell::rung)).containsOnly(5);
        assertThat(each(grid(halfMoon(12, 6)), Cell::rung)).as("above it").containsOnly(5);
    }

    @Test
    void everyFourthIsLighter() {
        List<Cell> cells = grid(halfMoon(8, 3));
        assertThat(each(cells, Cell::lighter)).containsExactly(false, false, false, true, false, false, false, true);
        assertThat(each(cells, Cell::heldBreaths)).containsExactly(5, 6, 7, 6, 9, 10, 10, 8);
        assertThat(cells.get(3).doneRounds()).isEqualTo(cells.get(3).rounds() - 1);
    }

    @Test
    void whatIsChangedInOneWeekHoldsOnInThoseThatFollow() {
        Course course = halfMoon(6, 3).with(3, new Own(null, 5, 4, Mode.LEARN, null, false, null, "harbour lights"));
        List<Cell> cells = grid(course);
        assertThat(each(cells, Cell::breaths)).containsExactly(5, 6, 5, 6, 7, 8);
        assertThat(each(cells, Cell::rounds)).containsExactly(2, 2, 4, 4, 4, 4);
        assertThat(each(cells, Cell::mode))
                .as("what is left of learning, breath and silence is shared out over what is left of the course")
                .containsExactly(Mode.LEARN, Mode.LEARN, Mode.LEARN, Mode.LEARN, Mode.BREATH, Mode.SILENT);
        assertThat(each(cells, Cell::theme))
                .containsExactly("", "", "harbour lights", "harbour lights", "harbour lights", "harbour lights");
        assertThat(course.with(3, Own.NOTHING)).isEqualTo(halfMoon(6, 3));
    }

    @Test
    void moreBreathsThanTheMostAreTheTeachersToWantAndGrowNoFurther() {
        Own many = new Own(null, 12, null, null, null, false, null, null);
        assertThat(each(grid(halfMoon(6, 3).with(3, many)), Cell::breaths)).containsExactly(5, 6, 12, 12, 12, 12);
    }

    @Test
    void aRungThatIsSetIsGoneOnFrom() {
        assertThat(each(grid(halfMoon(6, 3).with(4, own(3))), Cell::rung)).containsExactly(3, 3, 4, 3, 3, 4);
        assertThat(each(grid(halfMoon(6, 3).with(2, own(40))), Cell::rung)).containsExactly(3, 5, 5, 5, 5, 5);
    }

    private static Own own(int rung) {
        return new Own(rung, null, null, null, null, null, null, null);
    }

    @Test
    void whatIsTaughtAsPlannedChangesNothingThatFollows() {
        List<Cell> planned = grid(halfMoon(6, 3));
        for (int n = 1; n <= 6; n++)
            assertThat(Grid.of(halfMoon(6, 3), HALF_MOON, taught(planned, n), null))
                    .isEqualTo(planned);
        assertThat(Grid.of(halfMoon(6, 3), HALF_MOON, taught(planned, 4), 5)).isEqualTo(planned);
    }

    @Test
    void painInTheFourthWeekStepsBackForAllThatFollows() {
        List<Cell> planned = grid(halfMoon(6, 3));
        List<Cell> after = Grid.of(halfMoon(6, 3), HALF_MOON, taught(planned, 4), 3);
        assertThat(each(after, Cell::rung)).containsExactly(3, 3, 4, 4, 3, 3);
        assertThat(after.subList(0, 4)).isEqualTo(planned.subList(0, 4));
        assertThat(each(after, Cell::breaths)).as("the rest grows on").isEqualTo(each(planned, Cell::breaths));
    }

    @Test
    void whatWasTaughtOnALongerLadderIsTheTopOfAShorterOne() {
        Ladder tree = CATALOGUE.ladder("tree").orElseThrow();
        Cell high = new Cell(1, 40, 5, 2, Mode.LEARN, Alone.WATCHED, false, true, "");
        List<Cell> cells = Grid.of(halfMoon(6, 5), tree, Map.of(1, high), null);
        assertThat(cells.get(0)).isEqualTo(high);
        assertThat(cells.get(5).rung()).isEqualTo(tree.rungs().size());
    }

    @Test
    void aGroupThatIsReadySoonerGoesOnSooner() {
        List<Cell> planned = grid(halfMoon(6, 1));
        assertThat(each(Grid.of(halfMoon(6, 1), HALF_MOON, taught(planned, 2), 4), Cell::rung))
                .containsExactly(1, 1, 4, 4, 5, 5);
    }

    @Test
    void aWeekThatFellOutLeavesOneLessAndTheRestIsSharedOutAnew() {
        List<Cell> planned = grid(halfMoon(6, 3));
        Course shorter = halfMoon(6, 3).without(3);
        List<Cell> now = Grid.of(shorter, HALF_MOON, taught(planned, 2), null);
        assertThat(now).hasSize(5);
        assertThat(each(now, Cell::rounds)).as("four rounds all the same").containsExactly(2, 2, 3, 3, 4);
        assertThat(each(now, Cell::breaths)).containsExactly(5, 6, 7, 8, 9);
    }

    @Test
    void whatIsWantedInALaterWeekMovesUpWithIt() {
        Course course = halfMoon(6, 3).with(5, own(4)).with(2, own(3)).with(3, own(2));
        assertThat(course.without(3).own().keySet()).containsExactly(2, 4);
        assertThat(course.without(3).ownOf(4)).isEqualTo(own(4));
    }

    @Test
    void anOpenSeriesGrowsForTwelveClassesAndIsNumbered() {
        Course series = new Course(
                "Thursdays",
                Rhythm.OPEN,
                20,
                60,
                new Aim(Aim.Kind.THEME, "steady as she goes"),
                1,
                false,
                new Growth(new Steps(5, 1, 10), 2, 4, true, true, 0),
                List.of("hips", "twists"),
                Map.of());
        List<Cell> cells = Grid.of(series, null, Map.of(), null);
        assertThat(each(cells.subList(0, 12), Cell::rounds)).containsExactly(2, 2, 2, 2, 3, 3, 3, 3, 4, 4, 4, 4);
        assertThat(cells.get(19).rounds()).isEqualTo(4);
        assertThat(cells.get(0).rung()).isNull();
        assertThat(each(cells.subList(0, 3), Cell::theme)).containsExactly("hips", "twists", "hips");
        assertThat(series.name(7)).isEqualTo("Thursdays, class 7");
        assertThat(halfMoon(6, 3).name(3)).isEqualTo("Half moon, week 3 of 6");
    }

    @Test
    void whatCannotBeIsRefusedInWords() {
        assertThatThrownBy(() -> new Steps(8, 1, 5)).isInstanceOf(Refused.class).hasMessageContaining("At most 5");
        assertThatThrownBy(() -> new Growth(new Steps(5, 1, 10), 4, 2, true, true, 0))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("do not grow down");
        assertThatThrownBy(() -> halfMoon(40, 1)).isInstanceOf(Refused.class).hasMessageContaining("4 to 12");
        assertThatThrownBy(() -> new Aim(Aim.Kind.THEME, "  ")).isInstanceOf(Refused.class);
    }
}
