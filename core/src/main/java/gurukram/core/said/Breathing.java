package gurukram.core.said;

import gurukram.core.text.Remembered;
import java.util.ArrayList;
import java.util.List;

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
                if (Lexicon.shipped().at(clause, i, "inhale").isPresent()) {
                    phases.add(true);
                    breathed = true;
                } else if (Lexicon.shipped().at(clause, i, "exhale").isPresent()) {
                    phases.add(false);
                    breathed = true;
                } else if (isHold(clause, i, breathed)) {
                    held = true;
                }
            }
        }
        return new Breathing(phases, held);
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
