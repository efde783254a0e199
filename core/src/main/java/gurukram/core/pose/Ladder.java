package gurukram.core.pose;

import gurukram.core.dose.Dose;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Ordered rungs from the easiest preparation to the full pose or skill.
 *
 * @param peak the pose it leads to; null for a skill
 */
public record Ladder(String id, String name, @Nullable String peak, List<Rung> rungs) {
    public Ladder {
        rungs = List.copyOf(rungs);
    }

    /** Who must be there. */
    public enum With {
        ALONE("on your own"),
        TEACHER("with a teacher watching"),
        SPOTTER("with a person beside each mat");

        private final String words;

        With(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One rung.
     *
     * @param pose its id; null where {@code does} tells the content in words
     * @param ready the sign that the next rung may be tried
     */
    public record Rung(@Nullable String pose, String does, Dose dose, String ready, List<PropUse> props, With with) {
        public Rung {
            props = List.copyOf(props);
        }
    }

    /** The rung a pose stands on, counted from 1; 0 when it is not on this ladder. */
    public int rungOf(String pose) {
        for (int i = 0; i < rungs.size(); i++) if (pose.equals(rungs.get(i).pose())) return i + 1;
        return 0;
    }
}
