package gurukram.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.dose.DoseText;
import gurukram.core.plan.edit.Mirrored;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a step is for one level, what the parts of a class should come to, what is behind a mirror. */
class StepAndSharesTest {
    private static final Step TREE = Plans.step("tree", "both", "5 breaths");

    @Test
    void theLastLayerOfALevelGivesItsDoseAndOneOfARoundDoesNot() {
        Step step = TREE.withLayers(List.of(
                new Layer(
                        Plans.id(), When.at(Level.BEGINNER), new Layer.Become(null, null, DoseText.parse("3 breaths"))),
                new Layer(
                        Plans.id(),
                        When.at(Level.BEGINNER),
                        new Layer.Become("chair", null, DoseText.parse("2 breaths"))),
                new Layer(
                        Plans.id(),
                        When.at(Level.BEGINNER).with(Rounds.of(2, 2)),
                        new Layer.Become("mountain", null, DoseText.parse("9 breaths")))));
        assertThat(step.doseFor(Level.BEGINNER)).hasToString("2 breaths");
        assertThat(step.poseFor(Level.BEGINNER)).isEqualTo("chair");
        assertThat(step.doseFor(Level.ADVANCED)).hasToString("5 breaths");
        assertThat(step.poseFor(Level.ADVANCED)).isEqualTo("tree");
        assertThat(step.hasDoseFor(Level.BEGINNER)).isTrue();
        assertThat(step.hasDoseFor(Level.ADVANCED)).isFalse();
        assertThat(step.isLeftOutFor(Level.BEGINNER)).isFalse();
    }

    @Test
    void aStepIsLeftOutForALevelOnlyInAllRounds() {
        Step out = TREE.withLayers(List.of(new Layer(Plans.id(), When.at(Level.BEGINNER), new Layer.Omit())));
        assertThat(out.isLeftOutFor(Level.BEGINNER)).isTrue();
        assertThat(out.isLeftOutFor(Level.ADVANCED)).isFalse();
        Step once = TREE.withLayers(
                List.of(new Layer(Plans.id(), When.at(Level.BEGINNER).with(Rounds.of(1, 1)), new Layer.Omit())));
        assertThat(once.isLeftOutFor(Level.BEGINNER)).isFalse();
    }

    @Test
    void aDoseForALevelIsTakenAwayByNoneOrByTheBaseLines() {
        Step other = TREE.withDoseFor(Level.BEGINNER, DoseText.parse("3 breaths"));
        assertThat(other.hasDoseFor(Level.BEGINNER)).isTrue();
        assertThat(other.withDoseFor(Level.BEGINNER, null)).isEqualTo(TREE);
        assertThat(other.withDoseFor(Level.BEGINNER, TREE.dose())).isEqualTo(TREE);
        Step again = other.withDoseFor(Level.BEGINNER, DoseText.parse("2 breaths"));
        assertThat(again.layers()).hasSize(1);
        assertThat(again.layers().get(0).id()).isEqualTo(other.layers().get(0).id());
        Step both = other.withPoseFor(Level.BEGINNER, "half-moon").withDoseFor(Level.BEGINNER, null);
        assertThat(both.poseFor(Level.BEGINNER)).as("the pose stays").isEqualTo("half-moon");
        assertThat(both.hasDoseFor(Level.BEGINNER)).isFalse();
    }

    @Test
    void layersOfLongNamesAreToldApartByTheirLevel() {
        NodeId longName = new NodeId("n".repeat(40));
        Step step = Step.of(longName, "tree", TREE.sides(), TREE.dose())
                .withDoseFor(Level.BEGINNER, DoseText.parse("3 breaths"))
                .withDoseFor(Level.ADVANCED, DoseText.parse("8 breaths"));
        assertThat(step.layers())
                .extracting(layer -> layer.id().value())
                .doesNotHaveDuplicates()
                .hasSize(2);
    }

    @Test
    void whatEachPartShouldComeTo() {
        ClassPlan plan = Notation.plan(String.join(
                "\n",
                "class: T",
                "- 60 min, vinyasa, intermediate",
                "standing:",
                "tree, both, 5 breaths",
                "balance:",
                "tree, both, 5 breaths",
                "standing:",
                "tree, both, 5 breaths",
                "counterposes:",
                "mountain, 5 breaths",
                "rest:",
                "final rest, 300 s"));
        List<Section> parts = plan.sections();
        Map<NodeId, Long> targets = Shares.targets(plan, 120_000);
        // 58 minutes are shared 24 : 8 : 8, and the two standing parts share alike
        long left = 58 * 60_000L;
        assertThat(targets)
                .containsEntry(parts.get(0).id(), left * 24 / 40 / 2)
                .containsEntry(parts.get(1).id(), left * 8 / 40)
                .containsEntry(parts.get(2).id(), left * 24 / 40 / 2)
                .containsEntry(parts.get(4).id(), left * 8 / 40)
                .doesNotContainKey(parts.get(3).id());
        ClassPlan typed = plan.with(plan.settings());
        typed = new ClassPlan(
                typed.settings(),
                List.of(parts.get(0).withMinutes(10), parts.get(1), parts.get(2), parts.get(3), parts.get(4)));
        Map<NodeId, Long> others = Shares.targets(typed, 0);
        assertThat(others)
                .containsEntry(parts.get(0).id(), 600_000L)
                .containsEntry(parts.get(2).id(), 3_000_000L * 24 / 40)
                .containsEntry(parts.get(1).id(), 3_000_000L * 8 / 40);
        assertThat(Shares.targets(plan, 61 * 60_000L))
                .containsEntry(parts.get(1).id(), 0L);
        assertThat(Shares.of(SectionRole.REST, Style.HATHA)).hasValue(10);
        assertThat(Shares.of(SectionRole.REST, Style.VINYASA)).hasValue(8);
        assertThat(Shares.of(SectionRole.TALK, Style.VINYASA)).isEmpty();
    }

    @Test
    void behindAMirrorRightIsLeftInWordsToo() {
        ClassPlan plan = Notation.plan(String.join(
                "\n",
                "class: T",
                "- 60 min, vinyasa, intermediate",
                "standing:",
                "- note: Face the left wall.",
                "tree, right, 5 breaths",
                "- note: The left knee to the side.",
                "- thread: The right foot listens.",
                "- beginner: tree, left, 3 breaths",
                "flow \"f\", 2 rounds, both sides, right first",
                "  high lunge, lead, in",
                "  downward dog, out",
                "end flow"));
        ClassPlan mirrored = Mirrored.of(plan);
        Section part = mirrored.sections().get(0);
        Step tree = (Step) part.items().get(0);
        assertThat(part.texts().note()).isEqualTo("Face the right wall.");
        assertThat(tree.sides().words()).isEqualTo("left");
        assertThat(tree.texts().note()).isEqualTo("The right knee to the side.");
        assertThat(tree.texts().thread()).isEqualTo("The left foot listens.");
        assertThat(((Layer.Become) tree.layers().get(0).edit()).sides().words()).isEqualTo("right");
        Flow flow = (Flow) part.items().get(1);
        assertThat(flow.settings().sides().first().word()).isEqualTo("left");
        assertThat(flow.steps()).hasSize(2);
        assertThat(Mirrored.of(mirrored)).isEqualTo(plan);
    }

    @Test
    void whatStandsAroundAPart() {
        Step last = Plans.step("downward-dog", "none", "out");
        Link link = new Link(Plans.id(), When.in(Rounds.from(2)), true, List.of(last), Marks.NONE);
        Step first = Plans.step("warrior-2", "lead", "in");
        Flow flow = Flow.of(Plans.id(), FlowSettings.of(2), first).with(link);
        Step alone = Plans.step("chair", "none", "5 breaths");
        ClassPlan plan = Plans.of(flow, alone);
        assertThat(plan.flowAround(first.id())).isEqualTo(flow);
        assertThat(plan.flowAround(last.id())).as("by its link").isEqualTo(flow);
        assertThat(plan.flowAround(alone.id())).isNull();
        assertThat(plan.flowAround(flow.id())).isNull();
        assertThat(plan.parentOf(first.id())).contains(flow);
        assertThat(plan.parentOf(plan.sections().get(0).id())).isEmpty();
        assertThat(plan.has(link.id())).isTrue();
        assertThat(plan.has(new NodeId("nobody"))).isFalse();
        assertThatThrownBy(() -> plan.childrenOf(new NodeId("nobody"))).hasMessageContaining("no longer there");
    }

    @Test
    void aFlowGoesOnWhereItsFirstPoseIsThereAlready() {
        Step high = Plans.step("high-lunge", "lead", "in");
        Flow flow = Flow.of(Plans.id(), FlowSettings.of(2), high, Plans.step("downward-dog", "none", "out"));
        Step same = Plans.step("high-lunge", "lead", "in");
        assertThat(flow.stepsBehind(same)).hasSize(1);
        assertThat(flow.stepsBehind(null)).hasSize(2);
        assertThat(flow.stepsBehind(Plans.step("high-lunge", "other", "in"))).hasSize(2);
        assertThat(flow.stepsBehind(Plans.step("high-lunge", "lead", "out"))).hasSize(2);
        assertThat(flow.stepsBehind(Plans.step("low-lunge", "lead", "in"))).hasSize(2);
    }

    @Test
    void propsAreToldWhereTheyLieReadyOrAreNamedAtTheStart() {
        ClassPlan plan = Plans.of(TREE);
        assertThat(PropsTold.atTheStart(plan, "block")).isFalse();
        assertThat(PropsTold.atTheStart(plan.with(plan.settings().withPropsReady(true)), "block"))
                .isTrue();
        assertThat(PropsTold.atTheStart(plan.with(plan.settings().withNote("Two blocks, please")), "block"))
                .isTrue();
        assertThat(PropsTold.atTheStart(plan.with(plan.settings().withNote("Blockade")), "block"))
                .isFalse();
        assertThat(PropsTold.names("A blanket, folded", "blanket")).isTrue();
        assertThat(PropsTold.names("", "blanket")).isFalse();
    }
}
