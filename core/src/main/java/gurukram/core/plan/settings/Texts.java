package gurukram.core.plan.settings;

import gurukram.core.text.Plain;

/**
 * The teacher's own words at a part of the class; each may be empty.
 *
 * @param note for the teacher; may have several lines
 * @param say what is said at it, in place of the usual cue: a mantra, a name, a line to remember
 * @param thread where the theme is taken up again, and how
 */
public record Texts(String note, String say, String thread) {
    public static final int MOST_NOTE_LETTERS = 500;
    public static final int MOST_LINE_LETTERS = 200;
    public static final Texts NONE = new Texts("", "", "");

    public Texts {
        note = Plain.lines(note, "A note", MOST_NOTE_LETTERS);
        say = Plain.line(say, "A line to say", MOST_LINE_LETTERS);
        thread = Plain.line(thread, "A thread of the theme", MOST_LINE_LETTERS);
    }

    public Texts withNote(String other) {
        return new Texts(other, say, thread);
    }

    public Texts withSay(String other) {
        return new Texts(note, other, thread);
    }

    public Texts withThread(String other) {
        return new Texts(note, say, other);
    }
}
