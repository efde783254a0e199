package gurukram.core.dose;

import gurukram.core.text.Refused;
import gurukram.core.time.Breath;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Collects the dose phrases that stand at the end of a line, one at a time, and makes one dose of them.
 *
 * <p>Working from the end lets a pose keep a number in its name: {@code warrior 2, 5 breaths}.
 */
public final class DoseWords {
    private static final String SECOND = "(?:s|secs?|seconds?)";
    private static final String WHOLE = "(-?\\d+)";
    private static final String SPAN = "(-?\\d+)(?:(?:-|–| to )(\\d+))?";
    private static final String DECIMAL = "(-?\\d+(?:[.,]\\d+)?)";

    private static final String STAGE = "\\d+ *- *\\d+(?: *- *\\d+ *- *\\d+)? *[x×] *\\d+";
    private static final Pattern ONE_STAGE = Pattern.compile("(\\d+)-(\\d+)(?:-(\\d+)-(\\d+))?[x×](\\d+)");

    /** A number as typed, or two with the range between them; {@code high} is null for one. */
    private record Span(String low, String high) {
        static Span of(MatchResult m) {
            return new Span(m.group(1), m.group(2));
        }

        String end(boolean upper) {
            return upper && high != null ? high : low;
        }
    }

    private record Phrase(Pattern pattern, Consumer<MatchResult> taken) {}

    private final List<Phrase> phrases = new ArrayList<>();
    private final List<String> amounts = new ArrayList<>();
    private Span breaths;
    private Span held;
    private Integer heldSeconds;
    private Span chosen;
    private Span reps;
    private Span sets;
    private String rest;
    private Integer repMillis;
    private Breath movement;
    private boolean open;
    private Span counts;
    private String pattern;
    private Dose.Pattern.Holds holds;

    /** A phrase that also fits a later, shorter one stands first. */
    public DoseWords() {
        phrase("(?:at|say) *(\\d+)(?: *[x×] *(\\d+))?", m -> chosen = Span.of(m));
        phrase("(?:with )?rest(?: of)? *" + WHOLE + " *" + SECOND + "?", m -> rest = m.group(1));
        phrase(WHOLE + " *" + SECOND + " *(?:rest|between)(?: sets)?", m -> rest = m.group(1));
        phrase(DECIMAL + " *" + SECOND + " *(?:each|a rep|per rep)", m -> repMillis = millis(m.group(1)));
        phrase("(?:with )?no empty holds?", m -> holds = Dose.Pattern.Holds.NO_EMPTY);
        phrase("(?:with )?no (?:holds?|retentions?)", m -> holds = Dose.Pattern.Holds.NONE);
        amount(STAGE + "(?: *(?:\\+|then|,) *" + STAGE + ")*", m -> pattern = m.group());
        amount(SPAN + " *counts?", m -> counts = Span.of(m));
        amount("(?:(\\d+):)(\\d\\d)", m -> heldSeconds = seconds(m.group(1)) * 60 + seconds(m.group(2)));
        amount(SPAN + " *" + SECOND, m -> held = Span.of(m));
        amount(DECIMAL + " *(?:m|mins?|minutes?)", m -> heldSeconds = minutes(m.group(1)));
        amount(SPAN + " *(?:b|br|breaths?)", m -> breaths = Span.of(m));
        amount(SPAN + " *(?:reps?|times|repetitions?)", m -> reps = Span.of(m));
        phrase("[x×] *" + SPAN + "(?: *sets?)?", m -> sets = Span.of(m));
        phrase(SPAN + " *sets?(?: of)?", m -> sets = Span.of(m));
        amount("(?:on )?(?:an? |the )?(?:in|inhale|in-breath)", m -> movement = Breath.INHALE);
        amount("(?:on )?(?:an? |the )?(?:out|exhale|out-breath)", m -> movement = Breath.EXHALE);
        phrase("(?:open|free)(?: time)?", m -> open = true);
    }

    private void phrase(String regex, Consumer<MatchResult> taken) {
        phrases.add(new Phrase(Pattern.compile("(?i)(?:^|[\\s,;]+)" + regex + "[\\s,;]*$"), taken));
    }

    /** A phrase that makes a dose by itself: two of them contradict each other. */
    private void amount(String regex, Consumer<MatchResult> taken) {
        phrase(regex, m -> {
            amounts.add(0, m.group().replaceAll("^[\\s,;]+|[\\s,;]+$", ""));
            taken.accept(m);
        });
    }

    /** Takes one dose phrase from the end: answers the text before it, or null when none stands there. */
    public String takeFromEnd(String text) {
        for (Phrase phrase : phrases) {
            Matcher matcher = phrase.pattern().matcher(text);
            if (matcher.find()) {
                phrase.taken().accept(matcher.toMatchResult());
                return text.substring(0, matcher.start()).strip();
            }
        }
        return null;
    }

    /** The dose all taken phrases make; empty when none was taken; {@link Refused} when they do not go together. */
    public Optional<Dose> dose() {
        if (amounts.size() > 1) {
            throw new Refused("“" + String.join("” and “", amounts) + "” are " + amounts.size() + " doses; keep one.");
        }
        if (reps == null && (sets != null || rest != null || repMillis != null)) {
            throw new Refused("Sets, rests and seconds each go with repetitions, as in “10 reps x 2, rest 40 s”.");
        }
        if (open) return Optional.of(new Dose.Open(openSeconds()));
        if (heldSeconds != null) return Optional.of(new Dose.Seconds(heldSeconds));
        if (movement != null) return Optional.of(new Dose.Movement(movement));
        if (breaths != null || held != null || counts != null || reps != null) return Optional.of(numbered());
        if (pattern != null) return Optional.of(patternDose());
        if (holds != null) throw new Refused("Holds belong to a breathing pattern, as in “4-4-4-4 x 3, no holds”.");
        return Optional.empty();
    }

    /** One dose, or a range when two numbers were typed somewhere; a range's chosen value is its lower end unless said. */
    private Dose numbered() {
        Dose low = end(false);
        Dose high = end(true);
        if (chosen == null) return low.equals(high) ? low : new Dose.Range(low, low, high);
        Dose at = reps == null
                ? withAmount(chosen.low())
                : repsDose(chosen.low(), chosen.high() == null ? sets == null ? "1" : sets.low() : chosen.high());
        return new Dose.Range(low, at, high);
    }

    private Dose end(boolean upper) {
        if (reps != null) return repsDose(reps.end(upper), sets == null ? "1" : sets.end(upper));
        Span amount = breaths != null ? breaths : held != null ? held : counts;
        return withAmount(amount.end(upper));
    }

    private Dose withAmount(String amount) {
        if (breaths != null) return new Dose.Breaths(Dose.BREATHS.parse(amount));
        if (held != null) return new Dose.Seconds(Dose.SECONDS.parse(amount));
        return new Dose.Counts(Dose.COUNTS.parse(amount));
    }

    /** {@code 4-4-4-4 x 3} is in, hold, out, hold; {@code 4-6 x 10} is in and out. */
    private Dose patternDose() {
        List<Dose.Pattern.Stage> stages = new ArrayList<>();
        Matcher stage = ONE_STAGE.matcher(pattern.replace(" ", ""));
        while (stage.find()) {
            boolean held = stage.group(3) != null;
            stages.add(new Dose.Pattern.Stage(
                    Dose.PHASE.parse(stage.group(1)),
                    held ? Dose.PHASE.parse(stage.group(2)) : 0,
                    Dose.PHASE.parse(stage.group(held ? 3 : 2)),
                    held ? Dose.PHASE.parse(stage.group(4)) : 0,
                    Dose.CYCLES.parse(stage.group(5))));
        }
        return new Dose.Pattern(stages, holds == null ? Dose.Pattern.Holds.ALL : holds);
    }

    private int openSeconds() {
        if (heldSeconds != null) return heldSeconds;
        if (held == null || held.high() != null) throw new Refused("Open time needs a length, as in “3 min open”.");
        return Dose.OPEN_SECONDS.parse(held.low());
    }

    private Dose repsDose(String times, String inSets) {
        int between = rest == null ? 0 : Dose.REST.parse(rest);
        return new Dose.Reps(Dose.REPS.parse(times), Dose.SETS.parse(inSets), between, repMillis);
    }

    private static int seconds(String typed) {
        return new java.math.BigInteger(typed)
                .min(java.math.BigInteger.valueOf(99_999))
                .intValue();
    }

    private static int minutes(String typed) {
        return bounded(typed, 60);
    }

    private static int millis(String typed) {
        return bounded(typed, 1000);
    }

    private static int bounded(String typed, int times) {
        BigDecimal product = new BigDecimal(typed.replace(',', '.')).multiply(BigDecimal.valueOf(times));
        return product.min(BigDecimal.valueOf(999_999))
                .setScale(0, RoundingMode.HALF_UP)
                .intValue();
    }
}
