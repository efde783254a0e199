package gurukram.core.plan.settings;

import gurukram.core.pose.Complexity;
import gurukram.core.pose.Level;
import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How a teacher's own pace differs from the defaults: what she has taken over from her logs.
 *
 * @param factors what a figure is multiplied with; those that are not there are 1
 * @param likelyPercent how far her classes usually are off what is not typed, %
 */
public record OwnPace(Map<Figure, BigDecimal> factors, int likelyPercent) {
    /** How far the model was off on average on real classes, without any log of the teacher's. */
    public static final int USUAL_PERCENT = 15;

    public static final OwnPace NONE = new OwnPace(Map.of(), USUAL_PERCENT);

    /** What can be a teacher's own. */
    public enum Figure {
        SETTING_UP_SIMPLE("getting into simple poses"),
        SETTING_UP_MEDIUM("getting into poses of some steps"),
        SETTING_UP_COMPLEX("getting into complex poses"),
        SETTING_UP_EXPLAINED("getting into poses explained from the beginning"),
        ACTIVE_BREATH("a breath where muscles hold"),
        PASSIVE_BREATH("a breath where one lets go"),
        FIRST_SIDE("a half-breath of a flow, first side"),
        SECOND_SIDE("a half-breath of a flow, second side"),
        SECOND_TIME("the second time of a flow against the first"),
        LATER_TIMES("later times of a flow against the first"),
        REPETITION("a repetition"),
        /** on the other side, or a pose the class has met already */
        SETTING_UP_AGAIN("getting into a pose again or on the other side, against the first time"),
        SETTING_UP_BY_BREATH("getting into poses led by the breath, against explained"),
        SETTING_UP_BEGINNERS("getting into poses with beginners, against others"),
        SETTING_UP_ADVANCED("getting into poses with advanced people, against others"),
        CHANGING_BASE("changing base, as from standing to the floor");

        private final String words;

        Figure(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public static Figure settingUp(Complexity complexity) {
            return switch (complexity) {
                case SIMPLE -> SETTING_UP_SIMPLE;
                case MEDIUM -> SETTING_UP_MEDIUM;
                case COMPLEX -> SETTING_UP_COMPLEX;
                case FULLY_EXPLAINED -> SETTING_UP_EXPLAINED;
            };
        }
    }

    /** The figure for getting into any pose at a level; null where the level has none of its own. */
    public static @Nullable Figure at(@Nullable Level level) {
        if (level == null) return null;
        return switch (level) {
            case BEGINNER -> Figure.SETTING_UP_BEGINNERS;
            case INTERMEDIATE -> null;
            case ADVANCED -> Figure.SETTING_UP_ADVANCED;
        };
    }

    public OwnPace {
        EnumMap<Figure, BigDecimal> kept = new EnumMap<>(Figure.class);
        factors.forEach((figure, factor) -> {
            if (factor.signum() <= 0) throw new IllegalArgumentException("a factor is above nothing");
            if (factor.compareTo(BigDecimal.ONE) != 0) kept.put(figure, factor.stripTrailingZeros());
        });
        factors = Map.copyOf(kept);
    }

    public BigDecimal factor(Figure figure) {
        return factors.getOrDefault(figure, BigDecimal.ONE);
    }

    /** With one figure more, or another one; 1 is the usual again. */
    public OwnPace with(Figure figure, BigDecimal factor) {
        EnumMap<Figure, BigDecimal> changed = new EnumMap<>(Figure.class);
        changed.putAll(factors);
        changed.put(figure, factor);
        return new OwnPace(changed, likelyPercent);
    }

    public OwnPace withLikely(int percent) {
        return new OwnPace(factors, percent);
    }
}
