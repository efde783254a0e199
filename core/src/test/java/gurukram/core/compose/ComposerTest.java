package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.compose.Compositions.COMPOSER;
import static gurukram.core.compose.Compositions.UNFOLDER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.brief.Flavour;
import gurukram.core.compose.brief.Focus;
import gurukram.core.compose.brief.LeftOut;
import gurukram.core.compose.brief.Taught;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.idea.Concept;
import gurukram.core.compose.idea.Concepts;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sequences;
import gurukram.core.dose.Range;
import gurukram.core.group.People;
import gurukram.core.group.Room;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Level;
import gurukram.core.pose.Risk;
import gurukram.core.score.EffortCurve;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class ComposerTest {
    private static final Brief HALF_MOON = Brief.to("half-moon", 60, Style.VINYASA, Level.INTERMEDIATE);

    private static ClassPlan plan(Brief brief) {
        Draft draft = COMPOSER.compose(brief, 1);
        assertThat(DraftVerifier.faults(draft)).isEmpty();
        return draft.plan();
    }

    private static List<Step> steps(ClassPlan plan) {
        List<Step> steps = new ArrayList<>();
        plan.walk(node -> {
            if (node instanceof Step step) steps.add(step);
        });
        return steps;
    }

    private static Section section(ClassPlan plan, SectionRole role) {
        return plan.sections().stream()
                .filter(section -> section.role() == role)
                .findFirst()
                .orElseThrow();
    }

    private static Flow salute(ClassPlan plan) {
        return (Flow) section(plan, SectionRole.SALUTATIONS).items().stream()
                .filter(Flow.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    private static double effort(ClassPlan plan) {
        return EffortCurve.of(UNFOLDER.unfold(plan, null), CATALOGUE).stream()
                .mapToDouble(d -> d)
                .average()
                .orElseThrow();
    }

    private static long floorMs(ClassPlan plan) {
        return UNFOLDER.unfold(plan, null).moments().stream()
                .filter(moment -> moment.pose() != null
                        && Places.isFloor(CATALOGUE.pose(moment.pose()).base()))
                .mapToLong(moment -> moment.lengthMs())
                .sum();
    }

    @Test
    void theTeachersSentenceOpensTheClassAndIsTakenUpAtThePeak() {
        Theme theme = Theme.titled("Harbour light").withSentence("Find the light that stays.");
        ClassPlan plan = plan(HALF_MOON.with(theme, Focus.NONE));
        assertThat(plan.settings().title()).startsWith("Harbour light, ");
        assertThat(plan.settings().theme().open()).isEqualTo("Find the light that stays.");
        assertThat(plan.settings().theme().close())
                .as("the goodbye is the teacher's")
                .isEmpty();
        assertThat(steps(plan))
                .anyMatch(step ->
                        step.texts().thread().equals("Find the light that stays.") && "half-moon".equals(step.pose()));
    }

    @Test
    void aRestfulClassIsCalmerThanASteadyOneAndThatThanAStrongOne() {
        double restful = effort(plan(HALF_MOON.with(Flavour.RESTFUL)));
        double steady = effort(plan(HALF_MOON));
        double strong = effort(plan(HALF_MOON.with(Flavour.STRONG)));
        assertThat(restful).isLessThan(steady);
        assertThat(steady).isLessThan(strong);
    }

    /** Two classes that salute with a short form and not with a phrase of the book. */
    @Test
    void aSalutationOfThreeRoundsGrowsAlsoWhereItIsAShortForm() {
        int forms = 0;
        for (Brief brief : List.of(
                Brief.to("king-pigeon", 60, Style.HATHA, Level.ADVANCED).withSupervised(true),
                Brief.to("king-pigeon", 60, Style.HATHA, Level.ADVANCED),
                Brief.to("splits", 90, Style.HATHA, Level.BEGINNER))) {
            ClassPlan plan = COMPOSER.compose(brief, 1).plan();
            for (Section section : plan.sections()) {
                for (Item item : section.items()) {
                    if (section.role() != SectionRole.SALUTATIONS
                            || !(item instanceof Flow flow)
                            || flow.settings().rounds() != 3) continue;
                    if (flow.settings().name().equals("lunge salute")) forms++;
                    long[] rounds = new long[4];
                    for (Moment moment : UNFOLDER.unfold(plan, null).moments())
                        if (flow.id().equals(moment.flow()) && moment.round() != null)
                            rounds[moment.round()] += moment.lengthMs();
                    assertThat(rounds[3]).as(flow.settings().name()).isGreaterThan(rounds[1]);
                }
            }
        }
        assertThat(forms).as("short forms").isPositive();
    }

    @Test
    void aPlayfulClassStandsOnOneLegMoreOften() {
        assertThat(onOneLeg(HALF_MOON.with(Flavour.PLAYFUL))).isGreaterThan(onOneLeg(HALF_MOON));
    }

    /** How often three ideas of a brief do. */
    private static long onOneLeg(Brief brief) {
        return LongStream.rangeClosed(1, 3)
                .mapToObj(idea -> COMPOSER.compose(brief, idea).plan())
                .flatMap(plan -> Sequences.poses(plan).stream())
                .filter(id -> CATALOGUE.pose(id).demands(Action.ONE_LEG_BALANCE) > 1)
                .count();
    }

    /** Four peaks whose classes hold a plank by itself among standing flows. */
    @Test
    void aPlankIsNotHeldBetweenTwoMountains() {
        int held = 0;
        for (String peak : List.of("crow", "side-crow", "handstand", "firefly")) {
            for (Level level : List.of(Level.INTERMEDIATE, Level.ADVANCED)) {
                List<Moment> moments =
                        UNFOLDER.unfold(plan(Brief.to(peak, 60, Style.VINYASA, level)), null).moments().stream()
                                .filter(moment -> moment.pose() != null)
                                .toList();
                for (int i = 1; i + 1 < moments.size(); i++) {
                    Moment plank = moments.get(i);
                    if (plank.flow() != null || CATALOGUE.pose(plank.pose()).base() != Base.PLANK) continue;
                    held++;
                    assertThat(List.of(
                                    moments.get(i - 1).pose(),
                                    moments.get(i + 1).pose()))
                            .as(peak + " " + level)
                            .isNotEqualTo(List.of("mountain", "mountain"));
                }
            }
        }
        assertThat(held).isPositive();
    }

    @Test
    void moreFloorHasMoreOfItAndGentlerIsGentler() {
        assertThat(floorMs(plan(HALF_MOON.with(Set.of(Wish.MORE_FLOOR))))).isGreaterThan(floorMs(plan(HALF_MOON)));
        assertThat(effort(plan(HALF_MOON.with(Set.of(Wish.GENTLER))))).isLessThan(effort(plan(HALF_MOON)));
    }

    @Test
    void whatIsPlannedIsWrittenPlainlyAndBeginsOnTheSideOfTheClass() {
        ClassPlan plan = plan(HALF_MOON.with(Side.LEFT));
        assertThat(steps(plan)).noneMatch(step -> step.dose() instanceof Range);
        assertThat(plan.settings().begins()).isEqualTo(Side.LEFT);
        assertThat(steps(plan))
                .filteredOn(step ->
                        step.sides() instanceof SideRule.Both && !step.note().startsWith("Once more"))
                .isNotEmpty()
                .allMatch(step -> ((SideRule.Both) step.sides()).first() == Side.LEFT);
    }

    @Test
    void beginnersAreTaughtTheFirstRound() {
        ClassPlan plan = plan(Brief.to("tree", 60, Style.VINYASA, Level.BEGINNER));
        Flow flow = (Flow) plan.find(Taught.MAIN_FLOW).orElseThrow();
        assertThat(flow.settings().pace().modeIn(1)).isEqualTo(Mode.LEARN);
        assertThat(flow.settings().pace().modeIn(2)).isEqualTo(Mode.BREATH);
    }

    @Test
    void salutationsFollowTheLegRuleOfTheTeachersSchool() {
        School sameFront = School.UNSET.with(School.LegRule.SAME_FRONT);
        Composer other =
                new Composer(CATALOGUE, new Unfolder(CATALOGUE, Pace.defaults()), sameFront, Compositions.PHRASES);
        for (long idea = 1; idea <= 6; idea++) {
            for (boolean same : new boolean[] {false, true}) {
                ClassPlan plan =
                        (same ? other : COMPOSER).compose(HALF_MOON, idea).plan();
                Flow salute = salute(plan);
                List<SideRule> lunges = salute.steps().stream()
                        .filter(step -> CATALOGUE.pose(step.pose()).base() == Base.LUNGE)
                        .map(Step::sides)
                        .filter(SideRule::followsLead)
                        .toList();
                if (lunges.size() != 2) continue;
                assertThat(lunges.get(0).equals(lunges.get(1))).isEqualTo(same);
            }
        }
    }

    @Test
    void hathaClassesAlsoSaluteWithTheTwelvePositions() {
        List<String> names = new ArrayList<>();
        for (long idea = 1; idea <= 10; idea++) {
            ClassPlan plan = COMPOSER.compose(Brief.to("dancer", 60, Style.HATHA, Level.INTERMEDIATE), idea)
                    .plan();
            Flow salute = salute(plan);
            names.add(salute.settings().name());
        }
        assertThat(names).anyMatch(name -> name.startsWith("Twelve positions"));
        assertThat(names.stream().distinct().count())
                .as("none is the right one")
                .isGreaterThan(1);
    }

    @Test
    void aPoseOfHighRiskComesWithAWayOutPropsAndSomebodyWhoWatches() {
        ClassPlan plan =
                plan(Brief.to("headstand", 75, Style.HATHA, Level.ADVANCED).withSupervised(true));
        List<Step> risky = steps(plan).stream()
                .filter(step ->
                        step.pose() != null && CATALOGUE.pose(step.pose()).risk() == Risk.HIGH)
                .toList();
        assertThat(risky).hasSizeGreaterThan(1).allSatisfy(step -> {
            assertThat(step.note()).contains("Way out: ", "Watched by the teacher, at most 4 mats");
            assertThat(step.props()).isNotEmpty();
        });
    }

    @Test
    void whatTheRoomHasNotIsNotPlannedAndIsTold() {
        Room bare = new Room("The loft", Map.of(), false, 10);
        Brief brief = HALF_MOON.with(new People(10, Map.of(), bare));
        Draft draft = COMPOSER.compose(brief, 1);
        assertThat(steps(draft.plan())).noneMatch(step -> "half-moon-block".equals(step.pose()));
        assertThat(draft.leftOut())
                .anyMatch(out -> out.why() == LeftOut.Why.PROPS && out.words().contains("the room has no"));
    }

    @Test
    void aBriefIsForTenMinutesToTwoHours() {
        assertThatThrownBy(() -> Brief.to("tree", 9, Style.HATHA, Level.BEGINNER))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("from 10 to 120");
        for (int minutes : new int[] {10, 15, 20, 25, 50, 105, 120}) {
            Draft draft = COMPOSER.compose(Brief.to("tree", minutes, Style.HATHA, Level.BEGINNER), 1);
            long off = draft.totalMs() - minutes * 60_000L;
            assertThat(Math.abs(off)).as(minutes + " min").isLessThanOrEqualTo(30_000);
            assertThat(UNFOLDER.unfold(draft.plan(), null).isEven()).isTrue();
        }
    }

    @Test
    void aKeptDraftIsLookedAtAsItIsNow() {
        Draft draft = COMPOSER.compose(HALF_MOON, 3);
        Draft again = COMPOSER.look(draft.plan(), HALF_MOON, 3);
        assertThat(again.goal()).isEqualTo(draft.goal());
        assertThat(again.report()).isEqualTo(draft.report());
        assertThat(again.totalMs()).isEqualTo(draft.totalMs());
    }

    @Test
    void anotherPhraseTakesThePlaceOfOneAndTheSlotIsKept() {
        ClassPlan plan = COMPOSER.compose(HALF_MOON, 1).plan();
        List<String> names = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            Flow flow = (Flow) plan.find(Taught.MAIN_FLOW).orElseThrow();
            names.add(flow.settings().name());
            String begins = CATALOGUE.pose(flow.steps().get(0).pose()).base().word();
            plan = COMPOSER.otherPhrase(plan, HALF_MOON, 1, flow).orElseThrow();
            Flow other = (Flow) plan.find(Taught.MAIN_FLOW).orElseThrow();
            assertThat(CATALOGUE.pose(other.steps().get(0).pose()).base().word())
                    .isEqualTo(begins);
            long off = UNFOLDER.unfold(plan, null).totalMs() - 60 * 60_000L;
            assertThat(Math.abs(off)).isLessThanOrEqualTo(30_000);
        }
        assertThat(names).as("each comes once before one comes again").doesNotHaveDuplicates();
        Flow cats = (Flow) section(plan, SectionRole.WARM_UP).items().stream()
                .filter(Flow.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(COMPOSER.otherPhrase(plan, HALF_MOON, 1, cats))
                .as("cow and cat is no phrase of the book")
                .isEmpty();
    }

    @Test
    void aClassHasItsIdeaInTheWarmUpAndLyingAtTheEnd() {
        for (long idea = 1; idea <= 6; idea++) {
            ClassPlan plan = COMPOSER.compose(HALF_MOON, idea).plan();
            Concept concept = Concepts.all().stream()
                    .filter(one -> plan.settings().title().endsWith(one.name()))
                    .findFirst()
                    .orElseThrow();
            assertThat(plan.settings().theme().sentence()).isEqualTo(concept.sentenceTo("half moon"));
            assertThat(poses(section(plan, SectionRole.WARM_UP))).containsAnyElementsOf(concept.small());
            assertThat(poses(section(plan, SectionRole.COOL_DOWN))).containsAnyElementsOf(concept.lying());
        }
    }

    @Test
    void whatIsKeptAndWhatIsNewHaveNamesOfTheirOwn() {
        int looked = 0;
        for (String peak : List.of("half-moon", "camel")) {
            Brief brief = Brief.to(peak, 60, Style.VINYASA, Level.INTERMEDIATE);
            for (Section section : plan(brief).sections()) {
                for (Item item : section.items()) {
                    if (!(item instanceof Flow)) continue;
                    Brief.Kept kept = new Brief.Kept(section.role(), item);
                    ClassPlan again = plan(brief.withKept(List.of(kept)).with(Set.of(Wish.GENTLER)));
                    assertThat(PlanRules.brokenIn(again, CATALOGUE))
                            .as("%s with %s", peak, item.id())
                            .isEmpty();
                    assertThat(again.find(item.id()))
                            .as("it is there as it was")
                            .contains(item);
                    looked++;
                }
            }
        }
        assertThat(looked).isGreaterThan(12);
    }

    private static List<String> poses(Section section) {
        List<String> poses = new ArrayList<>();
        for (Item item : section.items()) {
            List<Step> steps = item instanceof Flow flow ? flow.steps() : List.of((Step) item);
            steps.forEach(step -> poses.add(step.pose()));
        }
        return poses;
    }

    @Test
    void beforeItsLessonThePeakIsNotDoneOnABreath() {
        for (String peak : List.of("half-moon", "dancer", "warrior-3", "eagle")) {
            ClassPlan plan = plan(Brief.to(peak, 60, Style.VINYASA, Level.INTERMEDIATE));
            boolean lesson = false;
            for (Section section : plan.sections()) {
                lesson |= section.role() == SectionRole.PEAK;
                if (!lesson) assertThat(poses(section)).as(peak).doesNotContain(peak);
            }
        }
    }
}
