package gurukram.core.pose;

import gurukram.core.dose.Dose;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How long or how often a pose is usually done, each dose with its range.
 *
 * @param byLevel at each level; none at a level it is not for, and what is for a level is for those above
 * @param byPart in parts of a class where it differs, whatever the level
 */
public record UsualDoses(Map<Level, Dose> byLevel, Map<Part, Dose> byPart) {
    /** Parts of a class in which the same pose is done for another while. */
    public enum Part {
        /** getting warm: shorter, on the move */
        WARM_UP,
        /** what the class led up to */
        PEAK,
        /** winding down: longer, at rest */
        COOL_DOWN;

        /** {@code cool-down}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** Written in place of a dose where a pose is not for a level. */
    public static final String NONE = "none";

    public UsualDoses {
        Map<Level, Dose> levels = new EnumMap<>(Level.class);
        levels.putAll(byLevel);
        Map<Part, Dose> parts = new EnumMap<>(Part.class);
        parts.putAll(byPart);
        byLevel = Collections.unmodifiableMap(levels);
        byPart = Collections.unmodifiableMap(parts);
    }

    /** One dose for everybody everywhere. */
    public static UsualDoses always(Dose dose) {
        Map<Level, Dose> same = new EnumMap<>(Level.class);
        for (Level level : Level.values()) same.put(level, dose);
        return new UsualDoses(same, Map.of());
    }

    public boolean isFor(Level at) {
        return byLevel.containsKey(at);
    }

    /** At a level; where it is not for that level, that of the next one. */
    public Dose range(Level at) {
        Dose own = byLevel.get(at);
        if (own != null || at == Level.ADVANCED) return Objects.requireNonNull(own);
        return range(Level.values()[at.ordinal() + 1]);
    }

    /** At a level in a part of the class; null is any other part. */
    public Dose range(Level at, @Nullable Part in) {
        Dose own = in == null ? null : byPart.get(in);
        return own == null || !isFor(at) ? range(at) : own;
    }

    /** The dose of a level as it is written. */
    public String words(Level at) {
        return isFor(at) ? range(at).toString() : NONE;
    }
}
