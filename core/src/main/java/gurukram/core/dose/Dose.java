package gurukram.core.dose;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;

/**
 * How much of a pose is done on one side. Values outside their limits are {@link Refused} with a message for the teacher.
 *
 * <p>{@link #toString()} is the canonical wording, which the typing line reads back.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Dose.Breaths.class, name = "breaths"),
    @JsonSubTypes.Type(value = Dose.Seconds.class, name = "seconds"),
    @JsonSubTypes.Type(value = Dose.Movement.class, name = "movement"),
    @JsonSubTypes.Type(value = Dose.Reps.class, name = "reps"),
    @JsonSubTypes.Type(value = Dose.Open.class, name = "open")
})
public sealed interface Dose {
    Limit BREATHS = new Limit("Breaths", 1, 200);
    Limit SECONDS = new Limit("Seconds", 1, 3_600);
    Limit REPS = new Limit("Repetitions", 1, 200);
    Limit SETS = new Limit("Sets", 1, 20);
    Limit REST = new Limit("Seconds between sets", 0, 600);
    Limit REP_MILLIS = new Limit("Milliseconds a repetition", 500, 60_000);
    Limit OPEN_SECONDS = new Limit("Seconds of open time", 1, 7_200);

    /** A hold of whole breaths; how long a breath lasts is the pose's and the pace's matter. */
    record Breaths(int breaths) implements Dose {
        public Breaths {
            BREATHS.check(breaths);
        }

        @Override
        public String toString() {
            return Words.count(breaths, "breath");
        }
    }

    /** A hold in seconds. */
    record Seconds(int seconds) implements Dose {
        public Seconds {
            SECONDS.check(seconds);
        }

        @Override
        public String toString() {
            return seconds + " s";
        }
    }

    /** One movement on one half-breath: an inhale or an exhale. */
    record Movement(Breath breath) implements Dose {
        public Movement {
            if (breath != Breath.INHALE && breath != Breath.EXHALE) {
                throw new Refused("One movement goes with an inhale or an exhale.");
            }
        }

        @Override
        public String toString() {
            return breath.word();
        }
    }

    /**
     * Repetitions in sets, on one side.
     *
     * @param restSeconds pause between sets, not after the last
     * @param repMillis length of one repetition in ms; null takes the pose's own
     */
    record Reps(int reps, int sets, int restSeconds, Integer repMillis) implements Dose {
        public Reps {
            REPS.check(reps);
            SETS.check(sets);
            REST.check(restSeconds);
            if (repMillis != null) REP_MILLIS.check(repMillis);
        }

        @Override
        public String toString() {
            String times = sets == 1 ? "" : " x " + sets;
            String rest = sets == 1 || restSeconds == 0 ? "" : ", rest " + restSeconds + " s";
            String each = repMillis == null ? "" : ", " + Millis.seconds(repMillis) + " s each";
            return Words.count(reps, "rep") + times + rest + each;
        }
    }

    /** Time with no count in it: questions, free movement, setting up props. */
    record Open(int seconds) implements Dose {
        public Open {
            OPEN_SECONDS.check(seconds);
        }

        @Override
        public String toString() {
            return (seconds % 60 == 0 ? seconds / 60 + " min" : seconds + " s") + " open";
        }
    }
}
