package gurukram.core.course;

import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Lessons that lead somewhere.
 *
 * @param lessons how many there are
 * @param minutes of each
 * @param startRung where the group begins on the ladder of the peak, from 1
 * @param supervised whether somebody watches first tries off the floor, at most four mats at a time
 * @param themes by turns, one a lesson; empty where the aim itself is the theme, or none is wanted
 * @param own what the teacher wants otherwise, by lesson
 */
public record Course(
        String title,
        Rhythm rhythm,
        int lessons,
        int minutes,
        Aim aim,
        int startRung,
        boolean supervised,
        Growth growth,
        List<String> themes,
        Map<Integer, Own> own) {
    private static final int MOST_LETTERS = 80;
    private static final int MOST_THEMES = 40;
    private static final int MOST_RUNGS = 50;

    public Course {
        title = Plain.line(title, "A course's name", MOST_LETTERS);
        if (title.isEmpty()) throw new Refused("Give the course a name.");
        // fewer than it began with are left where some fell out
        if (lessons < 1 || lessons > rhythm.lessons().most()) rhythm.lessons().check(lessons);
        if (startRung < 1 || startRung > MOST_RUNGS) throw new Refused("A ladder begins at rung 1.");
        if (themes.size() > MOST_THEMES) throw new Refused("At most %d themes.".formatted(MOST_THEMES));
        themes = List.copyOf(themes);
        TreeMap<Integer, Own> sorted = new TreeMap<>(own);
        sorted.values().removeIf(Own::isNothing);
        own = Collections.unmodifiableMap(sorted);
    }

    public Own ownOf(int lesson) {
        return own.getOrDefault(lesson, Own.NOTHING);
    }

    /** With something of a lesson otherwise; {@link Own#NOTHING} leaves it to the course again. */
    public Course with(int lesson, Own other) {
        Map<Integer, Own> changed = new TreeMap<>(own);
        changed.put(lesson, other);
        return new Course(title, rhythm, lessons, minutes, aim, startRung, supervised, growth, themes, changed);
    }

    /** Without one lesson: those behind it move up, with what the teacher wanted in them. */
    public Course without(int lesson) {
        Map<Integer, Own> moved = new TreeMap<>();
        own.forEach((n, what) -> {
            if (n != lesson) moved.put(n > lesson ? n - 1 : n, what);
        });
        return new Course(title, rhythm, lessons - 1, minutes, aim, startRung, supervised, growth, themes, moved);
    }

    /** What a lesson is called: {@code Half moon, week 3 of 6}; an open series has no end: {@code Class 7}. */
    public String name(int lesson) {
        String number = rhythm.word() + " " + lesson;
        return rhythm == Rhythm.OPEN ? title + ", " + number : title + ", " + number + " of " + lessons;
    }
}
