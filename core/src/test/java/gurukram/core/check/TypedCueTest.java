package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Notation;
import java.util.List;
import org.junit.jupiter.api.Test;

class TypedCueTest {
    private static Checked saying(String sides, String dose, String words) {
        return Checked.of("standing:\nhigh lunge, " + sides + ", " + dose + "\n- say: " + words + "\n");
    }

    @Test
    void aBareSideIsWrongOnOneOfTwo() {
        Checked bare = saying("both", "5 breaths", "right foot forward");
        assertEquals("“right foot forward” is said on both sides of high lunge.", bare.says(TypedCue.class));
        assertEquals(Severity.MUST, bare.only(TypedCue.class).severity());
        assertEquals(List.of("Say “{lead} foot forward”"), bare.offers(TypedCue.class));
        assertEquals("", bare.mended(TypedCue.class).says(TypedCue.class));
        assertEquals("", saying("both", "5 breaths", "{lead} foot forward").says(TypedCue.class));
    }

    @Test
    void onOneSideItIsWrongWhenItIsTheOther() {
        assertEquals("", saying("right", "5 breaths", "right foot forward").says(TypedCue.class));
        assertEquals(
                "“left foot forward” is said in high lunge on the right.",
                saying("right", "5 breaths", "left foot forward").says(TypedCue.class));
        assertEquals("", saying("right", "5 breaths", "left hand to the heart").says(TypedCue.class));
        assertEquals(
                "Say “right foot forward”",
                saying("right", "5 breaths", "left foot forward")
                        .offers(TypedCue.class)
                        .get(0));
    }

    @Test
    void theNumberIsTheOneOfTheStep() {
        assertEquals("", saying("both", "8 breaths", "stay for eight breaths").says(TypedCue.class));
        Checked ten = saying("both", "8 breaths", "stay for ten breaths");
        assertEquals("The words say “ten breaths”, and the step has 8.", ten.says(TypedCue.class));
        assertEquals(List.of("Say “stay for 8 breaths”"), ten.offers(TypedCue.class));
        assertEquals("", saying("both", "8 breaths", "two more breaths").says(TypedCue.class));
        assertEquals(
                "The words say “30 seconds”, and the step has 20 s.",
                saying("both", "20 s", "30 seconds here").says(TypedCue.class));
    }

    @Test
    void noLimbIsInTwoPlaces() {
        Checked twice = saying("both", "5 breaths", "{lead} hand down, {lead} hand up");
        assertTrue(
                twice.says(TypedCue.class).startsWith("The words move the {lead} hand twice"),
                twice.says(TypedCue.class));
        assertEquals(List.of("Say “{lead} hand down, {other} hand up”"), twice.offers(TypedCue.class));
        assertEquals("", twice.mended(TypedCue.class).says(TypedCue.class));
    }

    @Test
    void aPlaceThatNamesNothingIsToldBeforeItIsSaid() {
        Checked none = Checked.of("standing:\nmountain, 5 breaths\n- say: {lead} foot light\n");
        assertEquals("“{lead} foot light” names a side, and mountain has none.", none.says(TypedCue.class));
        assertEquals(List.of("Say “foot light”"), none.offers(TypedCue.class));
        assertEquals(
                "“{leed}” is no place I know; it would be said as it is written.",
                saying("both", "5 breaths", "{leed} foot forward").says(TypedCue.class));
        assertEquals("", saying("both", "5 breaths", "{name}, {knees}").says(TypedCue.class));
    }

    /** The pose's own words turn to a place that has no side by itself: nothing is concluded, and nothing breaks. */
    @Test
    void aTurnThatTheWordsOfThePoseLeaveOpenIsPassedOver() {
        Checked both = Checked.of("floor:\nlying twist, both, 5 breaths\n- say: twist to the right, left arm wide\n");
        assertEquals(1, both.of(TypedCue.class).size());
        assertTrue(both.offers(TypedCue.class).size() > 0);
    }

    private static Checked twelve(String... said) {
        String text = Notation.write(Notation.plan("flow:\ntwelve positions b, 2 rounds, with sun names\n"));
        for (int i = 0; i < said.length; i += 2)
            text = text.replaceAll("(?m)^( *- say: ).*" + said[i] + ".*$", "$1" + said[i + 1]);
        return Checked.of(text);
    }

    @Test
    void aNameOfTheSunStandsAtItsPosition() {
        assertEquals("", twelve().says(TypedCue.class));
        assertEquals(
                "",
                twelve("pūṣṇe", "Om pushne namaha", "mitr", "om mitraya namah", "maric", "om marichaye namah")
                        .says(TypedCue.class));
        Checked wrong = twelve("ravaye", "out: om suryaya namaha");
        assertEquals(
                "“out: om suryaya namaha” is the name of position 3, and this is position 2.",
                wrong.says(TypedCue.class));
        assertEquals(List.of("Say “out: oṃ ravaye namaḥ”"), wrong.offers(TypedCue.class));
        assertEquals("", wrong.mended(TypedCue.class).says(TypedCue.class));
    }

    @Test
    void aMantraElsewhereIsNoPosition() {
        assertEquals("", saying("both", "5 breaths", "om suryaya namaha").says(TypedCue.class));
        assertEquals("", twelve("ravaye", "om shanti").says(TypedCue.class));
    }
}
