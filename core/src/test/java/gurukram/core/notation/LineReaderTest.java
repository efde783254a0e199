package gurukram.core.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.notation.line.Line;
import gurukram.core.notation.line.LineContext;
import gurukram.core.plan.Flow;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Order;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.text.Refused;
import gurukram.core.time.Breath;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LineReaderTest {
    private final LineReader reader = new LineReader(Plans.CATALOGUE, Plans::id);
    private final LineContext outside = LineContext.outside(Level.BEGINNER);

    @ParameterizedTest
    @CsvSource({
        "'half pigeon, both, 8 breaths', half-pigeon, both, 8 breaths",
        "'half pigeon both 8b', half-pigeon, both, 8 breaths",
        "'PIGEON, 8 breaths, left first', half-pigeon, 'both, left first', 8 breaths",
        "'warrior 2, 5 breaths, both sides', warrior-2, both, 5 breaths",
        "warrior 2, warrior-2, both, 3 breaths",
        "'Vṛkṣāsana, right, 30s', tree, right, 30 s",
        "'tree 6 breaths R then L', tree, both, 6 breaths",
        "'bridge, 10 reps x 2, rest 40 s', bridge, none, '10 reps x 2, rest 40 s'",
        "'savasana 5 min', corpse, none, 300 s",
        "'easy seat, 3 min open', easy-seat, none, 3 min open",
        "'knees side to side, 12 reps, alternating', knees-side-to-side, alternating, 12 reps",
        "'easy seat, 4-4-4-4 x 3, no holds', easy-seat, none, '4-4-4-4 x 3, no holds'",
        "'open 2 min', , none, 2 min open"
    })
    void readsAStep(String typed, String pose, String sides, String dose) {
        Line.AddStep step = (Line.AddStep) reader.read(typed, outside);
        assertThat(step.pose()).isEqualTo(pose);
        assertThat(step.sides().words()).isEqualTo(sides);
        assertThat(step.dose()).hasToString(dose);
    }

    @Test
    void inAFlowAPoseFollowsTheLeadOnTheNextHalfBreath() {
        Flow flow = Flow.of(Plans.id(), FlowSettings.of(3));
        LineContext afterInhale = new LineContext(Level.BEGINNER, flow, Breath.INHALE);
        Line.AddStep warrior = (Line.AddStep) reader.read("warrior 2", afterInhale);
        assertThat(warrior.sides().words()).isEqualTo("lead");
        assertThat(warrior.dose()).hasToString("out");
        Line.AddStep mountain = (Line.AddStep) reader.read("mountain", afterInhale);
        assertThat(mountain.sides().words()).isEqualTo("none");
        assertThat(mountain.dose()).hasToString("out");
        Line.AddStep lunge = (Line.AddStep) reader.read("low lunge, other, 2 breaths", afterInhale);
        assertThat(lunge.sides().words()).isEqualTo("other");
        assertThat(lunge.dose()).hasToString("2 breaths");
    }

    @Test
    void readsAFlowWithItsSettings() {
        Line.AddFlow flow = (Line.AddFlow)
                reader.read("flow Harbour round, 4 rounds, left first, side first, 3.5 s a position", outside);
        assertThat(flow.settings())
                .isEqualTo(FlowSettings.of(4)
                        .withName("Harbour round")
                        .with(Order.SIDE_FIRST)
                        .withFirstSide(Side.LEFT)
                        .withPace(TypedPace.position(3_500)));
        Line.AddFlow symmetric = (Line.AddFlow) reader.read("flow x 6, no sides", outside);
        assertThat(symmetric.settings()).isEqualTo(FlowSettings.of(6).with(Counting.NO_SIDES));
        Line.AddFlow linked = (Line.AddFlow) reader.read("flow, 5 rounds, no sides, linked", outside);
        assertThat(linked.settings().join()).isEqualTo(new Join.Shared(1, 1));
        assertThat(((Line.AddFlow) reader.read("flow", outside)).settings()).isEqualTo(FlowSettings.of(1));
    }

    @ParameterizedTest
    @CsvSource({
        "section warm-up, WARM_UP, ''",
        "# Standing: Wide and low, STANDING, Wide and low",
        "cool-down:, COOL_DOWN, ''",
        "part final rest, REST, ''",
        "Peak: Half moon, PEAK, Half moon"
    })
    void readsASection(String typed, SectionRole role, String name) {
        assertThat(reader.read(typed, outside)).isEqualTo(new Line.AddSection(role, name));
    }

    @ParameterizedTest
    @ValueSource(strings = {"end", "end flow", "End of the flow", "out of flow"})
    void readsTheEndOfAFlow(String typed) {
        assertThat(reader.read(typed, outside)).isEqualTo(new Line.EndFlow());
    }

    @Test
    void anUnknownPoseIsAnsweredWithTheThreeNearestAsWholeLines() {
        assertThatThrownBy(() -> reader.read("haf moon, both, 4 breaths", outside))
                .isInstanceOfSatisfying(Refused.class, e -> {
                    assertThat(e.problem().what()).contains("haf moon");
                    assertThat(e.problem().offers()).hasSize(3).first().isEqualTo("half moon, both, 4 breaths");
                });
    }

    @ParameterizedTest
    @CsvSource({
        "'', Type a pose",
        "', both', names none",
        "'tree, 0 breaths', Breaths: a whole number from 1 to 200",
        "'tree, left, right', are two sides",
        "'tree, 5 breaths, 30 s', are 2 doses",
        "'flow, 0 rounds', Rounds: a whole number",
        "'flow, 3 rounds, one, sideways', says nothing I know",
        "'section middle', is no kind of section",
        "'flow, 900 s a position', from 1 to 60",
        "'zzzz', I know no pose"
    })
    void saysWhatIsWrong(String typed, String words) {
        assertThatThrownBy(() -> reader.read(typed, outside))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(words);
    }

    @Test
    void everyNameOfTheCatalogueIsReadAsItsPose() {
        for (Pose pose : Plans.CATALOGUE.poses()) {
            assertThat(PoseWords.unreadable(pose, Plans.CATALOGUE))
                    .as(pose.id())
                    .isEmpty();
        }
    }
}
