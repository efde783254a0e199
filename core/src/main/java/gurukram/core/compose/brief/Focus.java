package gurukram.core.compose.brief;

import gurukram.core.body.Action;
import gurukram.core.body.ActionUse;
import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.pose.Pose;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a theme comes to in poses: actions, areas of the body, families and single poses, each with a weight of 1 to 3.
 *
 * @param words what of the theme was understood, in its own words
 */
public record Focus(
        Map<Action, Integer> actions,
        Map<BodyArea, Integer> areas,
        Map<String, Integer> families,
        Map<String, Integer> poses,
        List<String> words) {
    public static final Focus NONE = new Focus(Map.of(), Map.of(), Map.of(), Map.of(), List.of());

    public Focus {
        actions = actions.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(actions));
        areas = areas.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(areas));
        families = Collections.unmodifiableMap(new LinkedHashMap<>(families));
        poses = Collections.unmodifiableMap(new LinkedHashMap<>(poses));
        words = List.copyOf(words);
    }

    public boolean isEmpty() {
        return actions.isEmpty() && areas.isEmpty() && families.isEmpty() && poses.isEmpty();
    }

    /** How much of it is in a pose; 0 is nothing. */
    public int in(Pose pose) {
        int points = 2 * poses.getOrDefault(pose.id(), 0) + families.getOrDefault(pose.family(), 0);
        for (ActionUse use : pose.actions()) {
            int strength = Math.max(use.demands(), use.prepares());
            points += actions.getOrDefault(use.action(), 0) * strength;
        }
        for (Felt felt : pose.stretches()) points += areas.getOrDefault(felt.area(), 0) * felt.strength();
        for (Felt felt : pose.works()) points += areas.getOrDefault(felt.area(), 0) * felt.strength();
        return points;
    }
}
