package rondel.formats.picture;

import java.awt.image.BufferedImage;
import java.util.LinkedHashMap;
import java.util.Map;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.paint.PictureSource;

/** Decoded pictures at full, half, quarter … size, the ones used last kept within a limit of memory. Safe on any thread. */
public final class PictureLevels implements PictureSource {

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
        Key key = new Key(media.id(), Math.min(Math.max(halvings, least(media)), most));
        BufferedImage found = kept.get(key);
        if (found == null) {
            found = PictureDecoder.decode(media, key.halvings);
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
