package hestra.numbers;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * What was worked out before, up to so many of it: when it is full, all of it is let go. Used by any number of threads.
 *
 * @param <K> what is asked for
 * @param <V> what comes of it; not null
 */
public final class Remembered<K, V> {

    private final int most;
    private final Map<K, V> known = new ConcurrentHashMap<>();

    /** Nothing so far; at most so many. */
    public Remembered(int most) {
        this.most = most;
    }

    /** What comes of a key, worked out now where it is not known. */
    public V get(K key, Function<? super K, ? extends V> how) {
        V before = known.get(key);
        if (before != null) {
            return before;
        }
        // Worked out before it is put in: working one out may ask for another.
        V made = how.apply(key);
        if (known.size() >= most) {
            known.clear();
        }
        known.put(key, made);
        return made;
    }
}
