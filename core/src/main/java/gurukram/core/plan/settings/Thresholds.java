package gurukram.core.plan.settings;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import gurukram.core.pose.Level;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;

/**
 * Where a teacher's or a studio's judgement begins, by the short name of the threshold: one value for every level, or
 * three, beginner to advanced. What is not named keeps the value of its check.
 */
public record Thresholds(@JsonValue Map<String, List<Integer>> values) {
    public static final Thresholds NONE = new Thresholds(Map.of());
    public static final Limit VALUE = new Limit("A threshold", 0, 100_000);
    public static final int MOST = 60;

    @JsonCreator
    public Thresholds {
        TreeMap<String, List<Integer>> sorted = new TreeMap<>();
        if (values != null) values.forEach((name, each) -> sorted.put(checked(name), checked(each)));
        if (sorted.size() > MOST) throw new Refused("At most " + MOST + " thresholds can be set.");
        values = Collections.unmodifiableSortedMap(sorted);
    }

    private static String checked(String name) {
        if (name == null || !name.matches("[a-z][a-z-]{0,39}")) {
            throw new Refused("“" + name + "” is no short name of a threshold.");
        }
        return name;
    }

    private static List<Integer> checked(List<Integer> each) {
        if (each == null || (each.size() != 1 && each.size() != Level.values().length)) {
            throw new Refused("A threshold has one value, or three for the levels.");
        }
        each.forEach(value -> VALUE.check(value == null ? -1 : value));
        return List.copyOf(each);
    }

    /** What is set for a level; empty when nothing is. */
    public OptionalInt at(String name, Level level) {
        List<Integer> each = values.get(name);
        if (each == null) return OptionalInt.empty();
        return OptionalInt.of(each.get(each.size() == 1 ? 0 : level.ordinal()));
    }

    /** Another value or other values for one; an empty list takes the setting away. */
    public Thresholds with(String name, List<Integer> each) {
        Map<String, List<Integer>> others = new TreeMap<>(values);
        if (each.isEmpty()) others.remove(name);
        else others.put(name, each);
        return new Thresholds(others);
    }

    /** These where they are set, {@code wider} elsewhere. */
    Thresholds over(Thresholds wider) {
        if (values.isEmpty()) return wider;
        Map<String, List<Integer>> both = new TreeMap<>(wider.values);
        both.putAll(values);
        return new Thresholds(both);
    }
}
