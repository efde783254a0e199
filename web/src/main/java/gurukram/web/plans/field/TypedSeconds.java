package gurukram.web.plans.field;

import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import java.math.BigDecimal;

/** Seconds as they are typed into a box. */
final class TypedSeconds {
    private TypedSeconds() {}

    /** The same within a limit in ms. */
    static int millis(String typed, Limit limit) {
        int ms = millis(typed, 0, limit.most() / 1000);
        if (ms < limit.least()) throw new Refused("At least " + Millis.seconds(limit.least()) + " seconds, please.");
        return ms;
    }

    /** Seconds with up to three decimals, as ms; {@link Refused} outside {@code least} to {@code most} seconds. */
    static int millis(String typed, int least, int most) {
        String plain = typed.strip().replace(',', '.').replaceAll(" *s$", "");
        boolean number = plain.matches("\\d{1,6}(\\.\\d{1,3})?");
        BigDecimal ms = number ? new BigDecimal(plain).movePointRight(3) : BigDecimal.ZERO;
        if (!number || ms.intValue() < least * 1000 || ms.intValue() > most * 1000) {
            throw new Refused("Seconds: a number from %d to %d, such as 3.5; “%s” is not."
                    .formatted(least, most, typed.length() <= 20 ? typed.strip() : typed.substring(0, 20) + "…"));
        }
        return ms.intValue();
    }
}
