package gurukram.web.plans;

import gurukram.core.plan.Flow;
import gurukram.core.plan.FlowSettings;
import gurukram.core.plan.FlowSides.Counting;
import gurukram.core.plan.FlowSides.Leads;
import gurukram.core.plan.FlowSides.Order;
import gurukram.core.plan.FlowSides.Turn;
import gurukram.core.plan.Join;
import gurukram.core.plan.Marks;
import gurukram.core.plan.Mode;
import gurukram.core.plan.Texts;
import gurukram.core.pose.Side;
import gurukram.core.text.Refused;
import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The fields of a flow. */
final class FlowFields {
    private static final Pattern OF_ROUND = Pattern.compile("(mode|pace)-(\\d{1,3})");

    private FlowFields() {}

    /** A field of the flow itself, or a setting of it. */
    static Flow with(Flow flow, String field, String value) {
        Texts texts = MarkFields.with(flow.texts(), field, value);
        if (texts != null) return flow.with(texts);
        Marks marks = MarkFields.with(flow.marks(), field, value);
        if (marks != null) return flow.with(marks);
        return flow.with(with(flow.settings(), field, value));
    }

    static FlowSettings with(FlowSettings settings, String field, String value) {
        return switch (field) {
            case "name" -> settings.withName(value);
            case "rounds" -> settings.withRounds(FlowSettings.ROUNDS.parse(value));
            case "counting" -> settings.with(Counting.valueOf(value));
            case "order" -> settings.with(Order.valueOf(value));
            case "first" -> settings.withFirstSide(Side.valueOf(value));
            case "join" -> settings.withJoins(Join.parse(value), settings.roundJoin());
            case "position" -> settings.withPositionMillis(value.isBlank() ? null : seconds(value, 1, 60));
            case "turn" -> settings.with(settings.sides().with(Turn.valueOf(value)));
            case "leads" -> settings.with(settings.sides().with(Leads.valueOf(value)));
            case "round-join" -> settings.withJoins(settings.join(), value.isBlank() ? null : Join.parse(value));
            default -> ofRound(settings, field, value);
        };
    }

    /** {@code mode-2} and {@code pace-2}: the mode and the pace of the second round. */
    private static FlowSettings ofRound(FlowSettings settings, String field, String value) {
        Matcher of = OF_ROUND.matcher(field);
        int round = of.matches() ? Integer.parseInt(of.group(2)) : 0;
        if (round < 1 || round > settings.rounds()) throw new IllegalArgumentException("no such field: " + field);
        if (of.group(1).equals("mode"))
            return settings.with(settings.pace().withModeIn(round, settings.rounds(), Mode.valueOf(value)));
        Integer ms = value.isBlank() ? null : seconds(value, 1, 60);
        return settings.with(settings.pace().withPositionIn(round, ms));
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
