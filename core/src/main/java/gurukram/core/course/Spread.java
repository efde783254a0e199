package gurukram.core.course;

/**
 * Whole steps shared out evenly over lessons: each as often as the others, the earlier one oftener where it does not come out.
 * From 2 to 4 in six lessons: 2, 2, 3, 3, 4, 4.
 */
final class Spread {
    private Spread() {}

    /**
     * @param from what the lesson {@code first} has, {@code to} what the lesson {@code last} comes to
     * @return what the lesson {@code n} has; {@code from} where {@code to} is no more than that
     */
    static int at(int from, int to, int first, int last, int n) {
        if (to <= from || n <= first) return from;
        int lessons = last - first + 1;
        return Math.min(to, from + (to - from + 1) * (n - first) / lessons);
    }
}
