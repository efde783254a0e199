package gurukram.core.said;

import gurukram.core.text.Remembered;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What a text says of the breath.
 *
 * @param phases in and out in the order of the text: true for in
 * @param held whether it asks people to hold it
 */
public record Breathing(List<Boolean> phases, boolean held) {
    public Breathing {
        phases = List.copyOf(phases);
    }

    private static final Remembered<String, Breathing> READ = new Remembered<>(Breathing::read);

    public static Breathing of(String text) {
        return READ.of(text);
    }

    private static Breathing read(String text) {
        List<Boolean> phases = new ArrayList<>();
        boolean held = false;
        boolean breathed = false;
        for (List<Sentence.Word> clause : Sentence.of(text).clauses()) {
            for (int i = 0; i < clause.size(); i++) {
                Optional<Lexicon.Entry> in = Lexicon.shipped().at(clause, i, "inhale");
                Optional<Lexicon.Entry> phase = in.or(exhale(clause, i));
                if (phase.isPresent()) {
                    phases.add(in.isPresent());
                    breathed = true;
                    i += phase.get().words().size() - 1;
                } else if (isHold(clause, i, breathed)) {
                    held = true;
                }
            }
        }
        return new Breathing(phases, held);
    }

    private static Supplier<Optional<Lexicon.Entry>> exhale(List<Sentence.Word> clause, int i) {
        return () -> Lexicon.shipped().at(clause, i, "exhale");
    }

    /** “hold it there” holds the breath only where the breath was spoken of. */
    private static boolean isHold(List<Sentence.Word> clause, int i, boolean breathed) {
        return Lexicon.shipped()
                .at(clause, i, "hold")
                .filter(entry ->
                        breathed || !entry.words().get(1 % entry.words().size()).equals("it"))
                .isPresent();
    }
}
