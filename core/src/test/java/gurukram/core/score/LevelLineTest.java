package gurukram.core.score;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.AnyPlan;
import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class LevelLineTest {
    /** What is done, when, and on which side: all of a moment but the names of nodes. */
    private static Stream<Object> done(Score score) {
        return score.moments().stream()
                .map(m -> List.of(
                        m.kind(),
                        m.startMs(),
                        m.lengthMs(),
                        m.workMs(),
                        "" + m.pose(),
                        "" + m.side(),
                        m.breath(),
                        "" + m.round(),
                        "" + m.pass()));
    }

    @Property(tries = 80)
    void itUnfoldsToWhatTheLevelHad(@ForAll long seed, @ForAll Level level) {
        ClassPlan plan = AnyPlan.of(seed);
        ClassPlan line = LevelLine.of(plan, level, CATALOGUE);
        Unfolder unfolder = new Unfolder(CATALOGUE, Pace.defaults());
        assertThat(done(unfolder.unfold(line, null)))
                .containsExactlyElementsOf(done(unfolder.unfold(plan, level)).toList());
        assertThat(line.settings().level()).isEqualTo(level);
    }

    @Property(tries = 40)
    void nothingIsLeftThatLooksAtALevel(@ForAll long seed, @ForAll Level level) {
        LevelLine.of(AnyPlan.of(seed), level, CATALOGUE).walk(node -> {
            if (node instanceof Layer layer) assertThat(layer.when().levels()).isEmpty();
        });
    }

    @Test
    void whatARoundPutsInStandsNearerTheStepThanWhatTheLevelPutsIn() {
        ClassPlan plan = Notation.plan(String.join(
                "\n",
                "class: T",
                "standing:",
                "flow: F, 1 round, no sides",
                "mountain, in",
                "- beginner: then chair, out",
                "- round 1: then goddess, out",
                "- beginner: first tiptoe squat, out",
                "- round 1: first five pointed star, out",
                "end flow"));
        Unfolder unfolder = new Unfolder(CATALOGUE, Pace.defaults());
        assertThat(unfolder.unfold(plan, Level.BEGINNER).moments().stream().map(Moment::pose))
                .containsExactly("tiptoe-squat", "five-pointed-star", "mountain", "goddess", "chair");
        ClassPlan line = LevelLine.of(plan, Level.BEGINNER, CATALOGUE);
        assertThat(done(unfolder.unfold(line, null)))
                .containsExactlyElementsOf(
                        done(unfolder.unfold(plan, Level.BEGINNER)).toList());
    }

    @Test
    void whatTheLevelDoesBecomesTheBaseLine() {
        ClassPlan plan = Notation.plan(String.join(
                "\n",
                "class: T",
                "standing:",
                "tree, both, 5 breaths",
                "- advanced: half moon, 3 breaths",
                "- beginner: leave out"));
        Step advanced = (Step) LevelLine.of(plan, Level.ADVANCED, CATALOGUE)
                .sections()
                .get(0)
                .items()
                .get(0);
        assertThat(advanced.pose()).isEqualTo("half-moon");
        assertThat(advanced.dose()).hasToString("3 breaths");
        assertThat(advanced.layers()).isEmpty();
        assertThat(LevelLine.of(plan, Level.BEGINNER, CATALOGUE)
                        .sections()
                        .get(0)
                        .items())
                .isEmpty();
        assertThat(Plans.score(LevelLine.of(plan, Level.INTERMEDIATE, CATALOGUE))
                        .isEven())
                .isTrue();
    }
}
