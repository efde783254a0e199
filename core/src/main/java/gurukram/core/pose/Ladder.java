package gurukram.core.pose;

import gurukram.core.dose.Dose;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Ordered rungs from the easiest preparation to the full pose or skill.
 *
 * @param peak the pose it leads to; null for a skill
 * @param level whose it is
 * @param classes at least how many good classes running on a rung before the next
 * @param back the sign to go one rung back
 * @param wayOut the way out of the last rungs, practised before them; empty where there is nothing to it
 * @param nearest the rung that has most of the peak's shape, for a class that cannot come to the peak; null where the last rung that
 *     can be done has
 */
public record Ladder(
        String id,
        String name,
        @Nullable String peak,
        Level level,
        int classes,
        String back,
        String wayOut,
        @Nullable String nearest,
        List<Rung> rungs) {
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
     * @param classes at least how many good classes running before the next; null is as on the whole ladder
     * @param stages what is done one after the other on it, where it is taught in stages
     */
    public record Rung(
            @Nullable String pose,
            String does,
            Dose dose,
            String ready,
            List<PropUse> props,
            With with,
            @Nullable Integer classes,
            List<String> stages) {
        public Rung {
            props = List.copyOf(props);
            stages = stages == null ? List.of() : List.copyOf(stages);
        }
    }

    /** At least how many good classes running on a rung, from 1, before the next. */
    public int classesOn(int rung) {
        Integer own = rungs.get(rung - 1).classes();
        return own == null ? classes : own;
    }

    /** The rung a pose stands on, counted from 1; 0 when it is not on this ladder. */
    public int rungOf(String pose) {
        for (int i = 0; i < rungs.size(); i++) if (pose.equals(rungs.get(i).pose())) return i + 1;
        return 0;
    }
}
