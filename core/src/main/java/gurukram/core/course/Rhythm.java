package gurukram.core.course;

import gurukram.core.text.Limit;

/** How often the lessons of a course are, and what one is called. */
public enum Rhythm {
    /** one a week, over some weeks */
    WEEKLY("week", 7, 4, 12),
    /** one a day, as a challenge */
    DAILY("day", 1, 7, 40),
    /** one a week, numbered, without an end; so many are planned ahead */
    OPEN("class", 7, 4, 52);

    private final String word;
    private final int days;
    private final Limit lessons;

    Rhythm(String word, int days, int fewest, int most) {
        this.word = word;
        this.days = days;
        this.lessons =
                new Limit(word.equals("class") ? "Classes planned ahead" : "Number of " + word + "s", fewest, most);
    }

    /** What one lesson is called: {@code week}, {@code day}, {@code class}. */
    public String word() {
        return word;
    }

    /** From one lesson to the next, in days. */
    public int days() {
        return days;
    }

    /** How many there may be. */
    public Limit lessons() {
        return lessons;
    }
}
