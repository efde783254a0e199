package gurukram.core.notation.words;

import gurukram.core.plan.settings.BreathLengths;
import gurukram.core.plan.settings.Timing;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * How long breaths are: {@code 5 s a breath}, {@code 7 s a passive breath}, {@code half-breaths 4/3.6 s}, {@code rounds
 * 100/91/85 %}, {@code inhale 3 to exhale 4}.
 */
final class BreathWords {
    private static final String SECONDS = Numbers.DECIMAL + " *" + Numbers.SECONDS + "?";
    private static final String EACH = " *(?:a|an|each|per|every|for (?:a|an|each|every)) ";

    private static final Phrases<BreathLengths> PHRASES = new Phrases<BreathLengths>()
            .on(
                    SECONDS + EACH + "breath",
                    (b, m) -> b.withActive(breath(m.group(1))).withPassive(breath(m.group(1))))
            .on(SECONDS + EACH + "active breath", (b, m) -> b.withActive(breath(m.group(1))))
            .on(SECONDS + EACH + "passive breath", (b, m) -> b.withPassive(breath(m.group(1))))
            .on("active breath:? " + SECONDS, (b, m) -> b.withActive(breath(m.group(1))))
            .on("passive breath:? " + SECONDS, (b, m) -> b.withPassive(breath(m.group(1))))
            .on("second side " + SECONDS + EACH + "half[- ]?breath", (b, m) -> b.withSecondHalf(half(m.group(1))))
            .on(SECONDS + EACH + "half[- ]?breath", (b, m) -> b.withHalf(half(m.group(1))))
            .on(
                    "half[- ]?breaths? " + Numbers.DECIMAL + " *s? */ *" + SECONDS,
                    (b, m) -> b.withHalf(half(m.group(1))).withSecondHalf(half(m.group(2))))
            .on("half[- ]?breaths? " + SECONDS, (b, m) -> b.withHalf(half(m.group(1))))
            .on("rounds (\\d{1,9}(?: *[/>] *\\d{1,9})*) *(?:%|percent)", (b, m) -> b.withRounds(percents(m.group(1))))
            .on(
                    "in(?:hale)? (\\d{1,9})(?: *[:/] *|,? (?:to )?)(?:out |exhale )?(\\d{1,9})",
                    (b, m) ->
                            b.withRatio(BreathLengths.PARTS.parse(m.group(1)), BreathLengths.PARTS.parse(m.group(2))));

    private BreathWords() {}

    static Optional<BreathLengths> read(String part, BreathLengths now) {
        return PHRASES.read(part, now);
    }

    static List<String> write(BreathLengths b) {
        List<String> parts = new ArrayList<>();
        if (b.activeMillis() != null && b.activeMillis().equals(b.passiveMillis())) {
            parts.add(Millis.seconds(b.activeMillis()) + " s a breath");
        } else {
            if (b.activeMillis() != null) parts.add(Millis.seconds(b.activeMillis()) + " s an active breath");
            if (b.passiveMillis() != null) parts.add(Millis.seconds(b.passiveMillis()) + " s a passive breath");
        }
        if (b.halfMillis() != null) parts.add(Millis.seconds(b.halfMillis()) + " s a half-breath");
        if (b.secondHalfMillis() != null)
            parts.add("second side " + Millis.seconds(b.secondHalfMillis()) + " s a half-breath");
        if (!b.roundPercents().isEmpty()) {
            String percents = b.roundPercents().stream().map(String::valueOf).collect(Collectors.joining("/"));
            parts.add("rounds " + percents + " %");
        }
        if (b.inhale() != null) parts.add("inhale " + b.inhale() + " to exhale " + b.exhale());
        return parts;
    }

    private static int breath(String seconds) {
        return Numbers.millis(seconds, Timing.BREATH_MILLIS, "Seconds a breath");
    }

    private static int half(String seconds) {
        return Numbers.millis(seconds, BreathLengths.HALF_MILLIS, "Seconds a half-breath");
    }

    private static List<Integer> percents(String typed) {
        return Arrays.stream(typed.split("[/>]"))
                .map(String::strip)
                .map(BreathLengths.PERCENT::parse)
                .toList();
    }
}
