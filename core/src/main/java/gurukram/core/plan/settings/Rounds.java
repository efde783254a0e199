package gurukram.core.plan.settings;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Some rounds of a flow: {@code 2}, {@code 2-3}, {@code 3+}, {@code last}.
 *
 * @param from the first, from 1; null when it is the last round, whichever that is
 * @param to the last of them; null for all that follow
 */
public record Rounds(@Nullable Integer from, @Nullable Integer to) {
    public static final Rounds LAST = new Rounds(null, null);
    private static final Pattern FORM = Pattern.compile("(\\d{1,3})(?: *(\\+)| *(?:-|–|to) *(\\d{1,3}))?");

    public Rounds {
        if (from != null) FlowSettings.ROUNDS.check(from);
        if (to != null) FlowSettings.ROUNDS.check(to);
        if (from == null && to != null) throw new Refused("Rounds need a first one.");
        if (from != null && to != null && to < from) {
            throw new Refused("Rounds %d to %d: the first comes after the last.".formatted(from, to));
        }
    }

    public static Rounds of(int from, int to) {
        return new Rounds(from, to);
    }

    public static Rounds from(int first) {
        return new Rounds(first, null);
    }

    /** Reads what {@link #toString()} writes; {@link Refused} otherwise. */
    @JsonCreator
    public static Rounds parse(String typed) {
        String words = typed.strip();
        if (words.equals("last")) return LAST;
        Matcher m = FORM.matcher(words);
        if (!m.matches()) {
            throw new Refused(Problem.of("“" + words + "” is no round.", "Maybe “2”, “2-3”, “3+” or “last”."));
        }
        int from = Integer.parseInt(m.group(1));
        if (m.group(2) != null) return from(from);
        return of(from, m.group(3) == null ? from : Integer.parseInt(m.group(3)));
    }

    /** @param rounds how many the flow has */
    public boolean has(int round, int rounds) {
        if (from == null) return round == rounds;
        return round >= from && (to == null || round <= to);
    }

    /** The first of them, in a flow of so many rounds. */
    public int first(int rounds) {
        return from == null ? rounds : from;
    }

    @Override
    @JsonValue
    public String toString() {
        if (from == null) return "last";
        if (to == null) return from + "+";
        return from.equals(to) ? from.toString() : from + "-" + to;
    }
}
