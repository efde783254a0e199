package gurukram.core.dose;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import java.util.List;
import java.util.stream.Collectors;

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
    @JsonSubTypes.Type(value = Dose.Open.class, name = "open"),
    @JsonSubTypes.Type(value = Dose.Range.class, name = "range"),
    @JsonSubTypes.Type(value = Dose.Counts.class, name = "counts"),
    @JsonSubTypes.Type(value = Dose.Pattern.class, name = "pattern")
})
public sealed interface Dose {
    Limit BREATHS = new Limit("Breaths", 1, 200);
    Limit SECONDS = new Limit("Seconds", 1, 3_600);
    Limit REPS = new Limit("Repetitions", 1, 200);
    Limit SETS = new Limit("Sets", 1, 20);
    Limit REST = new Limit("Seconds between sets", 0, 600);
    Limit REP_MILLIS = new Limit("Milliseconds a repetition", 500, 60_000);
    Limit COUNTS = new Limit("Counts", 1, 1_000);
    Limit PHASE = new Limit("Counts of a phase", 0, 60);
    Limit CYCLES = new Limit("Cycles", 1, 200);
    Limit OPEN_SECONDS = new Limit("Seconds of open time", 1, 7_200);

    /** Which value of a range is meant. */
    enum Reading {
        LOW,
        CHOSEN,
        HIGH
    }

    /** The dose at one end of its range or at its chosen value; the dose itself where it has no range. */
    default Dose at(Reading reading) {
        return this;
    }

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

    /** A hold in spoken counts, which are slower than seconds. */
    record Counts(int counts) implements Dose {
        public Counts {
            COUNTS.check(counts);
        }

        @Override
        public String toString() {
            return Words.count(counts, "count");
        }
    }

    /**
     * A breathing pattern in stages, counted; its holds can be switched off.
     *
     * @param holds which of the holds are kept
     */
    record Pattern(List<Stage> stages, Holds holds) implements Dose {
        public enum Holds {
            ALL,
            /** no hold after the exhale */
            NO_EMPTY,
            NONE
        }

        /** In, hold, out, hold, so many counts each, for a number of cycles. */
        public record Stage(int in, int holdIn, int out, int holdOut, int cycles) {
            public Stage {
                PHASE.check(in);
                PHASE.check(holdIn);
                PHASE.check(out);
                PHASE.check(holdOut);
                CYCLES.check(cycles);
                if (in == 0 || out == 0) throw new Refused("A breathing pattern has an inhale and an exhale.");
            }

            /** Counts of all its cycles; a hold switched off counts nothing. */
            public int counts(Holds holds) {
                int one = in + out;
                if (holds != Holds.NONE) one += holdIn;
                if (holds == Holds.ALL) one += holdOut;
                return one * cycles;
            }

            @Override
            public String toString() {
                return "%d-%d-%d-%d x %d".formatted(in, holdIn, out, holdOut, cycles);
            }
        }

        public Pattern {
            stages = List.copyOf(stages);
            if (stages.isEmpty() || stages.size() > 20) throw new Refused("A breathing pattern has 1 to 20 stages.");
        }

        public int counts() {
            return stages.stream().mapToInt(stage -> stage.counts(holds)).sum();
        }

        @Override
        public String toString() {
            String all = stages.stream().map(Stage::toString).collect(Collectors.joining(" + "));
            return all
                    + switch (holds) {
                        case ALL -> "";
                        case NO_EMPTY -> ", no empty hold";
                        case NONE -> ", no holds";
                    };
        }
    }

    /**
     * A dose that may be from {@code low} to {@code high}: breaths, seconds, counts or repetitions, all three of one kind.
     * The score takes the chosen value; fitting moves within the range.
     */
    record Range(Dose low, Dose chosen, Dose high) implements Dose {
        public Range {
            boolean inOrder = inOrder(low, chosen) && inOrder(chosen, high);
            if (!inOrder) {
                throw new Refused("A range goes from less to more, with its chosen value between: %s, %s, %s."
                        .formatted(low, chosen, high));
            }
            if (low.equals(high)) throw new Refused("A range has two different ends.");
        }

        private static boolean inOrder(Dose less, Dose more) {
            if (less instanceof Breaths a && more instanceof Breaths b) return a.breaths() <= b.breaths();
            if (less instanceof Seconds a && more instanceof Seconds b) return a.seconds() <= b.seconds();
            if (less instanceof Counts a && more instanceof Counts b) return a.counts() <= b.counts();
            if (!(less instanceof Reps a) || !(more instanceof Reps b)) return false;
            boolean sameRest =
                    a.restSeconds() == b.restSeconds() && java.util.Objects.equals(a.repMillis(), b.repMillis());
            return sameRest && a.reps() <= b.reps() && a.sets() <= b.sets();
        }

        @Override
        public Dose at(Reading reading) {
            return reading == Reading.LOW ? low : reading == Reading.HIGH ? high : chosen;
        }

        /** {@code 5-8 breaths}, {@code 5-8 breaths, at 6}, {@code 8-10 reps x 2-3, rest 40 s}. */
        @Override
        public String toString() {
            String at = chosen.equals(low) ? "" : ", at " + number(chosen);
            if (low instanceof Reps a && high instanceof Reps b) {
                String sets = a.sets() == 1 && b.sets() == 1 ? "" : " x " + span(a.sets(), b.sets());
                String rest = a.restSeconds() == 0 ? "" : ", rest " + a.restSeconds() + " s";
                String each = a.repMillis() == null ? "" : ", " + Millis.seconds(a.repMillis()) + " s each";
                return span(a.reps(), b.reps()) + " reps" + sets + rest + each + at;
            }
            String unit = low instanceof Breaths ? " breaths" : low instanceof Seconds ? " s" : " counts";
            return number(low) + "-" + number(high) + unit + at;
        }

        private static String span(int low, int high) {
            return low == high ? String.valueOf(low) : low + "-" + high;
        }

        private static String number(Dose dose) {
            if (dose instanceof Breaths hold) return String.valueOf(hold.breaths());
            if (dose instanceof Seconds hold) return String.valueOf(hold.seconds());
            if (dose instanceof Counts hold) return String.valueOf(hold.counts());
            Reps reps = (Reps) dose;
            return reps.reps() + " x " + reps.sets();
        }
    }
}
