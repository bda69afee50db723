package rondel.lines.halo;

import java.lang.ref.SoftReference;
import java.util.function.Supplier;
import rondel.cache.LastUsed;
import rondel.cache.Memo;

/** Keeps what artwork covers from one edit to the next, so that an edit computes only what it has changed. What is kept is a
 *  function of its key: a result is the same with it and without. Any thread may ask. */
public final class HaloCache {

    /** As many as a large sheet of stickers has twice over; each takes some tens of kilobytes. */
    private static final int MOST = 1024;

    /** For as long as there is memory for it. */
    private SoftReference<Memo<ArtworkKey, CoveredArtwork>> kept = new SoftReference<>(null);

    private synchronized Memo<ArtworkKey, CoveredArtwork> kept() {
        Memo<ArtworkKey, CoveredArtwork> all = kept.get();
        if (all == null) {
            all = new Memo<>(new LastUsed<>(MOST));
            kept = new SoftReference<>(all);
        }
        return all;
    }

    CoveredArtwork get(ArtworkKey key, Supplier<CoveredArtwork> made) {
        return kept().get(key, k -> made.get());
    }
}
