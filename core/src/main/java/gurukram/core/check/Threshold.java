package gurukram.core.check;

import gurukram.core.plan.settings.Thresholds;
import gurukram.core.pose.Level;

/**
 * A value where a judgement begins. A school or a class may set its own ({@link Thresholds}).
 *
 * @param name short, for the notation and the settings
 * @param words what is measured, with its unit
 */
public record Threshold(String name, String words, int beginner, int intermediate, int advanced) {
    static Threshold of(String name, String words, int value) {
        return new Threshold(name, words, value, value, value);
    }

    /** The value that holds without settings. */
    public int usual(Level level) {
        return level == Level.BEGINNER ? beginner : level == Level.INTERMEDIATE ? intermediate : advanced;
    }

    int at(Level level, Thresholds set) {
        return set.at(name, level).orElse(usual(level));
    }
}
