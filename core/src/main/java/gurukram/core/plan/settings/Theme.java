package gurukram.core.plan.settings;

import gurukram.core.text.Plain;

/**
 * What a class is about, in the teacher's own words; each part may be empty.
 *
 * @param focus the part of the body it looks at
 * @param open said at the beginning, {@code close} at the end; the threads between stand at their steps
 */
public record Theme(
        String title,
        String sentence,
        String affirmation,
        String image,
        String quotation,
        String focus,
        String mantra,
        String open,
        String close) {
    public static final int MOST_TITLE_LETTERS = 120;
    public static final int MOST_LETTERS = 300;
    public static final Theme NONE = titled("");

    public Theme {
        title = Plain.line(title, "A theme", MOST_TITLE_LETTERS);
        sentence = Plain.line(sentence, "The sentence of a theme", MOST_LETTERS);
        affirmation = Plain.line(affirmation, "An affirmation", MOST_LETTERS);
        image = Plain.line(image, "An image", MOST_LETTERS);
        quotation = Plain.line(quotation, "A quotation", MOST_LETTERS);
        focus = Plain.line(focus, "A focus", MOST_LETTERS);
        mantra = Plain.line(mantra, "A mantra", MOST_LETTERS);
        open = Plain.line(open, "The opening words", MOST_LETTERS);
        close = Plain.line(close, "The closing words", MOST_LETTERS);
    }

    public static Theme titled(String title) {
        return new Theme(title, "", "", "", "", "", "", "", "");
    }

    public Theme withTitle(String other) {
        return new Theme(other, sentence, affirmation, image, quotation, focus, mantra, open, close);
    }

    public Theme withSentence(String other) {
        return new Theme(title, other, affirmation, image, quotation, focus, mantra, open, close);
    }

    public Theme withAffirmation(String other) {
        return new Theme(title, sentence, other, image, quotation, focus, mantra, open, close);
    }

    public Theme withImage(String other) {
        return new Theme(title, sentence, affirmation, other, quotation, focus, mantra, open, close);
    }

    public Theme withQuotation(String other) {
        return new Theme(title, sentence, affirmation, image, other, focus, mantra, open, close);
    }

    public Theme withFocus(String other) {
        return new Theme(title, sentence, affirmation, image, quotation, other, mantra, open, close);
    }

    public Theme withMantra(String other) {
        return new Theme(title, sentence, affirmation, image, quotation, focus, other, open, close);
    }

    public Theme withOpen(String other) {
        return new Theme(title, sentence, affirmation, image, quotation, focus, mantra, other, close);
    }

    public Theme withClose(String other) {
        return new Theme(title, sentence, affirmation, image, quotation, focus, mantra, open, other);
    }
}
