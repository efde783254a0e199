package gurukram.core.plan.settings;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A pace typed for movements: {@code 5 s a position}, {@code 3.5 s a half-breath}, {@code 7 s a breath}, {@code in 3 s out 4
 * s}. It fixes them: no round, no side and no way of cueing changes it.
 *
 * @param per what lasts so long
 * @param millis how long, ms; of {@link Per#IN_AND_OUT} the inhale
 * @param outMillis the exhale, ms, of {@link Per#IN_AND_OUT}; null otherwise
 */
public record TypedPace(Per per, int millis, @Nullable Integer outMillis) {
    public static final Limit MILLIS = new Limit("Milliseconds of a typed pace", 1_000, 60_000);

    public enum Per {
        /** one step of one pass, however many half-breaths it has */
        POSITION("a position"),
        HALF_BREATH("a half-breath"),
        BREATH("a breath"),
        IN_AND_OUT("a breath");

        private final String words;

        Per(String words) {
            this.words = words;
        }
    }

    private static final String SECONDS = "(\\d{1,4}(?:[.,]\\d{1,3})?) *(?:s|sec|secs|seconds?)?";
    private static final Pattern FORM = Pattern.compile(
            "(?i)(?:pace )?" + SECONDS
                    + " *(?:(?:a|an|each|per|every|for (?:a|each|every))? *(position|movement|step|move|half[- ]?breath|breath|inhale|exhale)|each)?");
    private static final Pattern BOTH = Pattern.compile("(?i)(?:pace )?(?:breathe? )?in(?:hale)? (?:for )?" + SECONDS
            + "[ ,]*(?:and )?(?:breathe? )?(?:out|exhale) (?:for )?" + SECONDS);

    public TypedPace {
        MILLIS.check(millis);
        if (outMillis != null) MILLIS.check(outMillis);
        if ((outMillis != null) != (per == Per.IN_AND_OUT)) throw new Refused("An exhale of its own needs its inhale.");
    }

    public static TypedPace of(Per per, int millis) {
        return new TypedPace(per, millis, null);
    }

    public static TypedPace position(int millis) {
        return of(Per.POSITION, millis);
    }

    public static TypedPace inAndOut(int in, int out) {
        return new TypedPace(Per.IN_AND_OUT, in, out);
    }

    /** Reads {@link #toString()} and {@code 5 s}, which is a position; {@link Refused} otherwise. */
    @JsonCreator
    public static TypedPace parse(String typed) {
        return read(typed)
                .orElseThrow(
                        () -> new Refused(
                                "“" + typed
                                        + "” is no pace; “5 s a position”, “3.5 s a half-breath”, “7 s a breath” or “in 3 s out 4 s” is."));
    }

    /** Empty when it is something else; {@link Refused} when it is a pace beyond what is possible. */
    public static Optional<TypedPace> read(String typed) {
        Matcher both = BOTH.matcher(typed.strip());
        if (both.matches()) return Optional.of(inAndOut(millis(both.group(1)), millis(both.group(2))));
        Matcher one = FORM.matcher(typed.strip());
        if (!one.matches()) return Optional.empty();
        return Optional.of(of(per(one.group(2)), millis(one.group(1))));
    }

    private static Per per(@Nullable String unit) {
        if (unit == null) return Per.POSITION;
        String folded = unit.toLowerCase(java.util.Locale.ROOT);
        if (folded.equals("breath")) return Per.BREATH;
        return folded.startsWith("half") || folded.endsWith("hale") ? Per.HALF_BREATH : Per.POSITION;
    }

    private static int millis(String seconds) {
        BigDecimal ms = new BigDecimal(seconds.replace(',', '.')).movePointRight(3);
        if (ms.compareTo(BigDecimal.valueOf(MILLIS.least())) < 0 || ms.compareTo(BigDecimal.valueOf(MILLIS.most())) > 0)
            throw new Refused("A pace is from 1 to 60 seconds; “" + seconds + " s” is not.");
        return ms.intValueExact();
    }

    /** One whole breath at this pace, ms; a position alone says nothing of breaths and is taken for a half-breath. */
    public long breath() {
        return switch (per) {
            case BREATH -> millis;
            case IN_AND_OUT -> (long) millis + outOf();
            case POSITION, HALF_BREATH -> 2L * millis;
        };
    }

    /** The exhale where it is typed for itself, ms. */
    public int outOf() {
        return outMillis == null ? millis : outMillis;
    }

    @JsonValue
    @Override
    public String toString() {
        if (per == Per.IN_AND_OUT) return "in " + Millis.seconds(millis) + " s out " + Millis.seconds(outOf()) + " s";
        return Millis.seconds(millis) + " s " + per.words;
    }
}
