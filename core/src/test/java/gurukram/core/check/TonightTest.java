package gurukram.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.group.People;
import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import java.util.List;
import org.junit.jupiter.api.Test;

class TonightTest {
    private static final String CLASS = """
            class: Evening
            - 30 min, hatha, beginner
            floor:
            bound angle, 5 breaths
            - props: 2 blocks
            sphinx, 3 breaths
            boat, 3 breaths
            - note: Stay as you like.
            tree at the wall, both, 3 breaths
            crow, 2 breaths
            """;

    private static final People GROUP =
            Checked.group("10 mats, 2 pregnancy later, 1 wrist", Checked.room("12 mats, 15 block, 1 wall"));

    private static Tonight tonight(String text) {
        return Tonight.of(Checked.of(text, GROUP).subject());
    }

    @Test
    void whatIsLaidOutIsCountedForAll() {
        assertThat(tonight(CLASS).props())
                .anySatisfy(laid -> {
                    assertThat(laid.prop()).isEqualTo("block");
                    assertThat(laid.all()).isEqualTo(20);
                    assertThat(laid.there()).isEqualTo(15);
                    assertThat(laid.isShort()).isTrue();
                })
                .anySatisfy(laid -> {
                    assertThat(laid.prop()).isEqualTo("wall");
                    assertThat(laid.all()).isEqualTo(1);
                    assertThat(laid.isShort()).isFalse();
                });
    }

    @Test
    void beforeAPoseStandsWhoLeavesItOutAndWhatTheyDo() {
        Tonight.Before sphinx = tonight(CLASS).before().stream()
                .filter(before -> before.pose().id().equals("sphinx"))
                .findFirst()
                .orElseThrow();
        assertThat(sphinx.lines().get(0).severity()).isEqualTo(Caution.Severity.BLOCKED);
        assertThat(sphinx.lines().get(0).people()).isEqualTo(2);
        assertThat(sphinx.lines().get(0).instead()).isNotNull();
        assertThat(sphinx.lines().get(0).planned()).isFalse();
        assertThat(tonight(CLASS).before()).isSortedAccordingTo((a, b) -> Long.compare(a.startMs(), b.startMs()));
    }

    @Test
    void highRiskIsWatchedAndHandsAreNamedForThosePosesOnly() {
        assertThat(tonight(CLASS).watched()).extracting(one -> one.pose().id()).containsExactly("crow");
        assertThat(tonight(CLASS).hands()).isEmpty();
        assertThat(tonight(CLASS + "triangle, both, 3 breaths\n").hands())
                .extracting(hand -> hand.pose().id())
                .containsExactly("triangle");
    }

    @Test
    void fourMatsAreWatchedAtATimeInSoManyTurns() {
        assertThat(crowFor(4).atOnce()).isEqualTo("four mats at a time");
        assertThat(crowFor(5).atOnce()).isEqualTo("four mats at a time, 2 turns for 5");
        assertThat(crowFor(8).atOnce()).isEqualTo("four mats at a time, 2 turns for 8");
        assertThat(crowFor(9).atOnce()).isEqualTo("four mats at a time, 3 turns for 9");
        assertThat(crowFor(9).backs()).isEqualTo("Wrists ache, or the head is the brake");
        assertThat(crowFor(9).with()).isEqualTo("with a teacher watching");
    }

    private static Tonight.Watched crowFor(int mats) {
        return Tonight.of(Checked.of(CLASS, Checked.group(mats + " mats")).subject())
                .watched()
                .get(0);
    }

    @Test
    void withoutAGroupThereIsOnlyWhatOneNeeds() {
        Tonight alone = Tonight.of(Checked.of(CLASS).subject());
        assertThat(alone.people()).isEmpty();
        assertThat(alone.before()).isEmpty();
        assertThat(alone.props()).anySatisfy(laid -> assertThat(laid.all()).isEqualTo(2));
    }

    @Test
    void everythingANeedForbidsIsSwappedAtOnceBesideTheOthersOrForEverybody() {
        Subject subject = Checked.of(CLASS, GROUP).subject();
        for (SwapEverywhere.How how : SwapEverywhere.How.values()) {
            SwapEverywhere swap = SwapEverywhere.of(subject, Need.PREGNANCY_LATER, how);
            assertThat(swap.swaps()).extracting(one -> one.from().id()).contains("sphinx", "boat");
            ClassPlan swapped = swap.edit().applyTo(subject.plan());
            Subject after = Checked.of(swapped, GROUP).subject();
            assertThat(SwapEverywhere.of(after, Need.PREGNANCY_LATER, how).swaps())
                    .isEmpty();
            List<Finding> left = Checked.of(swapped, GROUP).of(Cautions.class).stream()
                    .filter(finding -> finding.severity() == Severity.MUST
                            && finding.what().contains("pregnancy later"))
                    .toList();
            assertThat(left).hasSameSizeAs(swap.left());
            assertThat(swapped.toString()).contains("Stay as you like.");
        }
        assertThat(SwapEverywhere.of(subject, Need.EYE_PRESSURE, SwapEverywhere.How.LINES)
                        .edit())
                .isNull();
    }
}
