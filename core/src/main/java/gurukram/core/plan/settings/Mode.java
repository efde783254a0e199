package gurukram.core.plan.settings;

import java.util.Locale;

/** How a round is done: taught position by position, on the breath with words, or without words. */
public enum Mode {
    LEARN,
    BREATH,
    SILENT;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** So many rounds of one mode. */
    public record Run(int rounds, Mode mode) {
        public Run {
            FlowSettings.ROUNDS.check(rounds);
            Required.of(mode, "the mode of a run of rounds");
        }

        @Override
        public String toString() {
            return rounds + " " + mode.word();
        }
    }
}
