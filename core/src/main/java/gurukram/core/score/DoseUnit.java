package gurukram.core.score;

import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.dose.Reps;
import gurukram.core.pose.Pose;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import java.util.Locale;

/** The kinds of dose a step can be switched between; the amount is carried over where it means something. */
public enum DoseUnit {
    BREATHS,
    SECONDS,
    IN,
    OUT,
    REPS,
    OPEN,
    /** Ranges, counts, breathing patterns and all that needs more than one number, changed as text. */
    WRITTEN;

    /** One spoken count, ms. */
    private static final int COUNT = 1_500;

    private static final int USUAL_BREATHS = 5;
    private static final int USUAL_SECONDS = 30;
    private static final int USUAL_REPS = 8;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static DoseUnit of(Dose dose) {
        if (dose instanceof Dose.Breaths) return BREATHS;
        if (dose instanceof Dose.Seconds) return SECONDS;
        if (dose instanceof Reps reps) return reps.repBreaths() == null && reps.shown() == null ? REPS : WRITTEN;
        if (dose instanceof Dose.Open) return OPEN;
        if (dose.equals(new Dose.Movement(Breath.INHALE))) return IN;
        return dose.equals(new Dose.Movement(Breath.EXHALE)) ? OUT : WRITTEN;
    }

    /** What is typed, with the unit where it is a bare number or range: {@code 8} in breaths is {@code 8 breaths}. */
    public String complete(String typed) {
        String bare = typed.strip();
        if (!bare.matches("\\d+(?: *[-–] *\\d+)?")) return typed;
        return switch (this) {
            case SECONDS -> bare + " s";
            case REPS -> bare + " reps";
            case OPEN -> bare + " s open";
            case BREATHS, IN, OUT, WRITTEN -> bare + " breaths";
        };
    }

    /**
     * The dose in this unit, as long as it was: breaths at the pose's breath, counts at the usual count, rounded half up and
     * never under 1. A range keeps its ends. What does not last (a movement, repetitions) gets the usual number.
     */
    public Dose convert(Dose dose, Pose pose, Pace pace) {
        if (this == WRITTEN) return dose;
        boolean lasts = this == BREATHS || this == SECONDS || this == OPEN;
        if (dose instanceof Range range && lasts) {
            Dose low = convert(range.low(), pose, pace);
            Dose high = convert(range.high(), pose, pace);
            Dose chosen = convert(range.chosen(), pose, pace);
            return low.equals(high) ? chosen : new Range(low, chosen, high);
        }
        Dose single = dose.at(Dose.Reading.CHOSEN);
        long breath = breath(pose, pace);
        long ms = lengthOf(single, breath);
        return switch (this) {
            case BREATHS -> new Dose.Breaths(ms == 0 ? USUAL_BREATHS : within(Dose.BREATHS.most(), ms, breath));
            case SECONDS -> new Dose.Seconds(ms == 0 ? USUAL_SECONDS : within(Dose.SECONDS.most(), ms, Millis.SECOND));
            case OPEN -> new Dose.Open(ms == 0 ? USUAL_SECONDS : within(Dose.OPEN_SECONDS.most(), ms, Millis.SECOND));
            case IN -> new Dose.Movement(Breath.INHALE);
            case OUT -> new Dose.Movement(Breath.EXHALE);
            case REPS -> single instanceof Reps ? dose : new Reps(USUAL_REPS, 1, 0, null);
            case WRITTEN -> throw new IllegalStateException("it stays as it is written");
        };
    }

    /** What a change of unit did to the length: {@code 15 s are 2 breaths and a half; 3 breaths are 18 s.}; empty when nothing. */
    public static String rounded(Dose before, Dose after, Pose pose, Pace pace) {
        long breath = breath(pose, pace);
        long was = lengthOf(before.at(Dose.Reading.CHOSEN), breath);
        long is = lengthOf(after.at(Dose.Reading.CHOSEN), breath);
        if (was == 0 || is == 0 || was == is) return "";
        return "Rounded: %s lasted %s s, %s last %s s."
                .formatted(
                        before.at(Dose.Reading.CHOSEN),
                        Millis.seconds(was),
                        after.at(Dose.Reading.CHOSEN),
                        Millis.seconds(is));
    }

    private static long breath(Pose pose, Pace pace) {
        return pose == null ? pace.passiveBreath() : pace.holdBreath(pose.hold());
    }

    /** Length of a dose that lasts, ms; 0 for movements and repetitions. */
    private static long lengthOf(Dose dose, long breath) {
        if (dose instanceof Dose.Breaths hold) return hold.breaths() * breath;
        if (dose instanceof Dose.Seconds hold) return (long) hold.seconds() * Millis.SECOND;
        if (dose instanceof Dose.Open open) return (long) open.seconds() * Millis.SECOND;
        if (dose instanceof Dose.Counts counts) return (long) counts.counts() * COUNT;
        if (dose instanceof Dose.Pattern pattern) {
            return (long) COUNT
                    * pattern.stages().stream()
                            .mapToInt(stage -> stage.counts(pattern.holds()))
                            .sum();
        }
        return 0;
    }

    private static int within(int most, long ms, long unit) {
        return (int) Math.max(1, Math.min(most, (ms + unit / 2) / unit));
    }
}
