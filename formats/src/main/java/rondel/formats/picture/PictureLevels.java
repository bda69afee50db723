package rondel.formats.picture;

import java.awt.image.BufferedImage;
import java.util.LinkedHashMap;
import java.util.Map;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.paint.PictureSource;

/** Decoded pictures at full, half, quarter … size, the ones used last kept within a limit of memory. What is small is made of what is
 *  less small: a file is read once for a sheet, its card and its thumbnail. Safe on any thread. */
public final class PictureLevels implements PictureSource {

    /** The longer side, in pixels, of what smaller levels are made of: enough for a card, little to keep. */
    private static final int BASE = 512;

    private record Key(MediaId media, int halvings) {}

    private final long limit;
    private final Map<Key, BufferedImage> kept = new LinkedHashMap<>(16, 0.75f, true);
    private long held;

    /** @param limit in bytes of decoded pixels */
    public PictureLevels(long limit) {
        this.limit = limit;
    }

    /** A quarter of the memory that Java may use. */
    public static PictureLevels usual() {
        return new PictureLevels(Runtime.getRuntime().maxMemory() / 4);
    }

    @Override
    public synchronized BufferedImage pixels(Media media, double scale) {
        int halvings = (int) Math.max(0, Math.floor(-Math.log(Math.min(1, scale)) / Math.log(2)));
        int most = (int) (Math.log(Math.max(1, Math.min(media.width(), media.height()))) / Math.log(2));
        return level(media, Math.min(Math.max(halvings, least(media)), most));
    }

    private BufferedImage level(Media media, int halvings) {
        Key key = new Key(media.id(), halvings);
        BufferedImage found = kept.get(key);
        if (found == null) {
            int base = Math.max(base(media), least(media));
            found = halvings > base
                    ? PictureDecoder.halved(level(media, base), halvings - base)
                    : PictureDecoder.decode(media, halvings);
            kept.put(key, found);
            held += bytes(found);
            var oldest = kept.entrySet().iterator();
            while (held > limit && kept.size() > 1) {
                held -= bytes(oldest.next().getValue());
                oldest.remove();
            }
        }
        return found;
    }

    /** How often a picture is halved for what smaller ones are made of. */
    private static int base(Media media) {
        int halvings = 0;
        while (Math.max(media.width(), media.height()) >> halvings > BASE) {
            halvings++;
        }
        return halvings;
    }

    /** How often a picture must be halved so that it fits into a part of the memory. */
    private int least(Media media) {
        int halvings = 0;
        while (4L * media.width() * media.height() >> 2 * halvings > limit) {
            halvings++;
        }
        return halvings;
    }

    private static long bytes(BufferedImage image) {
        return 4L * image.getWidth() * image.getHeight();
    }
}
