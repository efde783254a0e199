package gurukram.core.figure;

import java.util.Locale;

/** Numbers as written in figures: at most two places, no trailing zeros. */
final class Numbers {
    private Numbers() {}

    static String plain(double number) {
        String text = String.format(Locale.ROOT, "%.2f", number).replaceAll("\\.?0+$", "");
        return text.equals("-0") ? "0" : text;
    }
}
