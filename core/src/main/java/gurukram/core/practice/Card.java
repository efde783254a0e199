package gurukram.core.practice;

import java.time.LocalDate;

/**
 * How well a question is known, by Leitner's boxes: what was right goes one box up and comes again later, what was wrong goes back to the
 * first and comes again tomorrow.
 *
 * @param key of the question
 * @param box 1 to {@value #BOXES}
 * @param due the day from which on it is asked again
 * @param right how often it was answered rightly, {@code wrong} wrongly
 */
public record Card(String key, int box, LocalDate due, int right, int wrong) {
    public static final int BOXES = 5;
    /** Days until it comes again, by the box it has come to. */
    private static final int[] DAYS = {1, 2, 4, 8, 16};

    public Card {
        if (box < 1 || box > BOXES) throw new IllegalArgumentException("there is no box " + box);
        if (right < 0 || wrong < 0) throw new IllegalArgumentException("answers cannot be fewer than none");
    }

    /** One that was never asked. */
    public static Card fresh(String key, LocalDate today) {
        return new Card(key, 1, today, 0, 0);
    }

    public boolean isDue(LocalDate today) {
        return !due.isAfter(today);
    }

    /** A card that was never answered rightly before stays in the first box for one more day. */
    public Card answered(boolean rightly, LocalDate today) {
        if (!rightly) return new Card(key, 1, today.plusDays(DAYS[0]), right, wrong + 1);
        int next = right + wrong == 0 ? 1 : Math.min(BOXES, box + 1);
        return new Card(key, next, today.plusDays(DAYS[next - 1]), right + 1, wrong);
    }

    /** In the last box: it comes again every sixteen days. */
    public boolean isKnown() {
        return box == BOXES;
    }
}
