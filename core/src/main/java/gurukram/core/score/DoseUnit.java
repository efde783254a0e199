package gurukram.core.score;

import gurukram.core.dose.Dose;
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

    /** The dose in this unit: breaths become seconds at the pose's breath and back, rounded, never under 1. */
    public Dose convert(Dose dose, Pose pose, Pace pace) {
        long breath = pose == null ? pace.passiveBreath() : pace.holdBreath(pose.hold());
        Dose single = dose.at(Dose.Reading.CHOSEN);
        long ms = lengthOf(single, breath);
        return switch (this) {
            case BREATHS ->
                new Dose.Breaths(ms == 0 ? USUAL_BREATHS : within(Dose.BREATHS.most(), (ms + breath / 2) / breath));
            case SECONDS -> new Dose.Seconds(ms == 0 ? USUAL_SECONDS : within(Dose.SECONDS.most(), ms / Millis.SECOND));
            case OPEN -> new Dose.Open(ms == 0 ? USUAL_SECONDS : within(Dose.OPEN_SECONDS.most(), ms / Millis.SECOND));
            case IN -> new Dose.Movement(Breath.INHALE);
            case OUT -> new Dose.Movement(Breath.EXHALE);
            case WRITTEN -> dose;
            case REPS -> single instanceof Reps ? single : new Reps(USUAL_REPS, 1, 0, null);
        };
    }

    /** Length of a dose that lasts, ms; 0 for movements and repetitions. */
    private static long lengthOf(Dose dose, long breath) {
        if (dose instanceof Dose.Breaths hold) return hold.breaths() * breath;
        if (dose instanceof Dose.Seconds hold) return (long) hold.seconds() * Millis.SECOND;
        if (dose instanceof Dose.Open open) return (long) open.seconds() * Millis.SECOND;
        return 0;
    }

    private static int within(int most, long value) {
        return (int) Math.max(1, Math.min(most, value));
    }
}
