package gurukram.web.plans;

import gurukram.core.plan.FlowSettings;
import gurukram.core.plan.FlowSides.Counting;
import gurukram.core.plan.FlowSides.Order;
import gurukram.core.plan.Join;
import gurukram.core.pose.Side;
import gurukram.core.text.Refused;
import java.math.BigDecimal;

/** The fields of a flow. */
final class FlowFields {
    private FlowFields() {}

    static FlowSettings with(FlowSettings settings, String field, String value) {
        return switch (field) {
            case "name" -> settings.withName(value);
            case "rounds" -> settings.withRounds(FlowSettings.ROUNDS.parse(value));
            case "counting" -> settings.with(Counting.valueOf(value));
            case "order" -> settings.with(Order.valueOf(value));
            case "first" -> settings.withFirstSide(Side.valueOf(value));
            case "join" -> settings.withJoins(Join.parse(value), settings.roundJoin());
            case "position" -> settings.withPositionMillis(value.isBlank() ? null : seconds(value, 1, 60));
            default -> throw new IllegalArgumentException("no such field: " + field);
        };
    }

    /** Seconds with up to three decimals, as ms. */
    static int seconds(String typed, int least, int most) {
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
