package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.body.Action;
import gurukram.core.body.BodyArea;
import gurukram.core.compose.brief.Focus;
import gurukram.core.text.Refused;
import org.junit.jupiter.api.Test;

class ThemeWordsTest {
    private final ThemeWords words = ThemeWords.shipped(CATALOGUE);

    @Test
    void areasActionsFamiliesAndPosesAreFoundThroughTheCatalogue() {
        assertThat(words.in("Hamstrings").areas()).containsKey(BodyArea.HAMSTRINGS);
        assertThat(words.in("hip outward rotation").actions()).containsKey(Action.HIP_OUTWARD_ROTATION);
        assertThat(words.in("an hour of lunges").families()).containsKey("lunges");
        assertThat(words.in("towards the half pigeon").poses()).containsKey("half-pigeon");
    }

    @Test
    void moodsAndImagesGoThroughTheVocabulary() {
        Focus focus = words.in("Be like a mast: steady, when the wind comes");
        assertThat(focus.words()).containsExactlyInAnyOrder("mast", "steady", "wind");
        assertThat(focus.actions()).containsKeys(Action.ONE_LEG_BALANCE, Action.SPINE_SIDE_BEND);
        assertThat(focus.in(CATALOGUE.pose("tree"))).isGreaterThan(focus.in(CATALOGUE.pose("bound-angle")));
    }

    @Test
    void theLongestWordsAreFoundFirst() {
        assertThat(words.in("half moon").words()).containsExactly("half moon");
        assertThat(words.in("Letting go").words()).containsExactly("letting go");
    }

    @Test
    void whatIsNotKnownComesToNothing() {
        assertThat(words.in("xylophone")).isEqualTo(Focus.NONE);
        assertThat(words.in("")).isEqualTo(Focus.NONE);
        assertThat(words.in("mastery of nothing").words()).isEmpty();
    }

    @Test
    void aTeachersOwnLinesWin() {
        ThemeWords own = words.and("# mine\nxylophone, chime: spine side bend 2, gate\nmast: boat 3");
        assertThat(own.in("a chime").poses()).containsKey("gate");
        assertThat(own.in("a mast").poses()).containsOnlyKeys("boat");
        assertThat(own.in("a mast").actions()).isEmpty();
    }

    @Test
    void aLineThatCannotBeReadIsRefusedWithItsNumber() {
        assertThatThrownBy(() -> words.and("\nchime"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Line 2")
                .hasMessageContaining("no colon");
        assertThatThrownBy(() -> words.and("chime: hafl moon"))
                .hasMessageContaining("“hafl moon” is no pose, area, action or family")
                .hasMessageContaining("Half moon");
        assertThatThrownBy(() -> words.and("chime: gate 4")).hasMessageContaining("from 1 to 3");
        assertThatThrownBy(() -> words.and("chime: gate 99999999999")).hasMessageContaining("from 1 to 3");
    }

    @Test
    void everyEntryOfTheVocabularyFindsPoses() {
        for (String word :
                new String[] {"hips", "heart", "courage", "anchor", "sail", "knot", "tide", "lantern", "gaze"})
            assertThat(CATALOGUE.poses().stream()
                            .mapToInt(words.in(word)::in)
                            .max()
                            .orElse(0))
                    .as(word)
                    .isGreaterThan(3);
    }

    @Test
    void wordsThatSayNothingAreAskedAboutAndSmallOnesAreNot() {
        ThemeWords words = ThemeWords.shipped(CATALOGUE);
        assertThat(words.unknown("Marmalade and the tide, from your zeppelin"))
                .containsExactly("marmalade", "zeppelin");
        assertThat(words.unknown("Half moon over the harbour")).isEmpty();
        assertThat(words.and("marmalade: outer hips 2").unknown("Marmalade")).isEmpty();
    }
}
