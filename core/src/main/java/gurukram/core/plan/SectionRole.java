package gurukram.core.plan;

import gurukram.core.pose.UsualDoses;
import gurukram.core.text.Words;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

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

    /** The part of a class whose doses it has; null where poses have their doses by level alone. */
    public UsualDoses.@Nullable Part part() {
        return switch (this) {
            case ARRIVE, WARM_UP -> UsualDoses.Part.WARM_UP;
            case PEAK -> UsualDoses.Part.PEAK;
            case COOL_DOWN -> UsualDoses.Part.COOL_DOWN;
            default -> null;
        };
    }

    /** {@code warm-up}, {@code cool-down}, {@code standing}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** {@code Warm-up}. */
    public String title() {
        return Words.capital(word());
    }

    public static Optional<SectionRole> named(String typed) {
        return Optional.ofNullable(WORDS.get(Words.fold(typed)));
    }
}
