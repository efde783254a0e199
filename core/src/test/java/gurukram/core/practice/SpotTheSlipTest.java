package gurukram.core.practice;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.check.Checks;
import gurukram.core.check.Finding;
import gurukram.core.check.Severity;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.settings.School;
import gurukram.core.practice.Slips.Slip;
import gurukram.core.practice.Slips.Slipped;
import gurukram.core.practice.Slips.Spotted;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Slips put into classes: each is one a check tells, and marking is counted. */
class SpotTheSlipTest {
    private static final Checks CHECKS =
            new Checks(CATALOGUE, new Unfolder(CATALOGUE, Pace.defaults()), School.UNSET, null);
    private static final Slips SLIPS = new Slips(CATALOGUE, CHECKS);

    private static ClassPlan madeUp(String name) {
        return MadeUp.of(MadeUp.names().indexOf(name), CATALOGUE);
    }

    @Test
    void everySlipIsToldByACheckThatWasSilentBeforeAndHasItsOwnPlace() {
        Set<Slips.Kind> kinds = EnumSet.noneOf(Slips.Kind.class);
        for (int i = 0; i < 4 * MadeUp.names().size(); i++) {
            ClassPlan clean = MadeUp.of(i, CATALOGUE);
            List<String> before =
                    CHECKS.report(clean).findings().stream().map(Finding::what).toList();
            Slipped slipped = SLIPS.into(clean, 5, i);
            List<Finding> after = CHECKS.report(slipped.plan()).findings();
            assertThat(slipped.slips()).as(clean.settings().title()).hasSize(5);
            Set<NodeId> places = new HashSet<>();
            for (Slip slip : slipped.slips()) {
                kinds.add(slip.kind());
                assertThat(before).doesNotContain(slip.told());
                assertThat(after.stream()
                                .filter(finding -> finding.what().equals(slip.told()))
                                .filter(finding -> finding.severity() != Severity.INFO))
                        .as(slip.toString())
                        .isNotEmpty();
                assertThat(slip.nodes()).isNotEmpty();
                for (NodeId node : slip.nodes()) {
                    assertThat(places.add(node)).as("one slip a place").isTrue();
                    assertThat(slipped.plan().has(node)).isTrue();
                }
            }
        }
        assertThat(kinds).as("kinds").hasSizeGreaterThanOrEqualTo(8);
    }

    @Test
    void theSameSeedGivesTheSameSlipsAndAnotherOnesOthers() {
        ClassPlan clean = madeUp("hatha-beginners");
        assertThat(SLIPS.into(clean, 4, 7)).isEqualTo(SLIPS.into(clean, 4, 7));
        assertThat(SLIPS.into(clean, 4, 7)).isNotEqualTo(SLIPS.into(clean, 4, 8));
        assertThat(SLIPS.into(clean, 0, 7).plan()).isEqualTo(clean);
        assertThat(SLIPS.into(clean, 400, 7).slips())
                .as("as many as there is room for")
                .hasSizeBetween(6, 40);
    }

    @Test
    void sixOfEightAreSeventyFivePercent() {
        Slipped slipped = SLIPS.into(madeUp("vinyasa-intermediate"), 8, 3);
        assertThat(slipped.slips()).hasSize(8);
        Set<NodeId> marked = new LinkedHashSet<>();
        for (Slip slip : slipped.slips().subList(0, 6))
            marked.add(slip.nodes().iterator().next());
        Set<NodeId> touched = new HashSet<>();
        slipped.slips().forEach(slip -> touched.addAll(slip.nodes()));
        slipped.others().forEach(finding -> touched.add(finding.node()));
        NodeId innocent = slipped.plan().sections().stream()
                .flatMap(section -> section.children().stream())
                .map(item -> item.id())
                .filter(id -> !touched.contains(id))
                .findFirst()
                .orElseThrow();
        marked.add(innocent);
        Spotted spotted = slipped.judge(marked);
        assertThat(spotted.found()).hasSize(6);
        assertThat(spotted.missed()).hasSize(2);
        assertThat(spotted.wrong()).containsExactly(innocent);
        assertThat(spotted.percent()).isEqualTo("75 %");
        assertThat(slipped.judge(Set.of()).percent()).isEqualTo("0 %");
    }

    @Test
    void whatTheClassHadByItselfIsNoFalseAlarm() {
        Slipped slipped = new Slipped(
                madeUp("strong-noon"),
                List.of(),
                List.of(new Finding("rest", Severity.LOOK, new NodeId("x"), "", List.of(), "It is short.", "")));
        Spotted spotted = slipped.judge(Set.of(new NodeId("x"), new NodeId("y")));
        assertThat(spotted.also()).containsExactly(new NodeId("x"));
        assertThat(spotted.wrong()).containsExactly(new NodeId("y"));
    }
}
