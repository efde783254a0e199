package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class ThemePlacesTest {
    private static Checked themed(String head, String body) {
        return Checked.of("class: T\n- 60 min, hatha, beginner\n" + head + "floor:\n" + body);
    }

    @Test
    void withoutAThemeThereIsNothingToSayAndWithOneItsEmptyPlacesAreNamed() {
        assertEquals("", themed("", "bound angle, 5 breaths\n").says(ThemePlaces.class));
        assertEquals(
                "The theme “Steady” has no opening words, no thread between, no closing words.",
                themed("- theme: Steady\n", "bound angle, 5 breaths\n").says(ThemePlaces.class));
        assertEquals(
                "",
                themed(
                                "- theme: Steady\n- opening words: Steady now.\n- closing words: Stay steady.\n",
                                "bound angle, 5 breaths\n- thread: steady\n")
                        .says(ThemePlaces.class));
    }

    @Test
    void fifteenMinutesAreTheLongestSilence() {
        String head = "- theme: Steady\n- opening words: Steady now.\n- closing words: Stay steady.\n";
        String body = "bound angle, %d s\neasy seat, 10 s\n- thread: steady\neasy seat, 60 s\n";
        assertEquals("", themed(head, body.formatted(850)).says(ThemePlaces.class));
        assertTrue(
                themed(head, body.formatted(960))
                        .says(ThemePlaces.class)
                        .startsWith("From 0:00 on nothing is said of the theme for 1"),
                themed(head, body.formatted(960)).says(ThemePlaces.class));
    }

    @Test
    void theCloseComesBackToTheTheme() {
        String head = "- theme: Steady\n- opening words: Steady now.\n- closing words: See you on Tuesday.\n";
        assertEquals(
                "The closing words share no word with the theme “Steady”.",
                themed(head, "bound angle, 5 breaths\n- thread: steady\n").says(ThemePlaces.class));
        assertEquals(
                List.of(Severity.INFO),
                themed(head, "bound angle, 5 breaths\n- thread: steady\n").of(ThemePlaces.class).stream()
                        .map(Finding::severity)
                        .toList());
    }
}
