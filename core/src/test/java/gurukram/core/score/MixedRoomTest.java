package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import java.util.List;
import org.junit.jupiter.api.Test;

class MixedRoomTest {
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());

    private static List<MixedRoom.Line> lines(ClassPlan plan) {
        return MixedRoom.lines(plan, UNFOLDER);
    }

    @Test
    void aLineIsLongerOrShorterThanTheClockOrNotTold() {
        ClassPlan plan = Notation.plan("standing:\nchair, 5 breaths\n- beginner: 3 breaths\n- advanced: 8 breaths\n");
        assertThat(lines(plan))
                .satisfiesExactly(
                        beginner -> {
                            assertThat(beginner.level()).isEqualTo(Level.BEGINNER);
                            assertThat(beginner.isOver()).isFalse();
                            assertThat(beginner.spareMs()).isEqualTo(12_000);
                        },
                        advanced -> {
                            assertThat(advanced.level()).isEqualTo(Level.ADVANCED);
                            assertThat(advanced.isOver()).isTrue();
                            assertThat(advanced.spareMs()).isZero();
                            assertThat(advanced.lineMs() - advanced.clockMs()).isEqualTo(18_000);
                        });
    }

    @Test
    void whatALevelPutsInBelongsToTheStepItStandsAt() {
        ClassPlan plan = Notation.plan("standing:\nmountain, 5 breaths\n- advanced: then chair, 3 breaths\n");
        Step step = (Step) plan.sections().get(0).items().get(0);
        assertThat(lines(plan)).singleElement().satisfies(line -> {
            assertThat(line.node()).isEqualTo(step.id());
            assertThat(line.level()).isEqualTo(Level.ADVANCED);
            assertThat(line.isOver()).isTrue();
        });
    }

    @Test
    void whatALevelLeavesOutIsSpare() {
        ClassPlan plan = Notation.plan("standing:\nmountain, 5 breaths\nchair, 5 breaths\n- beginner: leave out\n");
        assertThat(lines(plan)).singleElement().satisfies(line -> {
            assertThat(line.lineMs()).isZero();
            assertThat(line.spareMs()).isEqualTo(line.clockMs());
        });
    }

    @Test
    void inAFlowEachPassIsJudgedByItself() {
        ClassPlan plan = Notation.plan("standing:\nflow tide, 2 rounds, both sides\n  warrior 2, lead, 2 breaths\n"
                + "  - beginner: 1 breath\nend flow\n");
        Flow flow = (Flow) plan.sections().get(0).items().get(0);
        assertThat(lines(plan))
                .hasSize(4)
                .allSatisfy(line -> assertThat(line.node()).isEqualTo(flow.id()))
                .extracting(MixedRoom.Line::pass)
                .containsExactly(1, 2, 3, 4);
    }
}
