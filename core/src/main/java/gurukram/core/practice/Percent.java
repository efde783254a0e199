package gurukram.core.practice;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Parts of a hundred, with one decimal where they are not whole: {@code 91.7 %}, {@code 75 %}. */
final class Percent {
    private Percent() {}

    /** {@code 0 %} of nothing. */
    static String of(int part, int whole) {
        if (whole == 0) return "0 %";
        return BigDecimal.valueOf(100L * part)
                        .divide(BigDecimal.valueOf(whole), 1, RoundingMode.HALF_UP)
                        .stripTrailingZeros()
                        .toPlainString()
                + " %";
    }
}
