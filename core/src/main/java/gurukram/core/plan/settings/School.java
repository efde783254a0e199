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

    public static final School UNSET =
            new School(null, null, null, null, null, null, null, null, null, Thresholds.NONE);
    public static final School USUAL = new School(
            Dose.Pattern.Holds.ALL,
            null,
            null,
            LegRule.RETURNING,
            Knees.SOFT,
            Voice.INVITATIONAL,
            Names.ENGLISH,
            false,
            Roll.RIGHT,
            Thresholds.NONE);

    public School {
        if (holdCap != null) HOLD_CAP.check(holdCap);
        if (countMillis != null) COUNT_MILLIS.check(countMillis);
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
                thresholds.over(wider.thresholds));
    }

    /** One spoken count, ms, or {@code usual} where none is set. */
    public int countMillis(int usual) {
        return countMillis == null ? usual : countMillis;
    }

    public School withHolds(Dose.Pattern.Holds other) {
        return new School(other, holdCap, countMillis, legRule, knees, voice, names, restGuided, roll, thresholds);
    }

    /** The same with other thresholds. */
    public School with(Thresholds others) {
        return new School(holds, holdCap, countMillis, legRule, knees, voice, names, restGuided, roll, others);
    }

    private static <T> @Nullable T either(@Nullable T own, @Nullable T wider) {
        return own == null ? wider : own;
    }
}
