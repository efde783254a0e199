package gurukram.core.phrase;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * A piece of a class that is made already, and what it is for.
 *
 * @param name what people could ask for
 * @param from the lowest level it is for, {@code to} the highest
 * @param part where in a class it stands
 * @param peaks ids of poses it leads to
 * @param themes words it goes with
 * @param grows what changes from round to round, in a few words
 * @param written its one flow, with the lines of all levels, in a class of its own
 */
public record Phrase(
        String id,
        String name,
        Kind kind,
        Set<Style> styles,
        Level from,
        Level to,
        SectionRole part,
        List<String> peaks,
        List<String> themes,
        String grows,
        ClassPlan written) {
    public enum Kind {
        /** a salutation */
        SALUTE("salute"),
        /** movements on the breath, in rounds that grow towards something held */
        FLOW("flow"),
        /** held poses, a whole side and then the other */
        CHAIN("chain");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        static Kind parse(String word) {
            for (Kind kind : values()) if (kind.word.equals(word)) return kind;
            throw new IllegalStateException("no kind of phrase: " + word);
        }
    }

    public Phrase {
        styles = Set.copyOf(styles);
        peaks = List.copyOf(peaks);
        themes = List.copyOf(themes);
    }

    /** Its steps, with the layers of all levels. */
    public List<Step> steps() {
        List<Step> steps = new ArrayList<>();
        written.walk(node -> {
            if (node instanceof Step step) steps.add(step);
        });
        return steps;
    }

    public boolean isFor(Level level) {
        return level.compareTo(from) >= 0 && level.compareTo(to) <= 0;
    }
}
