package gurukram.core.score;

import gurukram.core.plan.settings.BreathLengths;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.OwnPace;
import gurukram.core.plan.settings.OwnPace.Figure;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Level;
import gurukram.core.time.Millis;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How long things take with one teacher. All times in ms.
 *
 * @param firstHalfBreath half a breath in a flow's first round on its first side
 * @param secondHalfBreath the same on the second side
 * @param roundFactors half-breaths of the first, second, third and later times on a side, relative to the first
 * @param floorHalfBreath no untyped half-breath is quicker
 * @param count one spoken count
 * @param inhale parts of a breath that are the inhale, of {@code inhale + exhale}
 * @param settingUp getting into a pose, by its complexity
 * @param cueing what the way of cueing does to setting up and to half-breaths
 * @param own the teacher's own, on setting up and repetitions; nothing until logs teach otherwise
 * @param learnPosition one position of a learn round, in all
 * @param shownRep one repetition shown on top of the number
 * @param sameAgain getting people into a new hold of the pose they are in
 * @param lungeChange changing sides from lunge to lunge outside a flow
 * @param propFetched fetching props the first time they are used, {@code propReady} where they lie ready or were told before
 */
public record Pace(
        long firstHalfBreath,
        long secondHalfBreath,
        List<BigDecimal> roundFactors,
        long floorHalfBreath,
        long activeBreath,
        long passiveBreath,
        long count,
        int inhale,
        int exhale,
        Map<Complexity, SettingUp> settingUp,
        Map<Cueing, CueingFactors> cueing,
        OwnPace own,
        long learnPosition,
        long shownRep,
        long sameAgain,
        long lungeChange,
        long propFetched,
        long propReady) {

    /** Setting up for the first side and for the second (also when a hold is repeated on a side). */
    public record SettingUp(long first, long second) {}

    public record CueingFactors(BigDecimal settingUp, BigDecimal halfBreath) {}

    /** The defaults: measured on real classes, except {@code lungeChange}, fetching props, and the use of the second side's figure for repeats, which are our choice. */
    public static Pace defaults() {
        Map<Complexity, SettingUp> settingUp = new EnumMap<>(Complexity.class);
        settingUp.put(Complexity.SIMPLE, new SettingUp(8_000, 5_000));
        settingUp.put(Complexity.MEDIUM, new SettingUp(15_000, 14_000));
        settingUp.put(Complexity.COMPLEX, new SettingUp(24_000, 20_000));
        settingUp.put(Complexity.FULLY_EXPLAINED, new SettingUp(45_000, 28_000));
        Map<Cueing, CueingFactors> cueing = new EnumMap<>(Cueing.class);
        cueing.put(Cueing.EXPLAINED, new CueingFactors(new BigDecimal("2.0"), new BigDecimal("1.2")));
        cueing.put(Cueing.BY_THE_BREATH, new CueingFactors(new BigDecimal("0.9"), BigDecimal.ONE));
        return new Pace(
                4_000,
                3_600,
                List.of(BigDecimal.ONE, new BigDecimal("0.91"), new BigDecimal("0.85")),
                3_000,
                6_000,
                8_000,
                1_500,
                1,
                1,
                settingUp,
                cueing,
                OwnPace.NONE,
                15_000,
                8_000,
                5_000,
                10_000,
                15_000,
                5_000);
    }

    /** The same pace with the way of cueing left out of account (a factor of 1). */
    public Pace withoutCueing() {
        Map<Cueing, CueingFactors> ones = new EnumMap<>(Cueing.class);
        for (Cueing way : Cueing.values()) ones.put(way, new CueingFactors(BigDecimal.ONE, BigDecimal.ONE));
        return new Pace(
                firstHalfBreath,
                secondHalfBreath,
                roundFactors,
                floorHalfBreath,
                activeBreath,
                passiveBreath,
                count,
                inhale,
                exhale,
                settingUp,
                ones,
                own,
                learnPosition,
                shownRep,
                sameAgain,
                lungeChange,
                propFetched,
                propReady);
    }

    public long holdBreath(Hold hold) {
        return hold == Hold.ACTIVE ? activeBreath : passiveBreath;
    }

    /**
     * One breath of a flow, ms: an inhale and an exhale at the pace of this side and time.
     *
     * @param secondSide whether this is the side the flow does second
     * @param timeOnSide 1 for the first time on this side, 2 for the second, ...
     */
    public long flowBreath(boolean secondSide, int timeOnSide, Cueing way) {
        BigDecimal half = BigDecimal.valueOf(secondSide ? secondHalfBreath : firstHalfBreath)
                .multiply(Objects.requireNonNull(cueing.get(way)).halfBreath())
                .multiply(roundFactors.get(Math.min(timeOnSide, roundFactors.size()) - 1))
                .max(BigDecimal.valueOf(floorHalfBreath));
        return Millis.times(2, half);
    }

    /** The inhale of a breath, ms, rounded half up. */
    public long inhaleOf(long breath) {
        long parts = (long) inhale + exhale;
        return (2 * breath * inhale + parts) / (2 * parts);
    }

    /** The same pace with typed lengths of breath where they are set. */
    public Pace with(BreathLengths typed) {
        return new Pace(
                typed.halfMillis() == null ? firstHalfBreath : typed.halfMillis(),
                typed.secondHalfMillis() == null ? secondHalfBreath : typed.secondHalfMillis(),
                typed.roundPercents().isEmpty()
                        ? roundFactors
                        : typed.roundPercents().stream()
                                .map(percent -> BigDecimal.valueOf(percent, 2))
                                .toList(),
                floorHalfBreath,
                typed.activeMillis() == null ? activeBreath : typed.activeMillis(),
                typed.passiveMillis() == null ? passiveBreath : typed.passiveMillis(),
                count,
                typed.inhale() == null ? inhale : typed.inhale(),
                typed.exhale() == null ? exhale : typed.exhale(),
                settingUp,
                cueing,
                own,
                learnPosition,
                shownRep,
                sameAgain,
                lungeChange,
                propFetched,
                propReady);
    }

    /** One breath of movement, ms: that of its pass in a flow, else of a first or second side met once. */
    long breathAt(MomentDraft.Where where, boolean secondSide) {
        return where.pass() == null
                ? flowBreath(secondSide, 1, where.cueing())
                : flowBreath(where.pass().secondSide(), where.pass().timeOnSide(), where.cueing());
    }

    /** The same pace as this teacher has it. */
    public Pace with(OwnPace other) {
        BigDecimal first = other.factor(Figure.FIRST_SIDE);
        List<BigDecimal> rounds = new ArrayList<>(roundFactors);
        for (int i = 1; i < rounds.size(); i++) {
            BigDecimal own = other.factor(i == 1 ? Figure.SECOND_TIME : Figure.LATER_TIMES);
            rounds.set(i, rounds.get(i).multiply(own));
        }
        return new Pace(
                Millis.times(firstHalfBreath, first),
                Millis.times(secondHalfBreath, other.factor(Figure.SECOND_SIDE)),
                rounds,
                floorHalfBreath,
                Millis.times(activeBreath, other.factor(Figure.ACTIVE_BREATH)),
                Millis.times(passiveBreath, other.factor(Figure.PASSIVE_BREATH)),
                count,
                inhale,
                exhale,
                settingUp,
                cueing,
                other,
                learnPosition,
                shownRep,
                sameAgain,
                lungeChange,
                propFetched,
                propReady);
    }

    /**
     * Setting up, ms.
     *
     * @param first whether the class has not met the pose
     * @param level whom it is for; null where that does not matter
     */
    public long settingUp(Complexity complexity, boolean first, Cueing way, @Nullable Level level) {
        SettingUp figures = Objects.requireNonNull(settingUp.get(complexity));
        return settingUp(first ? figures.first() : figures.second(), complexity, first, way, level);
    }

    /** Setting up of so many ms before the way of cueing and the teacher's own factors for poses like it. */
    public long settingUp(long ms, Complexity complexity, boolean first, Cueing way, @Nullable Level level) {
        BigDecimal factor = own.factor(Figure.settingUp(complexity));
        if (!first) factor = factor.multiply(own.factor(Figure.SETTING_UP_AGAIN));
        if (way == Cueing.BY_THE_BREATH) factor = factor.multiply(own.factor(Figure.SETTING_UP_BY_BREATH));
        Figure at = OwnPace.at(level);
        if (at != null) factor = factor.multiply(own.factor(at));
        return Millis.times(ms, Objects.requireNonNull(cueing.get(way)).settingUp(), factor);
    }

    /** Changing base, where that takes so long as a rule. */
    public long changingBase(long usualMs) {
        return Millis.times(usualMs, own.factor(Figure.CHANGING_BASE));
    }

    /** A repetition that takes so long as a rule. */
    public long rep(long usualMs) {
        return Millis.times(usualMs, own.factor(Figure.REPETITION));
    }
}
