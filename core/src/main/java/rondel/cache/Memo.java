package rondel.cache;

import java.util.Map;
import java.util.function.Function;

/** Keeps what was worked out of each key, which must be a function of the key alone (memoization, Michie 1968). Any thread may ask: two may work out the
 *  same at a time, and none waits for another, which might wait for it. */
public final class Memo<K, V> {

    private final Map<K, V> known;

    /** @param known where it is kept, which nobody else uses; a {@link LastUsed} for no more than so many */
    public Memo(Map<K, V> known) {
        this.known = known;
    }

    public V get(K key, Function<K, V> made) {
        synchronized (known) {
            V value = known.get(key);
            if (value != null) {
                return value;
            }
        }
        V fresh = made.apply(key);
        synchronized (known) {
            V other = known.putIfAbsent(key, fresh);
            return other == null ? fresh : other;
        }
    }
}
