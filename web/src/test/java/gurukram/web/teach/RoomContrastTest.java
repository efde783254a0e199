package gurukram.web.teach;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From two metres: what is read in the room stands out from its ground by 7 to 1 at least. */
class RoomContrastTest {
    private static final double ENOUGH = 7;

    private static String sheet() throws IOException {
        try (InputStream css = RoomContrastTest.class.getResourceAsStream("/styles/room.css")) {
            return new String(css.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static String ink(String sheet, String name) {
        Matcher found = Pattern.compile("--" + name + ": (#[0-9a-f]{6})").matcher(sheet);
        assertThat(found.find()).as(name).isTrue();
        return found.group(1);
    }

    private static double light(String ink) {
        double sum = 0;
        double[] weights = {0.2126, 0.7152, 0.0722};
        for (int i = 0; i < 3; i++) {
            double part = Integer.parseInt(ink.substring(1 + 2 * i, 3 + 2 * i), 16) / 255.0;
            sum += weights[i] * (part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4));
        }
        return sum;
    }

    private static double contrast(String a, String b) {
        double one = light(a) + 0.05;
        double other = light(b) + 0.05;
        return Math.max(one, other) / Math.min(one, other);
    }

    @Test
    void everyInkStandsOut() throws IOException {
        String sheet = sheet();
        String ground = ink(sheet, "ground");
        assertThat(contrast("#000000", "#ffffff")).isEqualTo(21);
        for (String name : new String[] {"text", "soft", "left", "right"})
            assertThat(contrast(ground, ink(sheet, name))).as(name).isGreaterThanOrEqualTo(ENOUGH);
        Matcher amber = Pattern.compile("(?<!-)color: (#[0-9a-f]{6})").matcher(sheet);
        int others = 0;
        while (amber.find()) {
            others++;
            assertThat(contrast(ground, amber.group(1))).as(amber.group(1)).isGreaterThanOrEqualTo(ENOUGH);
        }
        assertThat(others).isPositive();
    }
}
