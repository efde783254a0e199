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
    private static final String DECIMAL = "(-?\\d+(?:[.,]\\d+)?)";

    private static final String STAGE = "\\d+ *- *\\d+(?: *- *\\d+ *- *\\d+)? *[x×] *\\d+";
    private static final Pattern ONE_STAGE = Pattern.compile("(\\d+)-(\\d+)(?:-(\\d+)-(\\d+))?[x×](\\d+)");

    private record Phrase(Pattern pattern, Consumer<MatchResult> taken) {}

    private final List<Phrase> phrases = new ArrayList<>();
    private final List<String> amounts = new ArrayList<>();
    private String breaths;
    private Integer heldSeconds;
    private String reps;
    private String sets;
    private String rest;
    private Integer repMillis;
    private Breath movement;
    private boolean open;
    private String counts;
    private String pattern;
    private Dose.Pattern.Holds holds;

    /** A phrase that also fits a later, shorter one stands first. */
    public DoseWords() {
        phrase("(?:with )?rest(?: of)? *" + WHOLE + " *" + SECOND + "?", m -> rest = m.group(1));
        phrase(WHOLE + " *" + SECOND + " *(?:rest|between)(?: sets)?", m -> rest = m.group(1));
        phrase(DECIMAL + " *" + SECOND + " *(?:each|a rep|per rep)", m -> repMillis = millis(m.group(1)));
        phrase("(?:with )?no empty holds?", m -> holds = Dose.Pattern.Holds.NO_EMPTY);
        phrase("(?:with )?no (?:holds?|retentions?)", m -> holds = Dose.Pattern.Holds.NONE);
        amount(STAGE + "(?: *(?:\\+|then|,) *" + STAGE + ")*", m -> pattern = m.group());
        amount(WHOLE + " *counts?", m -> counts = m.group(1));
        amount("(?:(\\d+):)(\\d\\d)", m -> heldSeconds = seconds(m.group(1)) * 60 + seconds(m.group(2)));
        amount(WHOLE + " *" + SECOND, m -> heldSeconds = seconds(m.group(1)));
        amount(DECIMAL + " *(?:m|mins?|minutes?)", m -> heldSeconds = minutes(m.group(1)));
        amount(WHOLE + " *(?:b|br|breaths?)", m -> breaths = m.group(1));
        amount(WHOLE + " *(?:reps?|times|repetitions?)", m -> reps = m.group(1));
        phrase("[x×] *" + WHOLE + "(?: *sets?)?", m -> sets = m.group(1));
        phrase(WHOLE + " *sets?(?: of)?", m -> sets = m.group(1));
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
        if (breaths != null) return Optional.of(new Dose.Breaths(Dose.BREATHS.parse(breaths)));
        if (heldSeconds != null) return Optional.of(new Dose.Seconds(heldSeconds));
        if (movement != null) return Optional.of(new Dose.Movement(movement));
        if (reps != null) return Optional.of(repsDose());
        if (counts != null) return Optional.of(new Dose.Counts(Dose.COUNTS.parse(counts)));
        if (pattern != null) return Optional.of(patternDose());
        if (holds != null) throw new Refused("Holds belong to a breathing pattern, as in “4-4-4-4 x 3, no holds”.");
        return Optional.empty();
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
        if (heldSeconds == null) throw new Refused("Open time needs a length, as in “3 min open”.");
        return heldSeconds;
    }

    private Dose repsDose() {
        int inSets = sets == null ? 1 : Dose.SETS.parse(sets);
        int between = rest == null ? 0 : Dose.REST.parse(rest);
        return new Dose.Reps(Dose.REPS.parse(reps), inSets, between, repMillis);
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
