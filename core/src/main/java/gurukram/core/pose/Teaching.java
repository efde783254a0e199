package gurukram.core.pose;

import java.util.List;

/**
 * What a teacher knows of a pose beyond its words; every part may be empty.
 *
 * @param gaze where the eyes rest
 * @param measures how far, at what angle, what lines up with what: {@code front knee: over the ankle}
 * @param faults what is often seen, the most usual first
 * @param wayIn the moves into it, each on its breath; empty where one move does it
 * @param handsOn where a hand may help, with consent only
 */
public record Teaching(String gaze, List<String> measures, List<Fault> faults, List<Move> wayIn, String handsOn) {
    public static final Teaching NONE = new Teaching("", List.of(), List.of(), List.of(), "");

    public Teaching {
        measures = List.copyOf(measures);
        faults = List.copyOf(faults);
        wayIn = List.copyOf(wayIn);
    }

    /**
     * @param seen what goes wrong
     * @param say what helps
     */
    public record Fault(String seen, String say) {
        @Override
        public String toString() {
            return seen + ": " + say;
        }
    }

    /** One move on its half-breath. */
    public record Move(BreathAffinity breath, String words) {
        /** {@code inhale, arms wide}. */
        public String spoken() {
            return breath == BreathAffinity.EITHER ? words : breath.spoken() + ", " + words;
        }

        @Override
        public String toString() {
            return breath.word() + " " + words;
        }
    }

    /** {@code inhale, arms wide; exhale, reach far over the front leg}. */
    public String spokenWayIn() {
        return String.join("; ", wayIn.stream().map(Move::spoken).toList());
    }
}
