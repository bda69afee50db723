package rondel.cache;

import java.util.LinkedHashMap;
import java.util.Map;

/** Keeps what was used last, up to a number of entries, and lets go of the rest (least recently used first). Who shares it among threads locks it. */
public final class LastUsed<K, V> extends LinkedHashMap<K, V> {

    private static final long serialVersionUID = 1L;

    private final int most;

    public LastUsed(int most) {
        super(64, 0.75f, true);
        this.most = most;
    }

    @Override
    protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
        return size() > most;
    }
}
