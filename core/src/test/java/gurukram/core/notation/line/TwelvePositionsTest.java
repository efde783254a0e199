package gurukram.core.notation.line;

import static gurukram.core.Notation.plan;
import static gurukram.core.Notation.score;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.Flow;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.score.Feet;
import gurukram.core.score.Parity;
import gurukram.core.score.Score;
import gurukram.core.text.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TwelvePositionsTest {
    private static String flow(String list, String more) {
        return "salutations:\ntwelve positions " + list + ", 4 rounds" + more;
    }

    @ParameterizedTest
    @ValueSource(strings = {"a", "b", "c", "d"})
    void everyListIsCleanAndCanBeStepped(String list) {
        for (String legs :
                List.of(", returning", ", same front", ", same front, left first", ", one side, side first")) {
            for (String join : List.of("", ", shared 0 1")) {
                for (String holds : List.of("all holds", "no holds")) {
                    String header = "class: T\n- school: " + holds + "\n";
                    Score score = score(header + flow(list, legs + join));
                    assertThat(Parity.clashes(score))
                            .as(list + legs + join + holds)
                            .isEmpty();
                    assertThat(Feet.tally(score, Plans.CATALOGUE).impossible()).isEmpty();
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"a", "b", "c", "d"})
    void aListBecomesAFlowLikeAnyOther(String list) {
        Flow flow = (Flow)
                plan(flow(list, ", with sun names")).sections().get(0).items().get(0);
        assertThat(flow.steps()).hasSize(12);
        assertThat(flow.steps())
                .allSatisfy(step -> assertThat(step.texts().say()).startsWith("{breath}{name}: oṃ "));
        assertThat(flow.settings().name()).isEqualTo("Twelve positions " + list);
        String written = Notation.write(plan(flow(list, "")));
        assertThat(Notation.read(written).problems()).isEmpty();
        assertThat(written).doesNotContain("say:");
    }

    @Test
    void theLegRuleChoosesTheSecondLunge() {
        Flow returning = lists().flow("a", LegRule.RETURNING, FlowSettings.of(1));
        Flow sameFront = lists().flow("a", LegRule.SAME_FRONT, FlowSettings.of(1));
        assertThat(returning.steps().get(3).sides().words()).isEqualTo("other");
        assertThat(returning.steps().get(8).sides().words()).isEqualTo("lead");
        assertThat(sameFront.steps().get(8).sides().words()).isEqualTo("other");
    }

    @Test
    void theSchoolOfTheClassChoosesTheLegs() {
        String school = "class: T\n- school: same front leg\n";
        Flow flow =
                (Flow) plan(school + flow("a", "")).sections().get(0).items().get(0);
        assertThat(flow.steps().get(8).sides().words()).isEqualTo("other");
        Flow said = (Flow) plan(school + flow("a", ", returning"))
                .sections()
                .get(0)
                .items()
                .get(0);
        assertThat(said.steps().get(8).sides().words()).isEqualTo("lead");
    }

    @Test
    void aListCanHaveOtherWordsAndGoOn() {
        Flow flow = lists().flow("d", LegRule.RETURNING, FlowSettings.of(2).withName("Quay salute"));
        assertThat(flow.settings().name()).isEqualTo("Quay salute");
        assertThatThrownBy(() -> TwelvePositions.withWords(flow, List.of("one", "two")))
                .isInstanceOf(Refused.class);
        Flow longer = (Flow) plan(flow("a", "\n  chair, in\nend flow"))
                .sections()
                .get(0)
                .items()
                .get(0);
        assertThat(longer.steps()).hasSize(13);
        assertThat(plan(flow("a", "\nchair, 3 breaths")).sections().get(0).items())
                .as("what is not indented stands behind it")
                .hasSize(2);
    }

    @Test
    void anUnknownListIsRefusedWithTheKnownOnes() {
        assertThat(Notation.read(flow("e", "")).problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.problem().what()).contains("a, b, c, d"));
    }

    private static TwelvePositions lists() {
        return new TwelvePositions(Plans.CATALOGUE, Plans::id);
    }
}
