package gurukram.core.course;

import gurukram.core.text.Refused;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * On which days the lessons of a course are: from a first day on in its rhythm, without the days that fall out, and
 * with single days moved.
 *
 * @param off days on which nothing is, though the rhythm comes to them: missed, on holiday, another class instead
 * @param moved days that moved, and to which
 */
public record Days(LocalDate first, Rhythm rhythm, Set<LocalDate> off, Map<LocalDate, LocalDate> moved) {
    private static final int MOST_OFF = 400;

    public Days {
        off = Collections.unmodifiableSet(new TreeSet<>(off));
        moved = Collections.unmodifiableMap(new TreeMap<>(moved));
        if (off.size() > MOST_OFF) throw new Refused("More days have fallen out than a course can have.");
    }

    public static Days from(LocalDate first, Rhythm rhythm) {
        return new Days(first, rhythm, Set.of(), Map.of());
    }

    /** The days of so many lessons, in their order. */
    public List<LocalDate> of(int lessons) {
        List<LocalDate> days = new ArrayList<>();
        for (LocalDate day = first; days.size() < lessons; day = day.plusDays(rhythm.days()))
            if (!off.contains(day)) days.add(moved.getOrDefault(day, day));
        return days;
    }

    /** Nothing is on a lesson's day: it and all that follow are one turn later. */
    public Days without(int lesson) {
        Set<LocalDate> more = new TreeSet<>(off);
        more.add(usual(lesson));
        return new Days(first, rhythm, more, moved);
    }

    /** Nothing is from one day to another, both included: the lessons there and all that follow are later. */
    public Days withHoliday(LocalDate from, LocalDate to) {
        if (to.isBefore(from)) throw new Refused("The holiday ends before it begins.");
        if (to.isAfter(from.plusDays(MOST_OFF)))
            throw new Refused("A holiday of more than a year is the end of a course.");
        Set<LocalDate> more = new TreeSet<>(off);
        for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) if (isInRhythm(day)) more.add(day);
        return new Days(first, rhythm, more, moved);
    }

    private boolean isInRhythm(LocalDate day) {
        return (day.toEpochDay() - first.toEpochDay()) % rhythm.days() == 0;
    }

    /** One lesson is on another day, between the one before it and the one behind it. */
    public Days with(int lesson, LocalDate other, int lessons) {
        List<LocalDate> days = of(lessons);
        if (lesson > 1 && !other.isAfter(days.get(lesson - 2)))
            throw new Refused("That is not after the %s before it.".formatted(rhythm.word()));
        if (lesson < lessons && !other.isBefore(days.get(lesson)))
            throw new Refused("That is not before the %s that follows it.".formatted(rhythm.word()));
        Map<LocalDate, LocalDate> others = new TreeMap<>(moved);
        LocalDate usual = usual(lesson);
        if (usual.equals(other)) others.remove(usual);
        else others.put(usual, other);
        return new Days(first, rhythm, off, others);
    }

    /** The day a lesson would be on by the rhythm, were it not moved. */
    public LocalDate usual(int lesson) {
        return new Days(first, rhythm, off, Map.of()).of(lesson).get(lesson - 1);
    }
}
