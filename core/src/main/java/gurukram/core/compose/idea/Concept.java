package gurukram.core.compose.idea;

import gurukram.core.body.Action;
import java.util.List;
import java.util.Set;

/**
 * One quality a body can do, and how a class brings it back: its shape comes small in the warm-up, on the breath in the flows,
 * held before or at the peak, and lying in the cool-down.
 *
 * @param name how the class comes to its peak: {@code from the side of the body}
 * @param actions what it is made of, the most telling first
 * @param small ids of its shapes in the warm-up, the best first; so with {@code breath}, {@code held} and {@code lying}
 * @param themes words of themes it goes with
 * @param sentence the class in one sentence, with {@code {peak}} where the pose is named
 * @param threads lines to say on the way
 */
public record Concept(
        String id,
        String name,
        Set<Action> actions,
        List<String> small,
        List<String> breath,
        List<String> held,
        List<String> lying,
        Set<String> themes,
        String sentence,
        String open,
        String close,
        List<String> threads) {
    private static final String PEAK = "{peak}";

    public Concept {
        actions = Set.copyOf(actions);
        small = List.copyOf(small);
        breath = List.copyOf(breath);
        held = List.copyOf(held);
        lying = List.copyOf(lying);
        themes = Set.copyOf(themes);
        threads = List.copyOf(threads);
    }

    /** Whether a pose is one of its shapes, at any size. */
    public boolean has(String pose) {
        return small.contains(pose) || breath.contains(pose) || held.contains(pose) || lying.contains(pose);
    }

    /** Its sentence about a pose, by the name it has in a sentence. */
    public String sentenceTo(String peak) {
        return sentence.replace(PEAK, peak);
    }

    public String openTo(String peak) {
        return open.replace(PEAK, peak);
    }
}
