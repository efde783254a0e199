package gurukram.core.plan.settings;

import com.fasterxml.jackson.annotation.JsonInclude;
import gurukram.core.dose.Dose;
import gurukram.core.text.Limit;
import org.jspecify.annotations.Nullable;

/**
 * Where schools differ and the arithmetic or the words depend on it. Null leaves it to the wider setting: the flow's to the
 * class's, the class's to the teacher's, the teacher's to {@link #USUAL}. None is declared right.
 *
 * @param holds which retentions are kept
 * @param holdCap most counts of one retention
 * @param countMillis one spoken count, ms
 * @param legRule which leg comes forward first in a salutation with two lunges
 * @param knees how straight legs are cued
 * @param voice how the teacher speaks
 * @param names the language of pose names
 * @param restGuided whether the final rest is spoken through
 * @param roll to which side people roll after it
 * @param cueing the way of cueing where a section says none
 * @param breaths how long breaths are
 * @param thresholds where its judgement begins, for the checks
 */
public record School(
        Dose.Pattern.@Nullable Holds holds,
        @Nullable Integer holdCap,
        @Nullable Integer countMillis,
        @Nullable LegRule legRule,
        @Nullable Knees knees,
        @Nullable Voice voice,
        @Nullable Names names,
        @Nullable Boolean restGuided,
        @Nullable Roll roll,
        @Nullable Cueing cueing,

        @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = NoBreaths.class)
        BreathLengths breaths,

        @JsonInclude(JsonInclude.Include.NON_EMPTY) Thresholds thresholds) {
    public static final Limit HOLD_CAP = new Limit("Counts of a hold", 1, 60);
    public static final Limit COUNT_MILLIS = new Limit("Milliseconds a count", 500, 5_000);

    public enum LegRule {
        /** the foot that went back first comes forward first */
        RETURNING,
        /** the foot that stayed in front comes forward to the front again */
        SAME_FRONT
    }

    public enum Knees {
        /** the default: hyperextension is the risk */
        SOFT,
        STRAIGHT,
        LOCKED
    }

    public enum Voice {
        INVITATIONAL,
        INSTRUCTIVE
    }

    public enum Names {
        ENGLISH,
        SANSKRIT,
        BOTH
    }

    public enum Roll {
        RIGHT,
        EITHER
    }

    public static final School UNSET = new School(
            null, null, null, null, null, null, null, null, null, null, BreathLengths.UNSET, Thresholds.NONE);
    public static final School USUAL = UNSET.withHolds(Dose.Pattern.Holds.ALL)
            .with(LegRule.RETURNING)
            .with(Knees.SOFT)
            .with(Voice.INVITATIONAL)
            .with(Names.ENGLISH)
            .withRestGuided(false)
            .with(Roll.RIGHT);

    public School {
        if (holdCap != null) HOLD_CAP.check(holdCap);
        if (countMillis != null) COUNT_MILLIS.check(countMillis);
        breaths = breaths == null ? BreathLengths.UNSET : breaths;
        thresholds = thresholds == null ? Thresholds.NONE : thresholds;
    }

    /** These settings where they are set, {@code wider} elsewhere. */
    public School over(School wider) {
        if (equals(UNSET)) return wider;
        return new School(
                either(holds, wider.holds),
                either(holdCap, wider.holdCap),
                either(countMillis, wider.countMillis),
                either(legRule, wider.legRule),
                either(knees, wider.knees),
                either(voice, wider.voice),
                either(names, wider.names),
                either(restGuided, wider.restGuided),
                either(roll, wider.roll),
                either(cueing, wider.cueing),
                breaths.over(wider.breaths),
                thresholds.over(wider.thresholds));
    }

    /** One spoken count, ms, or {@code usual} where none is set. */
    public int countMillis(int usual) {
        return countMillis == null ? usual : countMillis;
    }

    public School withHolds(Dose.Pattern.Holds other) {
        return new School(
                other,
                holdCap,
                countMillis,
                legRule,
                knees,
                voice,
                names,
                restGuided,
                roll,
                cueing,
                breaths,
                thresholds);
    }

    public School withHoldCap(@Nullable Integer other) {
        return new School(
                holds, other, countMillis, legRule, knees, voice, names, restGuided, roll, cueing, breaths, thresholds);
    }

    public School withCountMillis(@Nullable Integer other) {
        return new School(
                holds, holdCap, other, legRule, knees, voice, names, restGuided, roll, cueing, breaths, thresholds);
    }

    public School with(LegRule other) {
        return new School(
                holds, holdCap, countMillis, other, knees, voice, names, restGuided, roll, cueing, breaths, thresholds);
    }

    public School with(Knees other) {
        return new School(
                holds,
                holdCap,
                countMillis,
                legRule,
                other,
                voice,
                names,
                restGuided,
                roll,
                cueing,
                breaths,
                thresholds);
    }

    public School with(Voice other) {
        return new School(
                holds,
                holdCap,
                countMillis,
                legRule,
                knees,
                other,
                names,
                restGuided,
                roll,
                cueing,
                breaths,
                thresholds);
    }

    public School with(Names other) {
        return new School(
                holds,
                holdCap,
                countMillis,
                legRule,
                knees,
                voice,
                other,
                restGuided,
                roll,
                cueing,
                breaths,
                thresholds);
    }

    public School withRestGuided(boolean other) {
        return new School(
                holds, holdCap, countMillis, legRule, knees, voice, names, other, roll, cueing, breaths, thresholds);
    }

    public School with(Roll other) {
        return new School(
                holds,
                holdCap,
                countMillis,
                legRule,
                knees,
                voice,
                names,
                restGuided,
                other,
                cueing,
                breaths,
                thresholds);
    }

    public School with(Cueing other) {
        return new School(
                holds,
                holdCap,
                countMillis,
                legRule,
                knees,
                voice,
                names,
                restGuided,
                roll,
                other,
                breaths,
                thresholds);
    }

    public School with(BreathLengths other) {
        return new School(
                holds, holdCap, countMillis, legRule, knees, voice, names, restGuided, roll, cueing, other, thresholds);
    }

    /** The same with other thresholds. */
    public School with(Thresholds other) {
        return new School(
                holds, holdCap, countMillis, legRule, knees, voice, names, restGuided, roll, cueing, breaths, other);
    }

    private static <T> @Nullable T either(@Nullable T own, @Nullable T wider) {
        return own == null ? wider : own;
    }

    /** Leaves unset breaths unwritten. */
    static final class NoBreaths {
        @Override
        public boolean equals(@Nullable Object value) {
            return value == null || value.equals(BreathLengths.UNSET);
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }
}
