package gurukram.core.plan;

import gurukram.core.text.Words;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What a part of the class is for. */
public enum SectionRole {
    ARRIVE,
    BREATHE,
    WARM_UP,
    SALUTATIONS,
    STANDING,
    BALANCE,
    STRENGTH,
    PEAK,
    INVERSIONS,
    FLOOR,
    COUNTERPOSES,
    COOL_DOWN,
    SIT,
    REST,
    CLOSE,
    /** words of the teacher: announcements, a theme told, questions; no practice */
    TALK,
    /** something taught in words and shown; no practice */
    LESSON;

    private static final Map<String, SectionRole> WORDS = new HashMap<>(Map.of(
            "arrival", ARRIVE,
            "breathing", BREATHE,
            "warmup", WARM_UP,
            "warm", WARM_UP,
            "sun salutations", SALUTATIONS,
            "balances", BALANCE,
            "cooldown", COOL_DOWN,
            "final rest", REST,
            "closing", CLOSE));

    static {
        WORDS.putAll(Map.of(
                "lecture", TALK,
                "talking", TALK,
                "announcements", TALK,
                "workshop", LESSON,
                "teaching", LESSON,
                "savasana", REST,
                "relaxation", REST,
                "opening", ARRIVE,
                "centering", ARRIVE,
                "pranayama", BREATHE));
        for (SectionRole role : values()) WORDS.put(Words.fold(role.word()), role);
    }

    /** Whether people practise in it, so that it has a share of the time of practice. */
    public boolean isPractice() {
        return this != TALK && this != LESSON;
    }

    /** {@code warm-up}, {@code cool-down}, {@code standing}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** {@code Warm-up}. */
    public String title() {
        return word().substring(0, 1).toUpperCase(Locale.ROOT) + word().substring(1);
    }

    public static Optional<SectionRole> named(String typed) {
        return Optional.ofNullable(WORDS.get(Words.fold(typed)));
    }
}
