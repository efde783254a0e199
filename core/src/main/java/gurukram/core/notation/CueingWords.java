package gurukram.core.notation;

import gurukram.core.plan.Cueing;
import gurukram.core.text.Words;
import java.util.Optional;

/** A section's way of cueing: {@code explained} or {@code by the breath}. */
final class CueingWords {
    private CueingWords() {}

    static Optional<Cueing> read(String line) {
        for (Cueing way : Cueing.values()) if (Words.fold(way.word()).equals(Words.fold(line))) return Optional.of(way);
        return Optional.empty();
    }
}
