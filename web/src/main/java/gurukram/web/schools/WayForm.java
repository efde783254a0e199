package gurukram.web.schools;

import gurukram.core.body.Side;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.schools.Way;
import gurukram.web.shared.WrongRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A way as a form says it; empty leaves it open.
 *
 * @param list {@code a} to {@code d}, or {@code flow-} and the place of a flow of one's own
 */
record WayForm(String list, String legs, String round, String join, String first) {
    private static final String FLOW = "flow-";

    /** Fields of the column with a number; {@link WrongRequest} for what no page sends. */
    static WayForm of(Map<String, String> fields, String number) {
        WayForm form = new WayForm(
                fields.getOrDefault("list" + number, ""),
                fields.getOrDefault("legs" + number, ""),
                fields.getOrDefault("round" + number, ""),
                fields.getOrDefault("join" + number, ""),
                fields.getOrDefault("first" + number, ""));
        boolean listed = form.list.isEmpty() || TwelvePositions.LISTS.contains(form.list) || form.flow() >= 0;
        boolean taken = listed
                && List.of("", "returning", "same-front").contains(form.legs)
                && List.of("", "both", "one").contains(form.round)
                && List.of("", "separate", "shared", "linked").contains(form.join)
                && List.of("", "right", "left").contains(form.first);
        if (!taken) throw new WrongRequest("no such way");
        return form;
    }

    /** The place of a flow of one's own; -1 where it is a list. */
    int flow() {
        return list.matches(FLOW + "\\d{1,2}") ? Integer.parseInt(list.substring(FLOW.length())) : -1;
    }

    Way way() {
        return new Way(
                TwelvePositions.LISTS.contains(list) ? list : null,
                legs.isEmpty() ? null : legs.equals("returning") ? LegRule.RETURNING : LegRule.SAME_FRONT,
                round.isEmpty() ? null : round.equals("one") ? Counting.ONE_SIDE : Counting.BOTH_SIDES,
                join.isEmpty() ? null : Join.parse(join),
                first.isEmpty() ? null : Side.valueOf(first.toUpperCase(Locale.ROOT)));
    }

    /** What of it is not left open, in words. */
    List<String> words() {
        List<String> words = new ArrayList<>();
        if (!legs.isEmpty()) words.add(legs.equals("returning") ? "returning leg" : "same front leg");
        if (!round.isEmpty()) words.add(round.equals("one") ? "a round is one side" : "a round is both sides");
        if (!join.isEmpty())
            words.add(join.equals("shared") ? "prayer shared" : join.equals("linked") ? "linked" : "separate");
        if (!first.isEmpty()) words.add(first + " first");
        return words;
    }
}
