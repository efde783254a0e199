package gurukram.core.course;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.course.GridTest.halfMoon;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.check.Finding;
import gurukram.core.compose.Compositions;
import gurukram.core.compose.ThemeWords;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Taught;
import gurukram.core.dose.Dose;
import gurukram.core.group.People;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.score.Score;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Whole courses, drafted lesson after lesson and read as they come out. */
class LessonsTest {
    private static final Ladder HALF_MOON = CATALOGUE.ladder("half-moon").orElseThrow();
    private static final Lessons LESSONS =
            new Lessons(Compositions.composer(), CATALOGUE, ThemeWords.shipped(CATALOGUE));

    private static Brief group(Style style, Level level) {
        return Brief.to("half-moon", 60, style, level).with(new People(12, Map.of(Need.WRIST, 1), null));
    }

    /** One after the other, each with the flow of the one before. */
    private static List<Lessons.Drafted> all(
            Course course, List<Cell> cells, Brief group, Ladder ladder, Integer stands) {
        List<Lessons.Drafted> drafted = new ArrayList<>();
        Lessons.Last last = null;
        List<Taught> before = new ArrayList<>();
        for (Cell cell : cells) {
            Lessons.Drafted one = LESSONS.draft(course, cell, group.withTaught(before, false), ladder, stands, last);
            last = Lessons.last(
                    course, one.plan(), one.flow() == null ? null : one.flow().value());
            before.add(0, Taught.of(one.plan(), 7));
            drafted.add(one);
        }
        return drafted;
    }

    private static Flow flow(Lessons.Drafted one) {
        return (Flow) one.plan().find(one.flow()).orElseThrow();
    }

    private static Set<String> flows(ClassPlan plan) {
        Set<String> names = new LinkedHashSet<>();
        plan.walk(node -> {
            if (node instanceof Flow flow && flow.settings().rounds() > 1)
                names.add(flow.settings().name());
        });
        return names;
    }

    private static long named(ClassPlan plan, String name) {
        List<String> all = new ArrayList<>();
        plan.walk(node -> {
            if (node instanceof Flow flow) all.add(flow.settings().name());
        });
        return all.stream().filter(name::equals).count();
    }

    private static Set<String> poses(ClassPlan plan) {
        Set<String> poses = new LinkedHashSet<>();
        plan.walk(node -> {
            if (node instanceof Step step && step.pose() != null) poses.add(step.pose());
        });
        return poses;
    }

    @Test
    void sixWeeksToHalfMoonAreExactAndTheSameFlowGrows() {
        Course course = halfMoon(6, 3);
        List<Cell> cells = Grid.of(course, HALF_MOON, Map.of(), null);
        List<Lessons.Drafted> drafted = all(course, cells, group(Style.VINYASA, Level.INTERMEDIATE), HALF_MOON, 5);
        for (int i = 0; i < 6; i++) {
            Lessons.Drafted one = drafted.get(i);
            Cell cell = cells.get(i);
            assertThat(Compositions.UNFOLDER.unfold(one.plan(), null).totalMs())
                    .as(course.name(cell.n()))
                    .isBetween(3_570_000L, 3_630_000L);
            assertThat(flow(one).poses())
                    .as("the same flow")
                    .isEqualTo(flow(drafted.get(0)).poses());
            assertThat(flow(one).settings().rounds()).isEqualTo(cell.doneRounds());
            assertThat(one.plan().settings().title()).isEqualTo("Half moon, week %d of 6".formatted(i + 1));
            assertThat(HALF_MOON.rungOf(one.plan().settings().peak())).isLessThanOrEqualTo(cell.rung());
            assertThat(one.words()).isEmpty();
        }
        assertThat(flow(drafted.get(0)).settings().pace().modeIn(1)).isEqualTo(Mode.LEARN);
        assertThat(flow(drafted.get(5)).settings().pace().modeIn(2)).isEqualTo(Mode.SILENT);
        assertThat(flow(drafted.get(5)).texts().note())
                .contains(Alone.ALONE.note())
                .doesNotContain(Alone.LED.note());
        for (Lessons.Drafted one : drafted)
            assertThat(one.draft().report().findings().stream().map(Finding::what))
                    .as(one.plan().settings().title())
                    .noneMatch(what -> what.contains("does nothing") || what.contains("is said of the flow"));
        for (int i = 1; i < 6; i++) {
            Set<String> again = flows(drafted.get(i).plan());
            again.retainAll(flows(drafted.get(i - 1).plan()));
            assertThat(again)
                    .as("flows of week %d that were in the week before", i + 1)
                    .contains(flow(drafted.get(0)).settings().name())
                    .hasSizeLessThanOrEqualTo(3);
            assertThat(named(
                            drafted.get(i).plan(),
                            flow(drafted.get(0)).settings().name()))
                    .as("the main flow once")
                    .isEqualTo(1);
            Set<String> shared = poses(drafted.get(i).plan());
            Set<String> here = Set.copyOf(shared);
            shared.retainAll(poses(drafted.get(i - 1).plan()));
            assertThat(shared.size()).as("what is elsewhere varies").isLessThan(here.size() * 9 / 10);
        }
    }

    @Test
    void thePeakIsHeldForAsManyBreathsAsTheWeekHas() {
        Course course = halfMoon(4, 5);
        List<Cell> cells = Grid.of(course, HALF_MOON, Map.of(), 5);
        for (Lessons.Drafted one : all(course, cells, group(Style.HATHA, Level.INTERMEDIATE), HALF_MOON, 5)) {
            int held = cells.get(course.lessons() - 4 + number(one) - 1).heldBreaths();
            List<Integer> breaths = new ArrayList<>();
            one.plan().walk(node -> {
                if (node instanceof Step step
                        && one.plan().settings().peak().equals(step.pose())
                        && step.dose() instanceof Dose.Breaths dose) breaths.add(dose.breaths());
            });
            assertThat(breaths).as(one.plan().settings().title()).isNotEmpty().contains(held);
        }
    }

    private static int number(Lessons.Drafted one) {
        return Integer.parseInt(one.plan().settings().title().replaceAll(".*week (\\d+) of.*", "$1"));
    }

    @Test
    void nothingBeyondTheGroupsRungComesIntoAnyPartOfAClass() {
        for (String id :
                Compositions.some(List.of("half-moon", "camel", "side-plank", "tree", "headstand", "crow"), 2)) {
            Ladder ladder = CATALOGUE.ladder(id).orElseThrow();
            for (int stands = 1; stands < Grid.topRung(ladder); stands += 2) {
                Brief brief = group(Style.VINYASA, Level.ADVANCED);
                Course course = new Course(
                        id,
                        Rhythm.WEEKLY,
                        4,
                        60,
                        new Aim(Aim.Kind.PEAK, ladder.peak()),
                        1,
                        false,
                        Growth.USUAL,
                        List.of(),
                        Map.of());
                Cell cell = Grid.of(course, ladder, Map.of(), null).get(0);
                Cell ahead = new Cell(1, Grid.topRung(ladder), 5, 2, Mode.LEARN, Alone.LED, false, true, "");
                Lessons.Drafted one = LESSONS.draft(course, ahead, brief, ladder, stands, null);
                assertThat(one.words().get(0)).contains("the group stands on " + stands);
                for (String pose : poses(one.plan())) {
                    int rung = ladder.rungOf(pose);
                    boolean top = rung >= Grid.topRung(ladder);
                    Pose known = CATALOGUE.pose(pose);
                    assertThat(top && rung > stands)
                            .as("%s on rung %d has %s", id, stands, known.name())
                            .isFalse();
                }
                assertThat(cell.n()).isOne();
            }
        }
    }

    @Test
    void aFlowNobodyMayDoAnyMoreDoesNotGoOnAndThatIsSaid() {
        Course course = halfMoon(6, 3);
        List<Cell> cells = Grid.of(course, HALF_MOON, Map.of(), null);
        Lessons.Drafted first =
                LESSONS.draft(course, cells.get(0), group(Style.VINYASA, Level.INTERMEDIATE), HALF_MOON, 3, null);
        Lessons.Last last = Lessons.last(course, first.plan(), first.flow().value());
        String pose = last.flow().poses().get(1);
        Brief now = group(Style.VINYASA, Level.INTERMEDIATE).withPoses(Set.of(), Set.of(pose));
        Lessons.Drafted second = LESSONS.draft(course, cells.get(1), now, HALF_MOON, 3, last);
        assertThat(second.words()).singleElement().asString().contains("does not go on", "you do not want it in");
        assertThat(poses(second.plan())).doesNotContain(pose);
    }

    @Test
    void tenMinutesADayAreExactAndHaveTheirArea() {
        Course course = new Course(
                "Ten minutes",
                Rhythm.DAILY,
                21,
                10,
                new Aim(Aim.Kind.THEME, "a little every day"),
                1,
                false,
                Growth.USUAL,
                Challenge.AREAS,
                Map.of());
        List<Cell> cells = Grid.of(course, null, Map.of(), null).subList(0, 8);
        List<Lessons.Drafted> drafted = all(course, cells, group(Style.HATHA, Level.BEGINNER), null, null);
        for (int i = 0; i < 8; i++) {
            assertThat(Compositions.UNFOLDER.unfold(drafted.get(i).plan(), null).totalMs())
                    .as("day " + (i + 1))
                    .isBetween(570_000L, 630_000L);
            String theme = cells.get(i).theme();
            assertThat(drafted.get(i).flow()).as("every day another").isNull();
            long themed = poses(drafted.get(i).plan()).stream()
                    .filter(id -> ThemeWords.shipped(CATALOGUE).in(theme).in(CATALOGUE.pose(id)) > 0)
                    .count();
            assertThat(themed).as("day %d, %s", i + 1, cells.get(i).theme()).isGreaterThanOrEqualTo(3);
            assertThat(ThemeWords.shipped(CATALOGUE)
                            .in(Challenge.AREAS.get(i % 7))
                            .isEmpty())
                    .as(Challenge.AREAS.get(i % 7) + " says something")
                    .isFalse();
        }
    }

    /**
     * Two, three and four cycles of a half of eighteen movements, linked so that the last of one and the first of the next fall
     * together: sixteen of its own each time, at 4 s.
     */
    @Test
    void linkedCyclesHaveTheirTime() {
        assertThat(seconds(2, 18)).isEqualTo(264);
        assertThat(seconds(3, 18)).isEqualTo(392);
        assertThat(seconds(4, 18)).isEqualTo(520);
        assertThat(seconds(2, 16))
                .as("sixteen written, of which two fall together")
                .isEqualTo(232);
    }

    private static long seconds(int cycles, int movements) {
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < movements; i++)
            steps.add(Step.of(
                    new NodeId("m" + i),
                    i % 2 == 0 ? "raised-arms" : "standing-fold",
                    new gurukram.core.plan.settings.SideRule.None(),
                    new Dose.Movement(
                            i % 2 == 0 ? gurukram.core.time.Breath.INHALE : gurukram.core.time.Breath.EXHALE)));
        FlowSettings settings = FlowSettings.of(cycles)
                .withJoins(new Join.Shared(1, 1), null)
                .withPace(gurukram.core.plan.settings.TypedPace.of(
                        gurukram.core.plan.settings.TypedPace.Per.HALF_BREATH, 4_000));
        Flow flow = new Flow(new NodeId("flow"), settings, steps);
        ClassPlan plan = ClassPlan.of(
                gurukram.core.plan.settings.ClassSettings.of("Linked", 60, Style.HATHA, Level.BEGINNER),
                gurukram.core.plan.Section.of(new NodeId("s"), SectionRole.SALUTATIONS, flow));
        Score score = Compositions.UNFOLDER.unfold(plan, null);
        return score.moments().stream().mapToLong(m -> m.workMs()).sum() / 1_000;
    }
}
