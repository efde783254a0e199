package gurukram.core.schools;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.body.Side;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.schools.SideBySide.Asked;
import gurukram.core.schools.SideBySide.Row;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Schools beside each other, and a class that goes over. */
class SchoolsTest {
    private static final Unfolder UNFOLDER = new Unfolder(CATALOGUE, Pace.defaults());

    private static Way way(String list, LegRule legs) {
        return new Way(list, legs, null, null, null);
    }

    private static SideBySide beside(FlowSettings settings, Way... ways) {
        List<Asked> asked = java.util.Arrays.stream(ways)
                .map(way -> new Asked(String.valueOf(way.list()), way, null))
                .toList();
        return SideBySide.of(asked, settings, CATALOGUE, UNFOLDER);
    }

    private static SideBySide four() {
        return beside(
                FlowSettings.of(1),
                TwelvePositions.LISTS.stream()
                        .map(list -> way(list, LegRule.RETURNING))
                        .toArray(Way[]::new));
    }

    @Test
    void theFourListsDifferAtFiveSixSevenAndTwelveAndInBreath() {
        SideBySide four = four();
        assertThat(four.rows()).hasSize(12);
        assertThat(four.rows().stream().filter(Row::poseDiffers).map(Row::n)).containsExactly(5, 6, 7, 12);
        assertThat(four.rows().stream().filter(Row::breathDiffers).map(Row::n)).contains(5, 6);
        assertThat(four.rows().stream().anyMatch(Row::frontDiffers)).isFalse();
        assertThat(four.rows().get(4).cells().stream().map(cell -> cell.breath()))
                .containsExactly("out", "held in", "out then in", "out");
        assertThat(four.rows().get(5).cells().get(3).breath()).isEqualTo("out, goes on");
        assertThat(four.differing()).contains(5, 6, 7, 12).doesNotContain(2, 3, 4, 8, 9, 10, 11);
        assertThat(four.columns().get(2).cells())
                .as("two half-breaths are one position")
                .hasSize(12);
    }

    @Test
    void theLegRulesDifferAtNineOnly() {
        SideBySide two = beside(FlowSettings.of(1), way("b", LegRule.RETURNING), way("b", LegRule.SAME_FRONT));
        assertThat(two.differing()).containsExactly(9);
        Row nine = two.rows().get(8);
        assertThat(nine.frontDiffers()).isTrue();
        // right-led: the right foot went back, so the right comes forward; under same front the left stays
        assertThat(nine.cells().get(0).front()).isEqualTo(Side.RIGHT);
        assertThat(nine.cells().get(1).front()).isEqualTo(Side.LEFT);
        assertThat(nine.cells().get(0).other()).isEqualTo(Side.LEFT);
        assertThat(nine.cells().get(1).other())
                .as("second half, led by the left")
                .isEqualTo(Side.RIGHT);
        assertThat(beside(FlowSettings.of(1), way("b", LegRule.RETURNING), way("b", LegRule.RETURNING))
                        .differing())
                .isEmpty();
    }

    /** arithmetic.md, section 10, examples 1 and 2. */
    @Test
    void roundsAreWhatTheSchoolCallsThem() {
        FlowSettings five = FlowSettings.of(8).withPace(TypedPace.parse("5 s a position"));
        SideBySide beside = beside(
                five,
                new Way("b", LegRule.RETURNING, Counting.ONE_SIDE, new Join.Separate(), null),
                new Way("b", LegRule.RETURNING, Counting.ONE_SIDE, new Join.Shared(0, 1), null),
                new Way("b", LegRule.RETURNING, Counting.BOTH_SIDES, new Join.Separate(), null),
                new Way("b", LegRule.RETURNING, Counting.BOTH_SIDES, new Join.Shared(0, 1), null));
        assertThat(beside.columns().stream().map(column -> column.sums().positions()))
                .containsExactly(96, 89, 192, 177);
        assertThat(beside.columns().stream().map(column -> column.sums().ms() / 1000))
                .containsExactly(480L, 445L, 960L, 885L);
        Sums eight = beside.columns().get(0).sums();
        assertThat(eight.right().backs()).isEqualTo(8);
        assertThat(eight.left().firstBacks()).isEqualTo(4);
        FlowSettings seven = FlowSettings.of(7).withPace(TypedPace.parse("5 s a position"));
        SideBySide legs = beside(
                seven,
                new Way("b", LegRule.SAME_FRONT, Counting.ONE_SIDE, null, null),
                new Way("b", LegRule.RETURNING, Counting.ONE_SIDE, null, null));
        assertThat(legs.columns().stream()
                        .map(column -> column.sums().left().frontLunges() + " "
                                + column.sums().right().frontLunges()))
                .containsExactly("8 6", "7 7");
    }

    @Test
    void onesOwnStandsBesideTheLists() {
        ClassPlan plan = Notation.plan("""
                class: Own
                salutations:
                flow "quay", 2 rounds, both sides
                  raised arms, in
                  standing fold, out
                  low lunge, other, in
                  downward dog, out
                  low lunge, lead, in
                  standing fold, out
                  raised arms, in
                  prayer stand, out
                end flow
                """);
        Flow own = (Flow) plan.sections().get(0).children().get(0);
        SideBySide beside = SideBySide.of(
                List.of(
                        new Asked("quay", Way.AS_IT_IS, own),
                        new Asked("quay, same front", way(null, LegRule.SAME_FRONT), own),
                        new Asked("b", way("b", LegRule.RETURNING), null)),
                FlowSettings.of(2),
                CATALOGUE,
                UNFOLDER);
        assertThat(beside.rows()).hasSize(12);
        assertThat(beside.rows().get(8).cells().get(0)).isNull();
        assertThat(beside.rows().get(8).differs()).isTrue();
        assertThat(beside.columns().get(0).cells().get(4).front()).isEqualTo(Side.RIGHT);
        assertThat(beside.columns().get(1).cells().get(4).front()).isEqualTo(Side.LEFT);
        assertThat(beside.columns().get(0).sums().positions()).isEqualTo(32);
    }

    private static final String EIGHT = """
            class: Eight
            - 30 min, hatha, beginner
            salutations:
            twelve positions b, 4 rounds, both sides
            standing:
            tree, both, 5 breaths
            flow "quay", 3 rounds, both sides
              raised arms, in
              standing fold, out
              half lift, in
              standing fold, out
            end flow
            """;

    @Test
    void aClassThatGoesOverIsToldInNumbers() {
        ClassPlan plan = Notation.plan(EIGHT);
        Switch legs = Switch.of(plan, way(null, LegRule.SAME_FRONT), CATALOGUE, UNFOLDER);
        assertThat(legs.changed()).containsExactly("Twelve positions b: the leg in front at 9");
        assertThat(legs.told()).containsExactly("Minutes, positions and lunges a leg stay as they are.");
        assertThat(legs.before().right().frontLunges()).isEqualTo(8);
        assertThat(legs.after().right().frontLunges())
                .as("both halves even it out")
                .isEqualTo(8);
        assertThat(legs.plan().settings().school().legRule()).isEqualTo(LegRule.SAME_FRONT);
        Switch one =
                Switch.of(plan, new Way(null, LegRule.SAME_FRONT, Counting.ONE_SIDE, null, null), CATALOGUE, UNFOLDER);
        assertThat(one.told()).contains("Passes: 10 instead of 14.");
        assertThat(one.told()).anyMatch(line -> line.startsWith("Positions: ") && line.contains(" instead of "));
        assertThat(one.told()).anyMatch(line -> line.startsWith("Lunges with the right leg in front: 4 instead of 8"));
        assertThat(one.told()).anyMatch(line -> line.contains(" shorter."));
    }

    @Test
    void onlySalutationsGoOverAndTheOtherWaysAreTakenToo() {
        ClassPlan plan = Notation.plan(EIGHT.replace(
                "  half lift, in\n", "  high lunge, lead, in\n  half lift, out\n  high lunge, other, in\n"));
        Switch over = Switch.of(
                plan, new Way(null, null, Counting.ONE_SIDE, new Join.Shared(0, 1), Side.LEFT), CATALOGUE, UNFOLDER);
        assertThat(over.changed())
                .as("two lunges without plank or dog between are no salutation")
                .containsExactly("Twelve positions b: a round is one side; rounds meet: shared 0 1; the left first");
        ClassPlan same = Switch.of(plan, way(null, LegRule.SAME_FRONT), CATALOGUE, UNFOLDER)
                .plan();
        ClassPlan other = Switch.of(same, way("c", null), CATALOGUE, UNFOLDER).plan();
        assertThat(Switch.of(other, way(null, LegRule.SAME_FRONT), CATALOGUE, UNFOLDER)
                        .changesNothing())
                .as("the leg rule of before holds in another list")
                .isTrue();
        SideBySide led = beside(
                FlowSettings.of(1),
                new Way("b", LegRule.RETURNING, null, null, Side.RIGHT),
                new Way("b", LegRule.RETURNING, null, null, Side.LEFT));
        assertThat(led.differing()).containsExactly(4, 9);
    }

    @Test
    void anotherListKeepsNamesWordsAndRounds() {
        ClassPlan plan = Notation.plan(EIGHT.replace("both sides\nstanding", "both sides, with sun names\nstanding"));
        Switch over = Switch.of(plan, way("c", null), CATALOGUE, UNFOLDER);
        Flow before = (Flow) plan.sections().get(0).children().get(0);
        Flow after = (Flow) over.plan().sections().get(0).children().get(0);
        assertThat(after.steps().stream().map(step -> step.id()).toList())
                .isEqualTo(before.steps().stream().map(step -> step.id()).toList());
        assertThat(after.steps().stream().map(step -> step.texts()).toList())
                .isEqualTo(before.steps().stream().map(step -> step.texts()).toList());
        assertThat(after.steps().stream().map(step -> step.pose()).collect(Collectors.toList()))
                .contains("low-push-up", "upward-dog")
                .doesNotContain("eight-points");
        assertThat(after.settings().name()).isEqualTo("Twelve positions c");
        assertThat(over.changed()).containsExactly("Twelve positions b: the pose at 6, 7; the breath at 5");
        assertThat(over.plan().sections().get(1)).isEqualTo(plan.sections().get(1));
        Switch back = Switch.of(over.plan(), way("b", null), CATALOGUE, UNFOLDER);
        assertThat(back.plan()).as("there and back").isEqualTo(plan);
    }

    @Test
    void everyWayThereAndBackIsTheClassItself() {
        for (String from : TwelvePositions.LISTS)
            for (LegRule legs : LegRule.values())
                for (String to : TwelvePositions.LISTS)
                    for (LegRule rule : LegRule.values()) {
                        ClassPlan plan = Notation.plan(
                                "class: X\n- school: %s leg\nsalutations:\ntwelve positions %s, 3 rounds, both sides\n"
                                        .formatted(legs == LegRule.RETURNING ? "returning" : "same front", from));
                        ClassPlan there = Switch.of(plan, way(to, rule), CATALOGUE, UNFOLDER)
                                .plan();
                        ClassPlan wanted = Notation.plan(
                                "class: X\n- school: %s leg\nsalutations:\ntwelve positions %s, 3 rounds, both sides\n"
                                        .formatted(rule == LegRule.RETURNING ? "returning" : "same front", to));
                        assertThat(there)
                                .as("%s %s to %s %s", from, legs, to, rule)
                                .isEqualTo(wanted);
                        assertThat(Switch.of(there, way(from, legs), CATALOGUE, UNFOLDER)
                                        .plan())
                                .isEqualTo(plan);
                    }
    }

    @Test
    void whatCannotChangeSaysSo() {
        ClassPlan none = Notation.plan("class: X\nstanding:\ntree, both, 5 breaths\n");
        Switch nothing = Switch.of(none, way("c", LegRule.SAME_FRONT), CATALOGUE, UNFOLDER);
        assertThat(nothing.changesNothing()).isTrue();
        assertThat(nothing.plan()).isEqualTo(none);
        assertThat(nothing.left())
                .containsExactly("There is no salutation with two lunges in this class, so nothing changes.");
        Switch same = Switch.of(Notation.plan(EIGHT), Way.AS_IT_IS, CATALOGUE, UNFOLDER);
        assertThat(same.changesNothing()).isTrue();
        assertThat(same.told()).isEmpty();
    }
}
