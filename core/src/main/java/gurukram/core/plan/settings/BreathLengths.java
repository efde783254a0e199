package gurukram.core.plan.settings;

import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How long a teacher's breaths are; what is null, or empty, is left to the wider place.
 *
 * @param activeMillis one breath in an active hold, ms
 * @param passiveMillis one breath in a passive hold, ms
 * @param halfMillis half a breath of a flow on its first side in its first round, ms
 * @param secondHalfMillis the same on its second side
 * @param roundPercents half-breaths of the first, second, ... time on a side, as percent of the first; the last holds on
 * @param inhale parts of a breath that are the inhale, of {@code inhale + exhale}
 */
public record BreathLengths(
        @Nullable Integer activeMillis,
        @Nullable Integer passiveMillis,
        @Nullable Integer halfMillis,
        @Nullable Integer secondHalfMillis,
        List<Integer> roundPercents,
        @Nullable Integer inhale,
        @Nullable Integer exhale) {
    /** The usual half-breath never counts less (arithmetic.md, section 3); only a pace typed at a flow can be quicker. */
    public static final Limit HALF_MILLIS = new Limit("Milliseconds a half-breath", 3_000, 30_000);

    public static final Limit PERCENT = new Limit("Percent", 30, 200);
    public static final Limit PARTS = new Limit("Parts of a breath", 1, 20);
    private static final int MOST_ROUNDS = 12;

    public static final BreathLengths UNSET = new BreathLengths(null, null, null, null, List.of(), null, null);

    public BreathLengths {
        if (activeMillis != null) Timing.BREATH_MILLIS.check(activeMillis);
        if (passiveMillis != null) Timing.BREATH_MILLIS.check(passiveMillis);
        if (halfMillis != null) HALF_MILLIS.check(halfMillis);
        if (secondHalfMillis != null) HALF_MILLIS.check(secondHalfMillis);
        roundPercents = roundPercents == null ? List.of() : List.copyOf(roundPercents);
        roundPercents.forEach(PERCENT::check);
        if (roundPercents.size() > MOST_ROUNDS) throw new Refused("Percents for at most 12 rounds, please.");
        if (inhale != null) PARTS.check(inhale);
        if (exhale != null) PARTS.check(exhale);
        if ((inhale == null) != (exhale == null)) throw new Refused("An inhale needs its exhale, as in 3 to 4.");
    }

    /** One length for the breaths of all holds. */
    public static BreathLengths ofHolds(@Nullable Integer millis) {
        return UNSET.withActive(millis).withPassive(millis);
    }

    /** These lengths where they are set, {@code wider} elsewhere. */
    public BreathLengths over(BreathLengths wider) {
        if (equals(UNSET)) return wider;
        return new BreathLengths(
                activeMillis == null ? wider.activeMillis : activeMillis,
                passiveMillis == null ? wider.passiveMillis : passiveMillis,
                halfMillis == null ? wider.halfMillis : halfMillis,
                secondHalfMillis == null ? wider.secondHalfMillis : secondHalfMillis,
                roundPercents.isEmpty() ? wider.roundPercents : roundPercents,
                inhale == null ? wider.inhale : inhale,
                exhale == null ? wider.exhale : exhale);
    }

    public BreathLengths withActive(@Nullable Integer ms) {
        return new BreathLengths(ms, passiveMillis, halfMillis, secondHalfMillis, roundPercents, inhale, exhale);
    }

    public BreathLengths withPassive(@Nullable Integer ms) {
        return new BreathLengths(activeMillis, ms, halfMillis, secondHalfMillis, roundPercents, inhale, exhale);
    }

    public BreathLengths withHalf(@Nullable Integer ms) {
        return new BreathLengths(activeMillis, passiveMillis, ms, secondHalfMillis, roundPercents, inhale, exhale);
    }

    public BreathLengths withSecondHalf(@Nullable Integer ms) {
        return new BreathLengths(activeMillis, passiveMillis, halfMillis, ms, roundPercents, inhale, exhale);
    }

    public BreathLengths withRounds(List<Integer> percents) {
        return new BreathLengths(activeMillis, passiveMillis, halfMillis, secondHalfMillis, percents, inhale, exhale);
    }

    public BreathLengths withRatio(@Nullable Integer in, @Nullable Integer out) {
        return new BreathLengths(activeMillis, passiveMillis, halfMillis, secondHalfMillis, roundPercents, in, out);
    }
}
