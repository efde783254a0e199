package gurukram.core.score;

import static gurukram.core.Notation.plan;
import static gurukram.core.Notation.score;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.AnyPlan;
import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.Mirrored;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.SideRule;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TalliesTest {
    private static Tallies of(String text) {
        return Tallies.of(score(text), Plans.CATALOGUE);
    }

    private static Tallies.Row row(List<Tallies.Row> rows, String what) {
        return rows.stream().filter(row -> row.what().equals(what)).findFirst().orElseThrow();
    }

    @Test
    void countsByPoseBaseAndAreaOnEachSide() {
        Tallies tallies = of("""
                floor:
                half pigeon, both, 8 breaths
                half pigeon, right, 30 s
                bird dog, both, 6 reps, 4 s each
                bridge, 10 s
                """);
        assertThat(row(tallies.byPose(), "half-pigeon").right()).isEqualTo(new Amount(94_000, 2, 0, 0));
        assertThat(row(tallies.byPose(), "half-pigeon").left()).isEqualTo(new Amount(64_000, 1, 0, 0));
        assertThat(row(tallies.byPose(), "bird-dog").left()).isEqualTo(new Amount(24_000, 0, 6, 0));
        assertThat(row(tallies.byBase(), "supine").centre()).isEqualTo(new Amount(10_000, 1, 0, 0));
        // half pigeon opens the outer hip of the front shin, and the front of the other hip
        assertThat(row(tallies.byArea(), "outer-hips").right().ms()).isEqualTo(94_000);
        assertThat(row(tallies.byArea(), "hip-front").left().ms()).isEqualTo(94_000);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "plank, 5 breaths / table, 5 breaths / chair, 3 breaths | 2",
                "bird dog, both, 6 reps / plank, out                    | 13",
                "chair, 3 breaths                                       | 0"
            })
    void countsWeightOnTheWrists(String steps, int load) {
        assertThat(of("strength:\n" + steps.replace(" / ", "\n")).wristLoad()).isEqualTo(load);
    }

    private static final Set<String> SIDED =
            Set.of("tree", "half split", "gate", "high lunge", "half pigeon", "lizard");

    @ParameterizedTest
    @CsvSource({
        "easy seat/chair/easy seat/chair, 1, 3",
        "easy seat/chair/bridge/corpse, 1, 2",
        "chair/easy seat/bridge/corpse, 0, 2",
        "easy seat/chair/easy seat/tree/corpse, 2, 4",
        "chair/tree, 0, 0",
        "easy seat/chair/half split/chair/gate/tree, 0, 5",
        "easy seat/chair/hero/chair/hero/tree, 2, 5",
        "easy seat/high lunge/half pigeon/lizard/half pigeon/tree, 1, 5"
    })
    void countsTripsToTheFloorAndChangesOfBase(String poses, int trips, int changes) {
        StringBuilder text = new StringBuilder("standing:\n");
        for (String pose : poses.split("/"))
            text.append(SIDED.contains(pose) ? pose + ", right" : pose).append(", 3 breaths\n");
        assertThat(of(text.toString()).floorTrips()).isEqualTo(trips);
        assertThat(of(text.toString()).baseChanges()).isEqualTo(changes);
    }

    @Test
    void aSalutationThatPassesTheFloorIsNoTrip() {
        assertThat(
                        of("salutations:\neasy seat, 3 breaths\ntwelve positions a, 4 rounds\nend flow\neasy seat, 3 breaths")
                                .floorTrips())
                .isEqualTo(1);
    }

    @Test
    void countsRetentions() {
        Tallies tallies =
                of("breathe:\neasy seat, 4-6-4-2 x 5\nflow, 2 rounds, no sides\nplank, in\nplank, held in\nend flow");
        assertThat(tallies.retentions())
                .as("two holds in each of five cycles, and one in each round")
                .isEqualTo(2 * 5 + 2);
        assertThat(tallies.retentionCounts()).isEqualTo(40);
    }

    @Test
    void countsTwistsByWhereTheyTurn() {
        Tallies.Row twist =
                of("floor:\nlying twist, both, 5 breaths\nlying twist, right, twist to the other side, 5 breaths")
                        .byTwist();
        assertThat(twist.right().holds()).isEqualTo(1);
        assertThat(twist.left().holds()).isEqualTo(2);
    }

    @Property(tries = 300)
    void mirroringExchangesTheSidesAndTwiceIsTheSame(@ForAll long seed) {
        ClassPlan plan = AnyPlan.of(seed);
        ClassPlan mirrored = Mirrored.of(plan);
        assertThat(Mirrored.of(mirrored)).isEqualTo(plan);
        Score score = Plans.score(plan);
        Score other = Plans.score(mirrored);
        assertThat(other.totalMs()).isEqualTo(score.totalMs());
        assertThat(other.right()).isEqualTo(score.left());
        assertThat(other.moments())
                .extracting(Moment::side)
                .isEqualTo(score.moments().stream()
                        .map(m -> m.side() == null ? null : m.side().opposite())
                        .toList());
    }

    @Test
    void equalWhenEverythingIsTwoSided() {
        ClassPlan plan = plan("""
                standing:
                tree, both, 5 breaths
                flow, 3 rounds, both sides, pose by pose
                  low lunge, lead, in
                  - round 2: high lunge
                  - rounds 2-3: then warrior 3, other, out
                end flow
                knees side to side, 5 reps, alternating a side
                """);
        Score score = Plans.score(plan);
        assertThat(score.isEven()).isTrue();
        Tallies tallies = Tallies.of(score, Plans.CATALOGUE);
        assertThat(tallies.byPose())
                .allSatisfy(row ->
                        assertThat(row.right().reps()).isEqualTo(row.left().reps()));
        assertThat(score.moments().stream().filter(m -> m.side() == Side.RIGHT))
                .hasSameSizeAs(score.moments().stream()
                        .filter(m -> m.side() == Side.LEFT)
                        .toList());
    }

    /** Whatever is written: two-sided throughout, it is even. */
    @Property(tries = 300)
    void whatIsTwoSidedThroughoutIsEven(@ForAll long seed) {
        ClassPlan plan = twoSided(AnyPlan.of(seed));
        assertThat(PlanRules.brokenIn(plan, Plans.CATALOGUE)).isEmpty();
        assertThat(Plans.score(plan).isEven()).isTrue();
    }

    private static ClassPlan twoSided(ClassPlan plan) {
        return new ClassPlan(
                plan.settings(),
                plan.sections().stream()
                        .map(section -> section.withChildren(section.items().stream()
                                .map(TalliesTest::twoSided)
                                .toList()))
                        .toList());
    }

    private static Node twoSided(Node node) {
        if (node instanceof Step step) return twoSided(step, new SideRule.Both(Side.LEFT));
        Flow flow = (Flow) node;
        List<Step> steps = flow.steps().stream()
                .map(step -> twoSided(step, new SideRule.Lead()))
                .toList();
        FlowSettings settings = flow.settings().with(Counting.BOTH_SIDES).withJoins(new Join.Separate(), null);
        return new Flow(flow.id(), settings, steps);
    }

    private static Step twoSided(Step step, SideRule rule) {
        Step bare = step.withLayers(List.of());
        return step.sides().isSided() ? bare.withSides(rule) : bare;
    }
}
