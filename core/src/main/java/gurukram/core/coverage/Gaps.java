package gurukram.core.coverage;

import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What classes have lacked lately. Nothing is said of fewer than three classes, nor of less than two weeks. */
public final class Gaps {
    /** Ours: less than this of a movement in a class is passing it by. */
    private static final long A_CLASS_HAS_IT_MS = 30_000;

    private static final int LEAST_CLASSES = 3;
    private static final int LEAST_DAYS = 14;
    private static final int A_WEEK = 7;
    private static final int ONE_SIDE_PERCENT = 5;
    private static final long ONE_SIDE_MS = 120_000;
    private static final int TOO_OFTEN = 3;

    /**
     * @param movement what is lacking
     * @param words {@code no twist for three weeks}
     */
    public record Gap(Movement movement, String words) {}

    private Gaps() {}

    /**
     * The movements that none of the latest classes had, the longest missed first.
     *
     * @param lessons in any order
     */
    public static List<Gap> of(List<Lesson> lessons, PoseCatalogue catalogue, LocalDate today) {
        List<Lesson> latest = lessons.stream()
                .filter(lesson -> !lesson.day().isAfter(today))
                .sorted(Comparator.comparing(Lesson::day).reversed())
                .toList();
        record Found(Gap gap, long days) {}
        List<Found> found = new ArrayList<>();
        for (Movement movement : Movement.values()) {
            Set<String> poses = poses(movement, catalogue);
            int without = 0;
            int expecting = 0;
            long inPassing = 0;
            LocalDate last = null;
            LocalDate first = today;
            for (Lesson lesson : latest) {
                long ms = ms(lesson, poses);
                if (ms >= A_CLASS_HAS_IT_MS) {
                    last = lesson.day();
                    break;
                }
                inPassing += ms;
                without++;
                first = lesson.day();
                if (movement.isFor(lesson.level())) expecting++;
            }
            long days = ChronoUnit.DAYS.between(last == null ? first : last, today);
            if (expecting < LEAST_CLASSES || days < LEAST_DAYS) continue;
            String since = last == null ? "in any of the last " + number(without) + " classes" : "for " + weeks(days);
            found.add(new Found(
                    new Gap(movement, "no " + movement.bare() + (inPassing > 0 ? " to speak of " : " ") + since),
                    days));
        }
        return found.stream()
                .sorted(Comparator.comparing(Found::days).reversed())
                .map(Found::gap)
                .toList();
    }

    private static long ms(Lesson lesson, Set<String> poses) {
        long ms = 0;
        for (var worked : lesson.covered().poses().entrySet())
            if (poses.contains(worked.getKey())) ms += worked.getValue().all();
        return ms;
    }

    private static Set<String> poses(Movement movement, PoseCatalogue catalogue) {
        return catalogue.poses().stream().filter(movement::isIn).map(Pose::id).collect(Collectors.toSet());
    }

    /** Null for one that is no longer there. */
    static @Nullable Pose pose(String id, PoseCatalogue catalogue) {
        return catalogue.has(id) ? catalogue.pose(id) : null;
    }

    /**
     * What else stands out over the weeks: a side that does less, a flow or a peak that comes again and again. Whole sentences.
     *
     * @param always whether everybody repeats a flow of such a name
     */
    public static List<String> patterns(List<Lesson> lessons, PoseCatalogue catalogue, Predicate<String> always) {
        List<String> said = new ArrayList<>();
        Covered.Sides sides = Covered.Sides.NONE;
        for (Lesson lesson : lessons)
            for (Covered.Sides worked : lesson.covered().poses().values()) sides = sides.plus(worked);
        long apart = Math.abs(sides.right() - sides.left());
        long longer = Math.max(sides.right(), sides.left());
        if (apart > ONE_SIDE_MS && apart * 100 > ONE_SIDE_PERCENT * longer)
            said.add("The %s side did %d %% less work than the %s."
                    .formatted(
                            sides.right() < sides.left() ? "right" : "left",
                            Math.round(apart * 100.0 / longer),
                            sides.right() < sides.left() ? "left" : "right"));
        if (lessons.size() < LEAST_CLASSES) return said;
        Tally.of(lessons, lesson -> List.copyOf(lesson.covered().flows().keySet())).stream()
                .filter(line -> isTooOften(line, lessons) && !always.test(line.what()))
                .forEach(line -> said.add("“%s” came in %s of %s classes."
                        .formatted(line.what(), number(line.classes()), number(lessons.size()))));
        Tally.of(lessons, lesson -> lesson.peak() == null ? List.of() : List.of(lesson.peak())).stream()
                .filter(line -> isTooOften(line, lessons))
                .forEach(line -> said.add("%s was the peak of %s of %s classes."
                        .formatted(
                                catalogue.has(line.what())
                                        ? catalogue.pose(line.what()).name()
                                        : line.what(),
                                number(line.classes()),
                                number(lessons.size()))));
        return said;
    }

    /** In more than half of them, and not only by chance. */
    private static boolean isTooOften(Tally.Line line, List<Lesson> lessons) {
        return line.classes() >= TOO_OFTEN && line.classes() * 2 > lessons.size();
    }

    private static String weeks(long days) {
        return number((int) (days / A_WEEK)) + " weeks";
    }

    private static String number(int n) {
        String[] small = {"none", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"};
        return n < small.length ? small[n] : String.valueOf(n);
    }
}
