package gurukram.core.coverage;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** In how many classes something came, and when last. */
public final class Tally {
    /** @param classes in how many it came */
    public record Line(String what, int classes, LocalDate last) {
        Line plus(LocalDate day) {
            return new Line(what, classes + 1, day.isAfter(last) ? day : last);
        }
    }

    private Tally() {}

    /** The most frequent first; what is blank does not count. */
    static List<Line> of(List<Lesson> lessons, Function<Lesson, Collection<String>> what) {
        Map<String, Line> lines = new LinkedHashMap<>();
        for (Lesson lesson : lessons) {
            for (String one : what.apply(lesson)) {
                if (one.isBlank()) continue;
                Line before = lines.get(one);
                lines.put(one, before == null ? new Line(one, 1, lesson.day()) : before.plus(lesson.day()));
            }
        }
        return lines.values().stream()
                .sorted(Comparator.comparing(Line::classes)
                        .thenComparing(Line::last)
                        .reversed()
                        .thenComparing(Line::what))
                .toList();
    }
}
