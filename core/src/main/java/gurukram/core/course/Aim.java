package gurukram.core.course;

import gurukram.core.text.Plain;
import gurukram.core.text.Refused;

/**
 * What a course leads to.
 *
 * @param value a pose by its id, a salutation by its name, or the words of a theme
 */
public record Aim(Kind kind, String value) {
    private static final int MOST_LETTERS = 80;

    /** What kind of thing it is. */
    public enum Kind {
        /** a pose, by its ladder */
        PEAK,
        /** a theme that every lesson has its share of */
        THEME,
        /** a salutation that is known alone at the end */
        SALUTATION
    }

    public Aim {
        value = Plain.line(value, "What the course leads to", MOST_LETTERS);
        if (value.isEmpty()) throw new Refused("Say what the course leads to.");
    }
}
