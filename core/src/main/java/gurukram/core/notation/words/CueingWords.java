package gurukram.core.notation.words;

import gurukram.core.plan.settings.Cueing;
import gurukram.core.text.Words;
import java.util.Optional;

/** A section's way of cueing: {@code explained} or {@code by the breath}. */
public final class CueingWords {
    private CueingWords() {}

    public static Optional<Cueing> read(String line) {
        for (Cueing way : Cueing.values()) if (Words.fold(way.word()).equals(Words.fold(line))) return Optional.of(way);
        return Optional.empty();
    }
}
