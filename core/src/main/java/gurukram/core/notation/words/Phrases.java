package gurukram.core.notation.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Phrases that each say one thing about a value; a phrase must fit as a whole, whatever its case. */
public final class Phrases<T> {
    private record Phrase<T>(Pattern pattern, BiFunction<T, Matcher, T> meaning) {}

    private final List<Phrase<T>> phrases = new ArrayList<>();

    public Phrases<T> on(String regex, BiFunction<T, Matcher, T> meaning) {
        phrases.add(new Phrase<>(Pattern.compile(regex, Pattern.CASE_INSENSITIVE), meaning));
        return this;
    }

    public boolean knows(String phrase) {
        return phrases.stream()
                .anyMatch(known -> known.pattern().matcher(phrase).matches());
    }

    /** The value with what the phrase says; empty when it says nothing known. */
    public Optional<T> read(String phrase, T value) {
        for (Phrase<T> known : phrases) {
            Matcher matcher = known.pattern().matcher(phrase);
            if (matcher.matches()) return Optional.of(known.meaning().apply(value, matcher));
        }
        return Optional.empty();
    }
}
