package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.compose.Compositions.COMPOSER;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Way;
import gurukram.core.dose.Dose;
import gurukram.core.group.People;
import gurukram.core.group.Room;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Prop;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.manner.Stage;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** What the parts of a draft have to have, whatever the brief. */
class BuildTest {
    private static final List<ClassPlan> PLANS = plans();

    private static List<ClassPlan> plans() {
        List<ClassPlan> plans = new ArrayList<>();
        for (String peak : List.of("crow", "half-moon", "camel", "tree"))
            for (Style style : Style.values())
                for (long idea = 1; idea <= 3; idea++)
                    plans.add(COMPOSER.compose(Brief.to(peak, 75, style, Level.INTERMEDIATE), idea)
                            .plan());
        return plans;
    }

    private static List<Item> items(ClassPlan plan, SectionRole role) {
        List<Item> items = new ArrayList<>();
        for (Section section : plan.sections()) if (section.role() == role) items.addAll(section.items());
        return items;
    }

    @Test
    void everyPartThatHasPhrasesHasAPlaceInSomeClass() {
        Set<SectionRole> taught = new HashSet<>();
        for (ClassPlan plan : PLANS)
            for (Section section : plan.sections())
                for (Item item : section.items())
                    if (item instanceof Flow flow
                            && Compositions.PHRASES
                                    .called(flow.settings().name())
                                    .isPresent()) taught.add(section.role());
        assertThat(taught)
                .contains(
                        SectionRole.WARM_UP,
                        SectionRole.SALUTATIONS,
                        SectionRole.STANDING,
                        SectionRole.STRENGTH,
                        SectionRole.BALANCE,
                        SectionRole.FLOOR,
                        SectionRole.COOL_DOWN);
    }

    @Test
    void holdsWithSidesAreChainsInTheCoolDown() {
        int chains = 0;
        for (ClassPlan plan : PLANS)
            for (Item item : items(plan, SectionRole.COOL_DOWN))
                if (item instanceof Flow flow && flow.id().value().endsWith("-side")) chains++;
        assertThat(chains).isPositive();
    }

    /** Every fifteenth brief of the matrix, drafted once. */
    private static final List<Draft> SOME = Compositions.some(Compositions.matrix(), 15).stream()
            .map(brief -> COMPOSER.compose(brief, 1))
            .toList();

    private static Pose first(Item item) {
        Step step = item instanceof Flow flow ? flow.steps().get(0) : (Step) item;
        return CATALOGUE.pose(Objects.requireNonNullElse(step.pose(), "mountain"));
    }

    @Test
    void whoWatchesTheLessonStandsOrSits() {
        int watched = 0;
        for (Draft draft : SOME)
            for (Item item : items(draft.plan(), SectionRole.PEAK)) {
                if (!(item instanceof Step step) || !step.texts().note().startsWith("Show it once")) continue;
                watched++;
                assertThat(step.pose()).as(draft.plan().settings().title()).isIn("mountain", "easy-seat");
                boolean low = Places.isLow(Objects.requireNonNull(draft.goal()).pose());
                assertThat(step.pose().equals("easy-seat"))
                        .as(draft.plan().settings().title())
                        .isEqualTo(low);
            }
        assertThat(watched).isGreaterThan(20);
    }

    private static List<Step> peaks(Draft draft) {
        List<Step> steps = new ArrayList<>();
        String peak = Objects.requireNonNull(draft.goal()).pose().id();
        for (Item item : items(draft.plan(), SectionRole.PEAK))
            for (Step step : item instanceof Flow flow ? flow.steps() : List.of((Step) item))
                if (peak.equals(step.pose())) steps.add(step);
        return steps;
    }

    /** The ladder tells it in words, right below the pose; there is only one stage on one leg besides. */
    @Test
    void aRungInWordsIsAStageOfTheLessonAndWhatItNeedsLiesReady() {
        Draft draft = COMPOSER.compose(Brief.to("standing-hand-to-toe", 60, Style.HATHA, Level.INTERMEDIATE), 1);
        Step first = peaks(draft).get(0);
        assertThat(first.manner().stages()).extracting(Stage::words).containsExactly("standing, heel on a chair seat");
        assertThat(first.props()).extracting(Prop::name).contains("chair", "strap");
        assertThat(draft.plan().sections().get(0).texts().note()).contains("1 chair");
        Room bare = new Room("the loft", Map.of("strap", 20), true, 12);
        Brief without = draft.brief().with(new People(12, Map.of(), bare));
        assertThat(peaks(COMPOSER.compose(without, 1)).get(0).manner().stages()).isEmpty();
    }

    /** What is not held, or done elsewhere in the room, is not stayed in; nor is what has a pose of its own between it and the peak. */
    @Test
    void whatIsNoStageIsNotToldAsOne() {
        Map<String, List<String>> stages = new TreeMap<>();
        for (String peak : List.of("headstand", "forearm-stand", "upward-bow", "low-push-up", "garland")) {
            Brief brief = Brief.to(peak, 60, Style.HATHA, Level.ADVANCED).withSupervised(true);
            for (Step step : peaks(COMPOSER.compose(brief, 1)))
                for (Stage stage : step.manner().stages())
                    stages.computeIfAbsent(peak, p -> new ArrayList<>()).add(stage.words());
        }
        assertThat(stages)
                .isEqualTo(Map.of(
                        "garland", List.of("full squat, heels on a rolled blanket", "squat on the block laid low")));
    }

    @Test
    void nobodyBalancesRightBehindASoftStretch() {
        int balances = 0;
        List<Draft> drafts = new ArrayList<>(SOME);
        drafts.add(COMPOSER.compose(Brief.to("bird-of-paradise", 45, Style.HATHA, Level.ADVANCED), 1));
        drafts.add(COMPOSER.compose(Brief.to("standing-hand-to-toe", 30, Style.HATHA, Level.ADVANCED), 1));
        for (Draft draft : drafts) {
            List<Section> parts = draft.plan().sections();
            for (int i = 1; i < parts.size(); i++) {
                if (parts.get(i - 1).role() != SectionRole.STANDING) continue;
                List<Item> standing = parts.get(i - 1).items();
                boolean stands = first(parts.get(i).items().get(0)).demands(Action.ONE_LEG_BALANCE) >= 2;
                if (!stands) continue;
                balances++;
                if (!(standing.get(standing.size() - 1) instanceof Step last) || last.pose() == null) continue;
                Pose pose = CATALOGUE.pose(last.pose());
                assertThat(pose.hold() == Hold.PASSIVE && pose.depth() >= 2)
                        .as(draft.plan().settings().title() + ": " + last.pose())
                        .isFalse();
            }
        }
        assertThat(balances).isGreaterThan(2);
    }

    @Test
    void wristsAreWarmBeforeAnythingLeansOnThem() {
        int leaning = 0;
        for (Draft draft : SOME) {
            List<Item> warmUp = items(draft.plan(), SectionRole.WARM_UP);
            int circles = -1;
            int leans = -1;
            for (int i = 0; i < warmUp.size(); i++) {
                if (first(warmUp.get(i)).id().equals("wrist-circles")) circles = i;
                boolean single = warmUp.get(i) instanceof Step;
                if (single && leans < 0 && first(warmUp.get(i)).id().equals("wrist-rocks")) leans = i;
            }
            if (circles < 0 || leans < 0) continue;
            leaning++;
            assertThat(circles).as(draft.plan().settings().title()).isLessThan(leans);
        }
        Draft handstand = COMPOSER.compose(Brief.to("handstand", 30, Style.VINYASA, Level.BEGINNER), 1);
        assertThat(CraftRules.broken(handstand)).doesNotContainKey("12");
        assertThat(leaning).isPositive();
    }

    @Test
    void aClassThatWouldRiseOnceRestsBeforeTheLesson() {
        int rested = 0;
        for (Draft draft : SOME) {
            List<Item> peak = items(draft.plan(), SectionRole.PEAK);
            if (peak.isEmpty() || !(peak.get(0) instanceof Step step)) continue;
            boolean longer = step.dose() instanceof Dose.Open open && open.seconds() > 60;
            if (!longer && !step.texts().note().startsWith("A rest before")) continue;
            rested++;
            assertThat(draft.brief().style()).isEqualTo(Style.VINYASA);
            assertThat(draft.brief().minutes()).isGreaterThanOrEqualTo(45);
        }
        assertThat(rested).isPositive();
    }

    @Test
    void whatIsToLieReadyStandsInOneLine() {
        int told = 0;
        for (ClassPlan plan : PLANS) {
            long lines = plan.sections()
                    .get(0)
                    .texts()
                    .note()
                    .lines()
                    .filter(line -> line.startsWith("Have ready"))
                    .count();
            assertThat(lines).isLessThanOrEqualTo(1);
            told += (int) lines;
        }
        assertThat(told).isPositive();
    }

    @Test
    void nobodyStandsUpFromLyingWithoutAStepBetween() {
        for (ClassPlan plan : PLANS)
            assertThat(last(items(plan, SectionRole.WARM_UP)))
                    .hasValueSatisfying(base -> assertThat(base).isNotIn(Base.SUPINE, Base.PRONE, Base.SIDE_LYING));
    }

    @Test
    void nobodyLiesDownFromStandingWithoutAStepBetween() {
        int downs = 0;
        List<ClassPlan> plans = new ArrayList<>(PLANS);
        for (String peak : List.of("revolved-half-moon", "splits", "reclined-hand-to-toe", "dancer"))
            for (Level level : Level.values())
                plans.add(COMPOSER.compose(Brief.to(peak, 45, Style.HATHA, level), 1)
                        .plan());
        for (ClassPlan plan : plans) {
            Base before = null;
            for (Section section : plan.sections()) {
                Base first = CATALOGUE
                        .pose(
                                section.items().get(0).poses().isEmpty()
                                        ? "easy-seat"
                                        : section.items().get(0).poses().get(0))
                        .base();
                if (section.role() == SectionRole.COOL_DOWN && before != null) {
                    assertThat(Way.legs(before, first))
                            .as(plan.settings().title() + ", from " + before + " to " + first)
                            .isLessThan(3);
                    if (before == Base.STANDING || before == Base.LUNGE) downs++;
                }
                before = last(section.items()).orElse(before);
            }
        }
        assertThat(downs).isPositive();
    }

    /** One minute, one and a half, two: what a leg carries in a row, by level. */
    @Test
    void theStagesOfAPeakStandOnOneLegAsLongAsItCarries() {
        int chains = 0;
        for (String peak :
                List.of("eagle", "warrior-3", "dancer", "half-moon", "bird-of-paradise", "standing-hand-to-toe")) {
            for (Level level : Level.values()) {
                ClassPlan plan = COMPOSER.compose(Brief.to(peak, 75, Style.HATHA, level), 1)
                        .plan();
                for (Item item : items(plan, SectionRole.PEAK)) {
                    if (!(item instanceof Flow flow)) continue;
                    chains++;
                    long onOneLeg = Compositions.UNFOLDER.unfold(plan, null).moments().stream()
                            .filter(moment -> flow.id().equals(moment.flow()) && moment.side() == Side.RIGHT)
                            .filter(moment -> CATALOGUE.pose(moment.pose()).demands(Action.ONE_LEG_BALANCE) >= 1)
                            .mapToLong(Moment::lengthMs)
                            .sum();
                    assertThat(onOneLeg)
                            .as("%s for %s, ms", flow.settings().name(), level)
                            .isLessThanOrEqualTo(60_000L + 30_000L * level.ordinal());
                }
            }
        }
        assertThat(chains).isPositive();
    }

    private static Optional<Base> last(List<Item> items) {
        Item item = items.get(items.size() - 1);
        Step step = item instanceof Flow flow ? flow.steps().get(flow.steps().size() - 1) : (Step) item;
        return Optional.ofNullable(step.pose()).map(id -> CATALOGUE.pose(id).base());
    }
}
