package gurukram.core.check;

import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** How findings say things. */
final class Wording {
    private Wording() {}

    /** {@code a}, {@code a and b}, {@code a, b and c}. */
    static String and(List<String> things) {
        int n = things.size();
        if (n < 2) return String.join("", things);
        return String.join(", ", things.subList(0, n - 1)) + " and " + things.get(n - 1);
    }

    /** A part of the body in the middle of a sentence. */
    static String area(String word) {
        return word.equals("ankles-feet") ? "ankles and feet" : word.replace('-', ' ');
    }

    /** {@code 45 s}, {@code 2 minutes 10}, {@code 23 minutes}. */
    static String time(long ms) {
        long whole = Math.round(ms / 1000.0) * Millis.SECOND;
        if (whole < Millis.MINUTE) return Millis.seconds(whole) + " s";
        String minutes = Words.count(whole / Millis.MINUTE, "minute");
        long seconds = whole % Millis.MINUTE / Millis.SECOND;
        return seconds == 0 ? minutes : minutes + " " + seconds;
    }

    static String minutes(long ms) {
        return Words.count(Math.round((double) ms / Millis.MINUTE), "minute");
    }

    /** {@code 9.4}, {@code 9}: rounded up, so that what is above a limit never reads as the limit. */
    static String tenths(double number) {
        BigDecimal tenths = BigDecimal.valueOf(number).setScale(1, RoundingMode.CEILING);
        return tenths.stripTrailingZeros().toPlainString();
    }

    static String times(int n) {
        return n == 1 ? "once" : n == 2 ? "twice" : n + " times";
    }

    /** A text as a sentence: with a capital and its full stop. */
    static String sentence(String text) {
        String ended = text.endsWith(".") || text.endsWith("!") || text.endsWith("?") ? text : text + ".";
        return Words.capital(ended);
    }
}
