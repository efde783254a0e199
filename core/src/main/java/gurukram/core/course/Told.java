package gurukram.core.course;

import gurukram.core.plan.settings.Mode;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Function;

/** What became different in a course, in sentences. */
public final class Told {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMMM", Locale.UK);
    private final Rhythm rhythm;
    private final List<String> said = new ArrayList<>();

    private Told(Rhythm rhythm) {
        this.rhythm = rhythm;
    }

    /** Lessons with their days. */
    public record Lessons(List<Cell> cells, List<LocalDate> days) {}

    /** @return whole sentences; empty when nothing is different */
    public static List<String> between(Rhythm rhythm, Lessons before, Lessons after) {
        Told told = new Told(rhythm);
        told.number(before.days().size(), after.days().size());
        told.days(before.days(), after.days());
        told.grown(before.cells(), after.cells());
        return told.said;
    }

    /** {@code Day 3 of 21, 14.3 %}. */
    public static String progress(Rhythm rhythm, int lesson, int lessons) {
        String word = rhythm.word().substring(0, 1).toUpperCase(Locale.ROOT)
                + rhythm.word().substring(1);
        if (rhythm == Rhythm.OPEN) return word + " " + lesson;
        return String.format(Locale.ROOT, "%s %d of %d, %.1f %%", word, lesson, lessons, 100.0 * lesson / lessons);
    }

    private void number(int before, int after) {
        if (before != after) said.add("There are %d %ss instead of %d.".formatted(after, rhythm.word(), before));
    }

    private void days(List<LocalDate> before, List<LocalDate> after) {
        int both = Math.min(before.size(), after.size());
        int first = first(before, after, both);
        if (first < both) {
            int last = both;
            while (last > first + 1 && before.get(last - 1).equals(after.get(last - 1))) last--;
            String moves = "%s %d is on %s instead of %s"
                    .formatted(capital(), first + 1, day(after.get(first)), day(before.get(first)));
            if (last == first + 1) said.add(moves + "; the others stay.");
            else said.add(moves + ", and what follows moves with it.");
        }
        LocalDate ended = before.get(before.size() - 1);
        LocalDate ends = after.get(after.size() - 1);
        if (rhythm == Rhythm.OPEN) return;
        if (!ended.equals(ends)) said.add("The course ends on %s instead of %s.".formatted(day(ends), day(ended)));
        else if (before.size() != after.size()) said.add("It still ends on %s.".formatted(day(ends)));
    }

    private static <T> int first(List<T> before, List<T> after, int both) {
        int first = 0;
        while (first < both && Objects.equals(before.get(first), after.get(first))) first++;
        return first;
    }

    private void grown(List<Cell> before, List<Cell> after) {
        grown(before, after, cell -> cell.rung() == null ? "" : "rung " + cell.rung());
        grown(before, after, cell -> breaths(cell.breaths()));
        grown(before, after, cell -> rounds(cell.rounds()));
        grown(before, after, cell -> "a flow " + mode(cell.mode()));
        grown(before, after, cell -> "people " + cell.alone().words());
        grown(before, after, cell -> cell.theme().isEmpty() ? "no theme" : "“" + cell.theme() + "”");
        grown(before, after, cell -> cell.lighter() ? "a lighter load" : "the usual load");
    }

    private void grown(List<Cell> before, List<Cell> after, Function<Cell, String> what) {
        List<String> was = before.stream().map(what).toList();
        List<String> is = after.stream().map(what).toList();
        int both = Math.min(was.size(), is.size());
        int first = first(was, is, both);
        int end = both - 1;
        if (first < both) {
            boolean alone = was.subList(first + 1, both).equals(is.subList(first + 1, both));
            String now = "%s %d has %s instead of %s".formatted(capital(), first + 1, is.get(first), was.get(first));
            if (alone) said.add(now + ".");
            else if (is.get(is.size() - 1).equals(was.get(was.size() - 1)))
                said.add(now + "; the last has %s as before.".formatted(is.get(is.size() - 1)));
            else if (is.get(end).equals(is.get(first))
                    && was.get(end).equals(was.get(first))
                    && was.size() == is.size()) said.add(now + ", and so has all that follows.");
            else
                said.add(now
                        + "; the last has %s instead of %s.".formatted(is.get(is.size() - 1), was.get(was.size() - 1)));
        } else if (was.size() != is.size() && !is.get(is.size() - 1).equals(was.get(was.size() - 1))) {
            said.add("The last %s has %s instead of %s."
                    .formatted(rhythm.word(), is.get(is.size() - 1), was.get(was.size() - 1)));
        }
    }

    private String capital() {
        return rhythm.word().substring(0, 1).toUpperCase(Locale.ROOT)
                + rhythm.word().substring(1);
    }

    private static String day(LocalDate day) {
        return DAY.format(day);
    }

    private static String breaths(int n) {
        return n == 1 ? "1 breath" : n + " breaths";
    }

    private static String rounds(int n) {
        return n == 1 ? "1 round" : n + " rounds";
    }

    /** A flow {@code to learn}, {@code on the breath}, {@code in silence}. */
    public static String mode(Mode mode) {
        return switch (mode) {
            case LEARN -> "to learn";
            case BREATH -> "on the breath";
            case SILENT -> "in silence";
        };
    }
}
