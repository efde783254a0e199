package gurukram.core.course;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Mode;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The flow a class is known by, from week to week. */
class MainFlowTest {
    private static ClassPlan plan(String... lines) {
        return new NotationReader(CATALOGUE, NodeNames.numbers())
                .read("class: Test\n- 60 min, vinyasa, intermediate\n\n" + String.join("\n", lines))
                .planOrRefused();
    }

    private static Flow flow(String... lines) {
        return (Flow) plan(lines).sections().get(0).items().get(0);
    }

    private static final Flow TIDE = flow(
            "standing:",
            "flow \"tide\", 3 rounds",
            "  high lunge, in",
            "  warrior 2, out",
            "  - round 2: reverse warrior",
            "  - round 3: side angle",
            "  high lunge, in",
            "  mountain, out",
            "end flow");

    private static Cell cell(int rounds, Mode mode, Alone alone) {
        return new Cell(1, 3, 5, rounds, mode, alone, false, false, "");
    }

    private static int layers(Flow flow) {
        return flow.steps().stream().mapToInt(step -> step.layers().size()).sum();
    }

    @Test
    void whatWaitsForAThirdRoundIsLeftAndComesBackWithIt() {
        assertThat(layers(TIDE)).isEqualTo(2);
        Flow two = MainFlow.pruned(MainFlow.grown(TIDE, cell(2, Mode.BREATH, Alone.LED), 2));
        assertThat(layers(two)).isEqualTo(1);
        Flow back = MainFlow.whole(two, TIDE);
        assertThat(layers(back)).isEqualTo(2);
        assertThat(layers(MainFlow.pruned(MainFlow.grown(back, cell(3, Mode.BREATH, Alone.LED), 3))))
                .isEqualTo(2);
        assertThat(layers(MainFlow.pruned(MainFlow.grown(TIDE, cell(1, Mode.BREATH, Alone.LED), 1))))
                .isZero();
    }

    @Test
    void whereTheTeacherPutAnotherPoseNothingComesBack() {
        Flow two = MainFlow.pruned(MainFlow.grown(TIDE, cell(2, Mode.BREATH, Alone.LED), 2));
        Step other = two.steps().get(1).withPose("goddess").withLayers(List.of());
        Flow changed = two.withChildren(List.of(
                two.steps().get(0), other, two.steps().get(2), two.steps().get(3)));
        assertThat(layers(MainFlow.whole(changed, TIDE))).isZero();
        assertThat(MainFlow.whole(two.withChildren(two.steps().subList(0, 3)), TIDE)
                        .steps())
                .hasSize(3);
    }

    @Test
    void learnedThenOnTheBreathThenInSilence() {
        assertThat(modes(cell(3, Mode.LEARN, Alone.WATCHED), 3)).containsExactly(Mode.LEARN, Mode.BREATH, Mode.BREATH);
        assertThat(modes(cell(3, Mode.BREATH, Alone.LED), 3)).containsExactly(Mode.BREATH, Mode.BREATH, Mode.BREATH);
        assertThat(modes(cell(3, Mode.SILENT, Alone.ALONE), 3)).containsExactly(Mode.BREATH, Mode.SILENT, Mode.SILENT);
        assertThat(modes(cell(1, Mode.SILENT, Alone.ALONE), 1)).containsExactly(Mode.BREATH);
        assertThat(modes(cell(1, Mode.LEARN, Alone.WATCHED), 1)).containsExactly(Mode.LEARN);
    }

    private static List<Mode> modes(Cell cell, int rounds) {
        Flow flow = MainFlow.grown(TIDE, cell, rounds);
        return java.util.stream.IntStream.rangeClosed(1, rounds)
                .mapToObj(round -> flow.settings().pace().modeIn(round))
                .toList();
    }

    @Test
    void whatIsSaidAboutLeadingIsSaidOnce() {
        Flow noted = TIDE.with(TIDE.texts().withNote("the wall side first"));
        Flow watched = MainFlow.grown(noted, cell(2, Mode.LEARN, Alone.WATCHED), 2);
        Flow alone = MainFlow.grown(watched, cell(3, Mode.SILENT, Alone.ALONE), 3);
        assertThat(alone.texts().note()).isEqualTo("the wall side first\n" + Alone.ALONE.note());
    }

    @Test
    void theLongestFlowOutsideSalutationsAndThePeak() {
        ClassPlan plan = plan(
                "salutations:",
                "flow \"salute\", 2 rounds, no sides",
                "  raised arms, in",
                "  standing fold, out",
                "  half lift, in",
                "  standing fold, out",
                "end flow",
                "standing:",
                "flow \"short\", 2 rounds, no sides",
                "  chair, in",
                "  mountain, out",
                "end flow",
                "flow \"long\", 2 rounds, no sides",
                "  chair, in",
                "  standing fold, out",
                "  mountain, in",
                "end flow",
                "peak:",
                "flow \"stages\", 1 round, no sides",
                "  chair, in",
                "  standing fold, out",
                "  chair, in",
                "  standing fold, out",
                "  mountain, in",
                "end flow");
        assertThat(MainFlow.of(plan).orElseThrow().flow().settings().name()).isEqualTo("long");
        assertThat(MainFlow.salutation(plan).orElseThrow().flow().settings().name())
                .isEqualTo("salute");
        assertThat(MainFlow.of(plan("rest:", "corpse, 5 min"))).isEmpty();
    }
}
