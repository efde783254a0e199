package gurukram.core.text;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * What was worked out for a text, kept for the next time: a class is looked at after every edit, and its words are mostly the same.
 * For several threads; it forgets everything when it is full.
 */
public final class Remembered<K, V> {
    private static final int MOST = 4_000;

    private final Map<K, V> kept = new ConcurrentHashMap<>();
    private final Function<K, V> work;

    /** @param work depends on nothing but what it is given */
    public Remembered(Function<K, V> work) {
        this.work = work;
    }

    public V of(K key) {
        V there = kept.get(key);
        if (there != null) return there;
        if (kept.size() >= MOST) kept.clear();
        V made = work.apply(key);
        kept.put(key, made);
        return made;
    }
}
