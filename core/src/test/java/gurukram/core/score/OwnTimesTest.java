package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.settings.OwnPace;
import gurukram.core.plan.settings.OwnPace.Figure;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Times that are a teacher's own: from her logs, or typed. */
class OwnTimesTest {
    private static List<Moment> moments(Pace pace, String text) {
        return new Unfolder(Plans.CATALOGUE, pace)
                .unfold(Notation.plan(text), null)
                .moments();
    }

    /** What one movement takes in each round, as many times what it takes without a pace of her own. */
    private static List<Double> rounds(OwnPace own) {
        String flow = "standing:\nflow, 4 rounds, no sides\n  mountain, in\nend flow\n";
        Pace usual = Pace.defaults();
        List<Moment> before = moments(usual, flow);
        List<Moment> after = moments(usual.with(own), flow);
        return List.of(0, 1, 2, 3).stream()
                .map(i ->
                        Math.round(100.0 * after.get(i).workMs() / before.get(i).workMs()) / 100.0)
                .toList();
    }

    @Test
    void ofAFlowSheIsQuickerOrSlowerEachTime() {
        OwnPace own = new OwnPace(
                Map.of(Figure.SECOND_TIME, new BigDecimal("1.5"), Figure.LATER_TIMES, new BigDecimal("2")), 10);
        assertThat(rounds(own)).containsExactly(1.0, 1.5, 2.0, 2.0);
        assertThat(rounds(new OwnPace(Map.of(Figure.FIRST_SIDE, new BigDecimal("1.2")), 10)))
                .containsExactly(1.2, 1.2, 1.2, 1.2);
    }

    @Test
    void aRepetitionIsTypedWhereItsTimeIs() {
        String text = "standing:\nbird dog, right, 5 reps\nbird dog, right, 5 reps, 4 s each\n";
        assertThat(moments(Pace.defaults(), text).stream().map(Moment::typed)).containsExactly(false, true);
    }

    @Test
    void sideToSideOneComesDownOnceAndRestsBetweenSets() {
        List<Moment> all =
                moments(Pace.defaults(), "standing:\nbird dog, alternating, 4 reps x 2, rest 20 s, 4 s each\n");
        assertThat(all.stream().filter(moment -> moment.settingUpMs() > 0))
                .hasSize(1)
                .first()
                .isEqualTo(all.get(0));
        assertThat(all.stream()
                        .filter(moment -> moment.kind() == Moment.Kind.PAUSE)
                        .map(Moment::workMs))
                .containsExactly(20_000L);
        assertThat(all.stream().filter(moment -> moment.kind() == Moment.Kind.REPS))
                .allMatch(Moment::typed);
    }
}
