package gurukram.core.pose;

import java.util.List;
import java.util.Map;

/**
 * What poses are called in another language than English.
 *
 * @param code as in {@code pt}
 * @param name in English, as in {@code Portuguese}
 * @param names by the id of a pose: the name shown, then others by which it is found
 */
public record Language(String code, String name, Map<String, List<String>> names) {
    public Language {
        names = Map.copyOf(names);
    }

    /** The names of a pose, the one shown first; empty where there is none. */
    public List<String> of(String pose) {
        return names.getOrDefault(pose, List.of());
    }
}
