package gurukram.core.pose;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the cautions of a pose are derived from.
 *
 * @param mechanisms what it does to a body
 * @param milder ids of poses that are like it and ask less, the best first
 * @param overrides where a person's judgement differs from the rules
 * @param written cautions that somebody wrote for just this pose, beside what is derived
 */
public record CautionFacts(
        List<Mechanism> mechanisms, List<String> milder, List<Override> overrides, List<Caution> written) {
    public static final CautionFacts NONE = new CautionFacts(List.of(), List.of(), List.of(), List.of());

    /**
     * The severity of a pose for a need as a person judged it.
     *
     * @param severity null takes the caution away
     * @param sentence key of the sentence that comes first; null leaves those of the rules
     * @param instead id of the pose in its place; null is looked for
     */
    public record Override(
            Need need,
            Caution.@Nullable Severity severity,
            @Nullable String sentence,
            @Nullable String instead) {}

    public CautionFacts {
        mechanisms = List.copyOf(mechanisms);
        milder = List.copyOf(milder);
        overrides = List.copyOf(overrides);
        written = List.copyOf(written);
    }

    public boolean has(Mechanism mechanism) {
        return mechanisms.contains(mechanism);
    }
}
