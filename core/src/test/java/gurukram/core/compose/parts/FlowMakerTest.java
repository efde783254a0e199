package gurukram.core.compose.parts;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.compose.Compositions.UNFOLDER;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.check.Checks;
import gurukram.core.check.Finding;
import gurukram.core.check.Severity;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Shown;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class FlowMakerTest {
    private static FlowMaker maker(Brief brief, long seed) {
        Pool pool = new Pool(CATALOGUE, brief);
        Pose peak = CATALOGUE.pose(brief.peak());
        Dice dice = new Dice(seed, "test");
        return new FlowMaker(pool, peak, new Merit(brief, peak, Shown.NOTHING, dice), dice);
    }

    private static Brief brief(String peak, Level level) {
        return Brief.to(peak, 60, Style.VINYASA, level);
    }

    @Test
    void flowsGoWithTheBreathInSingleStepsAndAreEven() {
        for (Level level : Level.values()) {
            for (String peak : List.of("half-moon", "warrior-3", "eagle", "crow")) {
                for (long seed = 1; seed <= 4; seed++) {
                    Flow flow = maker(brief(peak, level), seed)
                            .layered("f", "flow", List.of())
                            .orElseThrow();
                    ClassPlan plan = ClassPlan.of(
                            ClassSettings.of("T", 10, Style.VINYASA, level),
                            Section.of(new NodeId("s"), SectionRole.STANDING, flow));
                    List<Finding> findings = new Checks(CATALOGUE, UNFOLDER, School.USUAL, null)
                            .report(plan)
                            .findings();
                    assertThat(findings)
                            .as(peak + " " + level + " " + seed)
                            .noneMatch(f -> List.of(
                                            "breath-clash",
                                            "against-breath",
                                            "step-between",
                                            "foot-step",
                                            "empty-layer")
                                    .contains(f.rule()))
                            .noneMatch(f ->
                                    f.severity() == Severity.MUST && !f.rule().equals("rest"));
                    assertThat(UNFOLDER.unfold(plan, null).isEven()).isTrue();
                    assertThat(flow.steps()).hasSizeBetween(5, 12);
                }
            }
        }
    }

    @Test
    void somethingGrowsInTheSecondRoundAndSomethingInTheThird() {
        Flow flow = maker(brief("half-moon", Level.INTERMEDIATE), 1)
                .layered("f", "flow", List.of())
                .orElseThrow();
        assertThat(layers(flow)).anyMatch(layer -> layer.when().rounds().has(2, 3));
        assertThat(layers(flow))
                .anyMatch(layer -> layer.when().rounds().has(3, 3)
                        && layer.edit() instanceof Layer.Become become
                        && "half-moon".equals(become.pose()));
    }

    private static List<Layer> layers(Flow flow) {
        return flow.steps().stream().flatMap(step -> step.layers().stream()).toList();
    }

    private static List<String> poses(Flow flow) {
        return flow.steps().stream().map(Step::pose).toList();
    }

    @Test
    void aFlowThatIsToBeAvoidedComesInNoLikeness() {
        FlowMaker maker = maker(brief("half-moon", Level.INTERMEDIATE), 1);
        Flow first = maker.layered("f", "flow", List.of()).orElseThrow();
        Flow other = maker.layered("f", "flow", List.of(poses(first))).orElseThrow();
        assertThat(FlowMaker.isLike(poses(first), poses(other))).isFalse();
    }

    @Test
    void withoutWeightOnTheHandsItStaysUpright() {
        Brief brief = brief("tree", Level.BEGINNER).with(Set.of(Wish.NO_WRISTS));
        Flow flow = maker(brief, 1).layered("f", "flow", List.of()).orElseThrow();
        assertThat(poses(flow)).noneMatch(pose -> CATALOGUE.pose(pose).wristLoad());
    }

    @Test
    void theSameFlowComesAgainOnlyWhileAllOfItCanBeDone() {
        FlowMaker maker = maker(brief("half-moon", Level.INTERMEDIATE), 1);
        List<String> poses = poses(maker.layered("f", "flow", List.of()).orElseThrow());
        assertThat(maker.again("f", "flow", poses).map(FlowMakerTest::poses)).contains(poses);
        Brief without = brief("half-moon", Level.INTERMEDIATE).withPoses(Set.of(), Set.of(poses.get(0)));
        Optional<Flow> gone = maker(without, 1).again("f", "flow", poses);
        assertThat(gone).isEmpty();
    }
}
