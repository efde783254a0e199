package gurukram.core.text;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Things that are typed by one of several names, in any case. */
public final class ByName<T> {
    private final Map<String, T> things = new HashMap<>();

    /** {@link IllegalStateException} where another thing has one of the names. */
    public void put(String name, List<String> also, T thing) {
        put(name, thing);
        also.forEach(other -> put(other, thing));
    }

    private void put(String name, T thing) {
        if (things.put(Words.fold(name), thing) != null)
            throw new IllegalStateException("two things are called " + name);
    }

    /** By a name, with or without one of some words before it. */
    public Optional<T> find(String typed, String... before) {
        String folded = Words.fold(typed);
        T found = things.get(folded);
        for (String word : before) {
            if (found != null) break;
            if (!folded.startsWith(word + " ")) continue;
            folded = folded.substring(word.length() + 1);
            found = things.get(folded);
        }
        return Optional.ofNullable(found);
    }
}
