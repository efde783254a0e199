package gurukram.core.dose;

import gurukram.core.text.Refused;
import gurukram.core.text.TextEnd;
import gurukram.core.time.Breath;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Collects the dose phrases that stand at the end of a line, one at a time, and makes one dose of them.
 *
 * <p>Working from the end lets a pose keep a number in its name: {@code warrior 2, 5 breaths}.
 */
public final class DoseWords {
    private static final String SECOND = "(?:s|secs?|seconds?)";
    private static final String MINUTE = "(?:m|mins?|minutes?)";
    private static final String CLOCK = "(?:(\\d+):)(\\d\\d)";
    private static final String WHOLE = "(-?\\d+)";
    private static final String SPAN = "(-?\\d+)(?:(?:-|–| to )(\\d+))?";
    private static final String DECIMAL = "(-?\\d+(?:[.,]\\d+)?)";

    private static final String STAGE = "\\d+ *- *\\d+(?: *- *\\d+ *- *\\d+)? *[x×] *\\d+";
    private static final Pattern ONE_STAGE = Pattern.compile("(\\d+)-(\\d+)(?:-(\\d+)-(\\d+))?[x×](\\d+)(?:-(\\d+))?");
    private static final String MOVE = "(?:on )?(?:an? |the )?"
            + "(?:inhale|in-breath|exhale|out-breath|held in|held out|hold in|hold out|natural(?: breath)?|in|out)";

    /** A number as typed, or two with the range between them; {@code high} is null for one. */
    private record Span(String low, String high) {
        static Span of(MatchResult m) {
            return new Span(m.group(1), m.group(2));
        }

        String end(boolean upper) {
            return upper && high != null ? high : low;
        }
    }

    private record Phrase(Pattern pattern, BiConsumer<DoseWords, MatchResult> taken) {}

    private static final List<Phrase> PHRASES = phrases();

    private final List<String> amounts = new ArrayList<>();
    private @Nullable Span breaths;
    private @Nullable Span held;
    private @Nullable Integer heldSeconds;
    private @Nullable Span chosen;
    private @Nullable Span reps;
    private @Nullable Span sets;
    private @Nullable String rest;
    private @Nullable Integer repMillis;
    private @Nullable Integer repBreaths;
    private @Nullable String shown;
    private @Nullable Boolean shownOnTop;
    private boolean shownASide;
    private @Nullable Integer shownMillis;
    private @Nullable String turns;
    private @Nullable String moveCounts;
    private @Nullable Span attempts;
    private @Nullable String attemptEach;
    private @Nullable Span ownPace;
    private @Nullable Integer ownPaceSeconds;
    private @Nullable List<Breath> movement;
    private boolean continued;
    private boolean open;
    private boolean orLonger;
    private @Nullable String entered;
    private @Nullable Span counts;
    private @Nullable String pattern;
    private Dose.Pattern.@Nullable Holds holds;

    /** A phrase that also fits a later, shorter one stands first. */
    private static List<Phrase> phrases() {
        String ownPace = "(?:at )?(?:your |their )?own pace,? *(?:about |for |~)*";
        String each = " *(?:each|a rep|per rep)";
        String aSide = "( (?:a|each|per|on each|on both) sides?)";
        List<Phrase> p = new ArrayList<>();
        phrase(p, "(?:at|say) *(\\d+)(?: *[x×] *(\\d+))?", (w, m) -> w.chosen = Span.of(m));
        phrase(p, "(?:with )?rest(?: of)? *" + WHOLE + " *" + SECOND + "?", (w, m) -> w.rest = m.group(1));
        phrase(p, WHOLE + " *" + SECOND + " *(?:rest|between)(?: sets)?", (w, m) -> w.rest = m.group(1));
        phrase(
                p,
                DECIMAL + " *" + SECOND + " *(?:each|a|per) (?:shown|taught)(?: rep)?",
                (w, m) -> w.shownMillis = millis(m.group(1)));
        phrase(p, DECIMAL + " *" + SECOND + each, (w, m) -> w.repMillis = millis(m.group(1)));
        phrase(p, "(\\d+) *(?:b|br|breaths?)" + each, (w, m) -> w.repBreaths = Dose.REP_BREATHS.parse(m.group(1)));
        phrase(p, "(\\d+) *(?:shown|taught)(?: reps?)?,? *(inside|on top)(?: of it)?" + aSide + "?", (w, m) -> {
            w.shown = m.group(1);
            w.shownOnTop = m.group(2).equalsIgnoreCase("on top");
            w.shownASide = m.group(3) != null;
        });
        phrase(p, "in (\\d+) +(?:turns?|groups?)", (w, m) -> w.turns = m.group(1));
        phrase(p, "in (?:halves|two halves)|half (?:of )?the room at a time", (w, m) -> w.turns = "2");
        amount(
                p,
                SPAN + " *(?:attempts?|tries|try)(?: of)? *(\\d+ *(?:b|br|breaths?|counts?|s|secs?|seconds?))",
                (w, m) -> {
                    w.attempts = Span.of(m);
                    w.attemptEach = m.group(3);
                });
        amount(p, ownPace + CLOCK, (w, m) -> w.ownPaceSeconds = clock(m));
        amount(p, ownPace + SPAN + " *" + SECOND, (w, m) -> w.ownPace = Span.of(m));
        amount(p, ownPace + DECIMAL + " *" + MINUTE, (w, m) -> w.ownPaceSeconds = minutes(m.group(1)));
        phrase(p, "(?:with )?no empty holds?", (w, m) -> w.holds = Dose.Pattern.Holds.NO_EMPTY);
        phrase(p, "(?:with )?no (?:holds?|retentions?)", (w, m) -> w.holds = Dose.Pattern.Holds.NONE);
        amount(p, STAGE + "(?:-\\d+|(?: *(?:\\+|then|,) *" + STAGE + ")*)", (w, m) -> w.pattern = m.group());
        amount(
                p,
                "(" + MOVE + "(?:,? *(?:then|and|\\+) *" + MOVE
                        + ")*)( continued)?,? *(?:(?:in|over|for|on)(?: a count of)? )?(\\d{1,3}) *counts?",
                (w, m) -> {
                    w.movement = halfBreaths(m.group(1));
                    w.continued = m.group(2) != null;
                    w.moveCounts = m.group(3);
                });
        amount(p, SPAN + " *counts?", (w, m) -> w.counts = Span.of(m));
        amount(p, "(?:for |about |for about |~ *)?" + CLOCK, (w, m) -> w.heldSeconds = clock(m));
        amount(p, "(?:for |about |for about |~ *)?" + SPAN + " *" + SECOND, (w, m) -> w.held = Span.of(m));
        amount(
                p,
                "(?:for |about |for about |~ *)?" + DECIMAL + " *" + MINUTE,
                (w, m) -> w.heldSeconds = minutes(m.group(1)));
        amount(
                p,
                "(" + MOVE + "(?:,? *(?:then|and|\\+) *" + MOVE
                        + ")*)( continued)?(?:,? *(?:and then|then|and)(?: stay| hold)?|,? *(?:stay|hold|held))(?: for)? *(\\d+)"
                        + " *(?:b|br|breaths?)",
                (w, m) -> {
                    w.movement = halfBreaths(m.group(1));
                    w.continued = m.group(2) != null;
                    w.entered = m.group(3);
                });
        amount(p, SPAN + " *(?:b|br|breaths?)", (w, m) -> w.breaths = Span.of(m));
        amount(p, SPAN + " *(?:reps?|times|repetitions?)", (w, m) -> w.reps = Span.of(m));
        phrase(p, "[x×] *" + SPAN + "(?: *sets?)?", (w, m) -> w.sets = Span.of(m));
        phrase(p, SPAN + " *sets?(?: of)?", (w, m) -> w.sets = Span.of(m));
        phrase(p, "(?:and )?(?:the breath )?(?:continued|goes on)", (w, m) -> w.continued = true);
        amount(
                p,
                "(" + MOVE + "(?:,? *(?:then|and|\\+) *" + MOVE + ")*)",
                (w, m) -> w.movement = halfBreaths(m.group(1)));
        phrase(p, "(?:open|free)(?: time)?", (w, m) -> w.open = true);
        phrase(
                p,
                "(?:,? *(?:or|and) )(?:as long as (?:you|they) (?:like|want|need)|longer|more|stay longer)",
                (w, m) -> {
                    w.open = true;
                    w.orLonger = true;
                });
        return List.copyOf(p);
    }

    private static void phrase(List<Phrase> phrases, String regex, BiConsumer<DoseWords, MatchResult> taken) {
        phrases.add(new Phrase(Pattern.compile("(?i)" + regex), taken));
    }

    /** A phrase that makes a dose by itself: two of them contradict each other. */
    private static void amount(List<Phrase> phrases, String regex, BiConsumer<DoseWords, MatchResult> taken) {
        phrase(phrases, regex, (words, m) -> {
            words.amounts.add(0, m.group());
            taken.accept(words, m);
        });
    }

    private static int clock(MatchResult m) {
        return seconds(m.group(1)) * 60 + seconds(m.group(2));
    }

    /** Takes one dose phrase from the end: answers the text before it, or null when none stands there. */
    public @Nullable String takeFromEnd(String text) {
        TextEnd end = new TextEnd(text);
        for (Phrase phrase : PHRASES) {
            Optional<MatchResult> found = end.find(phrase.pattern());
            if (found.isEmpty()) continue;
            phrase.taken().accept(this, found.get());
            return end.before(found.get());
        }
        return null;
    }

    /** The dose all taken phrases make; empty when none was taken; {@link Refused} when they do not go together. */
    public Optional<Dose> dose() {
        if (amounts.size() > 1) {
            throw new Refused("“" + String.join("” and “", amounts) + "” are " + amounts.size() + " doses; keep one.");
        }
        boolean ofReps =
                sets != null || repMillis != null || repBreaths != null || shown != null || shownMillis != null;
        if (reps == null && (ofReps || (rest != null && attempts == null))) {
            throw new Refused("Sets, rests and seconds each go with repetitions, as in “10 reps x 2, rest 40 s”.");
        }
        if (continued && movement == null) {
            throw new Refused("Only a half-breath can be continued, as in “out continued”.");
        }
        if (chosen != null && !canBeRange()) {
            throw new Refused("“at %s” chooses within a range, as in “5-8 breaths, at 6”.".formatted(chosen.low()));
        }
        if (ownPaceSeconds != null) return Optional.of(new Dose.OwnPace(Dose.SECONDS.check(ownPaceSeconds)));
        if (open) return Optional.of(openDose());
        if (heldSeconds != null) return Optional.of(new Dose.Seconds(heldSeconds));
        if (entered != null) {
            Dose.Movement way = new Dose.Movement(Objects.requireNonNull(movement), continued);
            return Optional.of(new Dose.Entered(way, new Dose.Breaths(Dose.BREATHS.parse(entered))));
        }
        if (turns != null && attempts == null)
            throw new Refused("Turns go with attempts, as in “1 attempt of 5 breaths, in 2 turns”.");
        if (movement != null) {
            Integer counts = moveCounts == null ? null : Dose.MOVE_COUNTS.parse(moveCounts);
            return Optional.of(new Dose.Movement(movement, continued, counts));
        }
        if (pattern != null) return Optional.of(patternDose());
        if (canBeRange()) return Optional.of(numbered());
        if (holds != null) throw new Refused("Holds belong to a breathing pattern, as in “4-4-4-4 x 3, no holds”.");
        return Optional.empty();
    }

    private boolean canBeRange() {
        boolean hold = breaths != null || held != null || counts != null;
        return hold || reps != null || attempts != null || ownPace != null || pattern != null;
    }

    private static List<Breath> halfBreaths(String typed) {
        List<Breath> breaths = new ArrayList<>();
        for (String part : typed.toLowerCase(Locale.ROOT).split(",? *(?:\\bthen\\b|\\band\\b|\\+) *")) {
            if (part.contains("natural")) breaths.add(Breath.FREE);
            else if (part.contains("hold in") || part.contains("held in")) breaths.add(Breath.HOLD_IN);
            else if (part.contains("hold out") || part.contains("held out")) breaths.add(Breath.HOLD_OUT);
            else breaths.add(part.contains("in") ? Breath.INHALE : Breath.EXHALE);
        }
        return breaths;
    }

    /** One dose, or a range when two numbers were typed somewhere; a range's chosen value is its lower end unless said. */
    private Dose numbered() {
        Dose low = end(false);
        Dose high = end(true);
        if (chosen == null) return low.equals(high) ? low : new Range(low, low, high);
        Dose at = reps == null
                ? withAmount(chosen.low())
                : repsDose(chosen.low(), chosen.high() == null ? sets == null ? "1" : sets.low() : chosen.high());
        return new Range(low, at, high);
    }

    private Dose end(boolean upper) {
        if (reps != null) return repsDose(reps.end(upper), sets == null ? "1" : sets.end(upper));
        Span amount = breaths != null ? breaths : held != null ? held : counts != null ? counts : ownPace;
        return withAmount(
                Objects.requireNonNull(amount == null ? attempts : amount).end(upper));
    }

    private Dose withAmount(String amount) {
        if (breaths != null) return new Dose.Breaths(Dose.BREATHS.parse(amount));
        if (held != null && open) return new Dose.Open(Dose.OPEN_SECONDS.parse(amount), orLonger);
        if (held != null) return new Dose.Seconds(Dose.SECONDS.parse(amount));
        if (ownPace != null) return new Dose.OwnPace(Dose.SECONDS.parse(amount));
        if (attempts != null) {
            int between = rest == null ? 0 : Dose.REST.parse(rest);
            return new Attempts(
                    Dose.ATTEMPTS.parse(amount),
                    DoseText.parse(Objects.requireNonNull(attemptEach)),
                    between,
                    turns == null ? 1 : Dose.TURNS.parse(turns),
                    null);
        }
        return new Dose.Counts(Dose.COUNTS.parse(amount));
    }

    /** {@code 4-4-4-4 x 3} is in, hold, out, hold; {@code 4-6 x 10} is in and out. */
    private Dose patternDose() {
        List<Dose.Pattern.Stage> stages = new ArrayList<>();
        Matcher stage = ONE_STAGE.matcher(Objects.requireNonNull(pattern).replace(" ", ""));
        String highest = null;
        while (stage.find()) {
            stages.add(stage(stage, stage.group(5)));
            highest = stage.group(6);
        }
        Dose.Pattern low = pattern(stages);
        if (highest == null && chosen == null) return low;
        if (highest == null || stages.size() != 1) {
            throw new Refused("Only a pattern of one stage has a range, as in “4-4-4-4 x 3-5, at 4”.");
        }
        Dose high = pattern(List.of(withCycles(stages.get(0), highest)));
        Dose at = chosen == null ? low : pattern(List.of(withCycles(stages.get(0), chosen.low())));
        return new Range(low, at, high);
    }

    private Dose.Pattern pattern(List<Dose.Pattern.Stage> stages) {
        return new Dose.Pattern(stages, holds == null ? Dose.Pattern.Holds.ALL : holds);
    }

    private static Dose.Pattern.Stage stage(Matcher stage, String cycles) {
        boolean held = stage.group(3) != null;
        return new Dose.Pattern.Stage(
                Dose.PHASE.parse(stage.group(1)),
                held ? Dose.PHASE.parse(stage.group(2)) : 0,
                Dose.PHASE.parse(stage.group(held ? 3 : 2)),
                held ? Dose.PHASE.parse(stage.group(4)) : 0,
                Dose.CYCLES.parse(cycles));
    }

    private static Dose.Pattern.Stage withCycles(Dose.Pattern.Stage s, String cycles) {
        return new Dose.Pattern.Stage(s.in(), s.holdIn(), s.out(), s.holdOut(), Dose.CYCLES.parse(cycles));
    }

    private Dose openDose() {
        if (heldSeconds != null) return new Dose.Open(Dose.OPEN_SECONDS.check(heldSeconds), orLonger);
        if (held == null) throw new Refused("Open time needs a length, as in “3 min open”.");
        return numbered();
    }

    private Dose repsDose(String times, String inSets) {
        int between = rest == null ? 0 : Dose.REST.parse(rest);
        Reps.Shown first = null;
        if (shown != null)
            first = new Reps.Shown(Dose.SHOWN.parse(shown), Boolean.TRUE.equals(shownOnTop), shownMillis, shownASide);
        if (shown == null && shownMillis != null) {
            throw new Refused("How many are shown? As in “1 shown on top, 10 s a shown rep”.");
        }
        return new Reps(Dose.REPS.parse(times), Dose.SETS.parse(inSets), between, repMillis, repBreaths, first);
    }

    private static int seconds(String typed) {
        return new BigInteger(typed).min(BigInteger.valueOf(99_999)).intValue();
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
