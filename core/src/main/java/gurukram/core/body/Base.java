package gurukram.core.body;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** What the body stands, sits or lies on. Hands-and-feet has two forms, {@link #DOG} and {@link #PLANK}. */
public enum Base {
    STANDING,
    LUNGE,
    KNEELING,
    HANDS_AND_KNEES,
    DOG,
    PLANK,
    FOREARMS,
    CHILD,
    PRONE,
    SUPINE,
    SEATED,
    SIDE_LYING,
    SQUAT,
    INVERTED,
    ARM_BALANCE;

    /** As written in the catalogue and the transition table: {@code hands-and-knees}. */
    @JsonValue
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Reads what {@link #word()} writes; {@link IllegalArgumentException} for anything else. */
    @JsonCreator
    public static Base parse(String word) {
        return valueOf(word.strip().toUpperCase(Locale.ROOT).replace('-', '_'));
    }
}
