package gurukram.core.dose;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import gurukram.core.time.Breath;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

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
    @JsonSubTypes.Type(value = Reps.class, name = "reps"),
    @JsonSubTypes.Type(value = Dose.Open.class, name = "open"),
    @JsonSubTypes.Type(value = Range.class, name = "range"),
    @JsonSubTypes.Type(value = Dose.Counts.class, name = "counts"),
    @JsonSubTypes.Type(value = Dose.Pattern.class, name = "pattern"),
    @JsonSubTypes.Type(value = Attempts.class, name = "attempts"),
    @JsonSubTypes.Type(value = Dose.Entered.class, name = "entered"),
    @JsonSubTypes.Type(value = Dose.OwnPace.class, name = "own pace")
})
public sealed interface Dose
        permits Dose.Breaths,
                Dose.Seconds,
                Dose.Counts,
                Dose.Movement,
                Dose.Entered,
                Dose.Pattern,
                Dose.Open,
                Dose.OwnPace,
                Reps,
                Attempts,
                Range {
    Limit BREATHS = new Limit("Breaths", 1, 200);
    Limit SECONDS = new Limit("Seconds", 1, 3_600);
    Limit REPS = new Limit("Repetitions", 1, 200);
    Limit SETS = new Limit("Sets", 1, 20);
    Limit REST = new Limit("Seconds between sets", 0, 600);
    Limit REP_MILLIS = new Limit("Milliseconds a repetition", 500, 60_000);
    Limit MOVE_COUNTS = new Limit("Counts of a movement", 2, 60);
    Limit TURNS = new Limit("Turns", 1, 10);
    Limit COUNTS = new Limit("Counts", 1, 1_000);
    Limit PHASE = new Limit("Counts of a phase", 0, 60);
    Limit CYCLES = new Limit("Cycles", 1, 200);
    Limit OPEN_SECONDS = new Limit("Seconds of open time", 1, 7_200);
    Limit ATTEMPTS = new Limit("Attempts", 1, 50);
    Limit SHOWN = new Limit("Shown repetitions", 1, 10);
    Limit REP_BREATHS = new Limit("Breaths a repetition", 1, 20);
    int MOST_HALF_BREATHS = 6;

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

    /** Whether both are the same but for their amount, and {@code more} is no less: what the ends of a range must be. */
    default boolean upTo(Dose more) {
        return false;
    }

    /** A hold of whole breaths; how long a breath lasts is the pose's and the pace's matter. */
    record Breaths(int breaths) implements Dose {
        /** What a mouth counts without losing its place. */
        public static final List<Integer> COUNTED = List.of(1, 2, 3, 5, 8, 10, 15, 20);

        public Breaths {
            BREATHS.check(breaths);
        }

        /** At least so many, and as many as a mouth counts where that is not half as many again. */
        public static Breaths counted(int least) {
            int more = COUNTED.stream().filter(n -> n >= least).findFirst().orElse(least);
            return new Breaths(more * 2 < least * 3 ? more : least);
        }

        @Override
        public boolean upTo(Dose more) {
            return more instanceof Breaths other && breaths <= other.breaths;
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
        public boolean upTo(Dose more) {
            return more instanceof Seconds other && seconds <= other.seconds;
        }

        @Override
        public String toString() {
            return seconds + " s";
        }
    }

    /**
     * One position on one half-breath or a few in a row: {@code in}, {@code out then in}, {@code held out}.
     *
     * @param breaths the phases, a half-breath each
     * @param continued the breath before it goes on, so that two of a kind in a row do not clash
     * @param counts how many spoken counts it takes in all; null for the pace of the flow
     */
    record Movement(
            List<Breath> breaths,
            boolean continued,
            @Nullable Integer counts) implements Dose {
        public Movement {
            breaths = breaths == null ? List.of() : List.copyOf(breaths);
            if (breaths.isEmpty() || breaths.size() > MOST_HALF_BREATHS) {
                throw new Refused("One position has 1 to " + MOST_HALF_BREATHS + " half-breaths.");
            }
            if (counts != null) MOVE_COUNTS.check(counts);
        }

        public Movement(List<Breath> breaths, boolean continued) {
            this(breaths, continued, null);
        }

        public Movement(Breath breath) {
            this(List.of(breath), false, null);
        }

        /** The half-breath it begins on. */
        public Breath breath() {
            return breaths.get(0);
        }

        /** The half-breath it ends on. */
        public Breath lastBreath() {
            return breaths.get(breaths.size() - 1);
        }

        @Override
        public String toString() {
            String all = breaths.stream().map(Breath::word).collect(Collectors.joining(" then "));
            return (continued ? all + " continued" : all)
                    + (counts == null ? "" : ", in " + Words.count(counts, "count"));
        }
    }

    /** A hold that is entered on the breath, as in a flow: {@code out, then 3 breaths}; the way in is its movement. */
    record Entered(Movement entry, Breaths hold) implements Dose {
        public Entered {
            if (entry == null || hold == null)
                throw new Refused("A hold that is entered has its half-breath and its breaths.");
            if (entry.counts() != null) throw new Refused("A hold is entered on a half-breath, without counts.");
        }

        @Override
        public boolean upTo(Dose more) {
            return more instanceof Entered other && entry.equals(other.entry) && hold.upTo(other.hold);
        }

        @Override
        public String toString() {
            return entry + ", then " + hold;
        }
    }

    /** As long as each person needs; the estimate is what the class is planned with. */
    record OwnPace(int seconds) implements Dose {
        public OwnPace {
            SECONDS.check(seconds);
        }

        @Override
        public boolean upTo(Dose more) {
            return more instanceof OwnPace other && seconds <= other.seconds;
        }

        @Override
        public String toString() {
            return "own pace, about " + seconds + " s";
        }
    }

    /**
     * Time with no count in it: questions, free movement, setting up props.
     *
     * @param orLonger whether it may go on as long as people like: what is planned is then the least
     */
    record Open(
            int seconds,
            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean orLonger) implements Dose {
        public Open {
            OPEN_SECONDS.check(seconds);
        }

        public Open(int seconds) {
            this(seconds, false);
        }

        public Open withSeconds(int other) {
            return new Open(other, orLonger);
        }

        @Override
        public boolean upTo(Dose more) {
            return more instanceof Open other && orLonger == other.orLonger && seconds <= other.seconds;
        }

        @Override
        public String toString() {
            return (seconds % 60 == 0 ? seconds / 60 + " min" : seconds + " s") + (orLonger ? " or longer" : " open");
        }
    }

    /** A hold in spoken counts, which are slower than seconds. */
    record Counts(int counts) implements Dose {
        public Counts {
            COUNTS.check(counts);
        }

        @Override
        public boolean upTo(Dose more) {
            return more instanceof Counts other && counts <= other.counts;
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
                return cycles * (in + out + retained(holds));
            }

            /** Counts of retention in one cycle. */
            public int retained(Holds holds) {
                return (holds == Holds.NONE ? 0 : holdIn) + (holds == Holds.ALL ? holdOut : 0);
            }

            /** How often the breath is held in one cycle. */
            public int holds(Holds holds) {
                int full = holds != Holds.NONE && holdIn > 0 ? 1 : 0;
                return full + (holds == Holds.ALL && holdOut > 0 ? 1 : 0);
            }

            /** No hold longer than so many counts. */
            public Stage capped(int counts) {
                return new Stage(in, Math.min(holdIn, counts), out, Math.min(holdOut, counts), cycles);
            }

            private boolean upTo(Stage more) {
                return phases().equals(more.phases()) && cycles <= more.cycles;
            }

            private String phases() {
                return "%d-%d-%d-%d".formatted(in, holdIn, out, holdOut);
            }

            @Override
            public String toString() {
                return phases() + " x " + cycles;
            }
        }

        public Pattern {
            stages = stages == null ? List.of() : List.copyOf(stages);
            holds = holds == null ? Holds.ALL : holds;
            if (stages.isEmpty() || stages.size() > 20) throw new Refused("A breathing pattern has 1 to 20 stages.");
        }

        /** Only a pattern of one stage can be a range, in its cycles. */
        @Override
        public boolean upTo(Dose more) {
            if (!(more instanceof Pattern other) || holds != other.holds) return false;
            return stages.size() == 1
                    && other.stages.size() == 1
                    && stages.get(0).upTo(other.stages.get(0));
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
}
