package gurukram.core.plan.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.body.Side;
import gurukram.core.text.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SideRuleTest {
    private static String visits(String rule, Side lead, int before) {
        StringBuilder told = new StringBuilder();
        for (SideRule.Visit visit : SideRule.parse(rule).visits(lead, before)) {
            told.append(visit.side() == null ? "-" : visit.side() == Side.RIGHT ? "R" : "L");
            if (visit.direction() != null) told.append(visit.direction());
            told.append(' ');
        }
        return told.toString().strip();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "none | -",
                "both | R L",
                "both, left first | L R",
                "right | R",
                "left | L",
                "lead | L",
                "other | R",
                "alternating | R L",
                "alternating, left first | L R",
                "two directions | -1 -2",
                "two directions, both sides | R1 R2 L1 L2",
                "two directions, both sides, left first | L1 L2 R1 R2",
                "crossing | R",
                "crossing, left first | L",
                "both, twist to the same side | R L",
                "lead, twist to the other side | L"
            })
    void aPassThatLeadsLeftVisitsTheseSides(String rule, String sides) {
        assertThat(visits(rule, Side.LEFT, 0)).isEqualTo(sides);
    }

    @Test
    void legsThatCrossTakeTurns() {
        assertThat(visits("crossing", null, 1)).isEqualTo("L");
        assertThat(visits("crossing", null, 2)).isEqualTo("R");
        assertThat(visits("crossing, left first", null, 3)).isEqualTo("R");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "none | none",
                "both | both, left first",
                "both, left first | both",
                "right | left",
                "lead | lead",
                "other | other",
                "alternating a side | alternating a side, left first",
                "alternating, left first | alternating",
                "two directions | two directions",
                "two directions, both sides | two directions, both sides, left first",
                "crossing | crossing, left first",
                "right, twist to the same side | left, twist to the same side",
                "lead, twist to the other side | lead, twist to the other side"
            })
    void inTheMirror(String rule, String mirrored) {
        SideRule read = SideRule.parse(rule);
        assertThat(read.words()).isEqualTo(rule);
        assertThat(read.mirrored().words()).isEqualTo(mirrored);
    }

    @ParameterizedTest
    @ValueSource(strings = {"lead", "other", "lead, twist to the same side", "other, twist to the other side"})
    void theseFollowTheFlow(String rule) {
        assertThat(SideRule.parse(rule).followsLead()).isTrue();
        assertThat(SideRule.parse(rule).isSided()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "none",
                "both",
                "left",
                "alternating",
                "two directions",
                "two directions, both sides",
                "crossing",
                "both, twist to the same side"
            })
    void theseDoNot(String rule) {
        assertThat(SideRule.parse(rule).followsLead()).isFalse();
        assertThat(SideRule.parse(rule).isSided())
                .isEqualTo(!List.of("none", "two directions").contains(rule));
    }

    @Test
    void sideToSideTakesTurnsAndCountsInAllOrASide() {
        SideRule.Alternating inAll = new SideRule.Alternating(Side.LEFT, false);
        assertThat(List.of(inAll.sideOf(0), inAll.sideOf(1), inAll.sideOf(2)))
                .containsExactly(Side.LEFT, Side.RIGHT, Side.LEFT);
        assertThat(inAll.inAll(12)).isEqualTo(12);
        assertThat(new SideRule.Alternating(Side.LEFT, true).inAll(12)).isEqualTo(24);
    }

    @Test
    void whatIsNoSideIsSaidAndCutWhereItIsLong() {
        assertThatThrownBy(() -> SideRule.parse("sideways"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("“sideways”");
        assertThatThrownBy(() -> SideRule.parse("x".repeat(90)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("“" + "x".repeat(40) + "”");
        assertThatThrownBy(() -> SideRule.parse("crossing, twist to the same side"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("A twist goes with");
        assertThatThrownBy(() -> SideRule.parse("alternating, twist to the other side"))
                .isInstanceOf(Refused.class);
    }
}
