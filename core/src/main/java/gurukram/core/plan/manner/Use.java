package gurukram.core.plan.manner;

import gurukram.core.text.Words;
import java.util.Locale;
import java.util.Optional;

/** What a step's time is for when it is no work: the class page tells them apart, and no check judges it as work. */
public enum Use {
    REST,
    DEMONSTRATION,
    TALK;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** As a heading. */
    public String title() {
        return name().charAt(0) + word().substring(1);
    }

    /** As it is typed: {@code talk}, {@code demo}; empty when it is none. */
    public static Optional<Use> named(String typed) {
        return switch (Words.fold(typed)) {
            case "rest", "resting", "pause" -> Optional.of(REST);
            case "demonstration", "demo", "i show it", "shown first" -> Optional.of(DEMONSTRATION);
            case "talk", "talking", "a talk" -> Optional.of(TALK);
            default -> Optional.empty();
        };
    }
}
