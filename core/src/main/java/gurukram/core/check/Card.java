package gurukram.core.check;

import java.util.List;

/**
 * What a rule is, for the page about it and for the list of what can be muted.
 *
 * @param rule its short name; only files and the notation use it
 * @param title what must hold, in a teacher's words
 * @param why one sentence
 * @param thresholds where its judgement begins; may be empty
 */
public record Card(String rule, String title, String why, List<Threshold> thresholds) {
    public Card {
        thresholds = List.copyOf(thresholds);
    }

    static Card of(String rule, String title, String why, Threshold... thresholds) {
        return new Card(rule, title, why, List.of(thresholds));
    }
}
