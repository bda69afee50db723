package rondel.desktop.run.sewing;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.Optional;
import rondel.desktop.look.FxPictures;
import rondel.desktop.run.running.SewnPass;
import rondel.geometry.Box;
import rondel.run.stitch.SewingPicture;

/** Pictures of what is sewn up to some stitch, each painted on from the one before where it can be. Safe on any thread. */
final class SewnPixels {

    private static final double MOST = 3000;

    private Optional<Painted> last = Optional.empty();

    private record Painted(SewnPass sewn, Box seen, double scale, SewingPicture picture) {}

    /** A picture of a part of the sheet. */
    record Seen(Box box, javafx.scene.image.Image image) {}

    /** Slow the first time.
     *
     * @param seen what of the sheet is looked at
     *  @param scale pixels per mm */
    synchronized Seen of(SewnPass sewn, Box seen, double scale, int moves) {
        double used = Math.min(scale, MOST / Math.max(seen.width(), seen.height()));
        if (last.filter(p -> p.sewn() == sewn && p.seen().equals(seen) && p.scale() == used)
                .isEmpty()) {
            last = Optional.of(new Painted(sewn, seen, used, new SewingPicture(sewn.pattern(), seen, used)));
        }
        BufferedImage live = last.get().picture().after(moves);
        BufferedImage copy = new BufferedImage(live.getWidth(), live.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = copy.createGraphics();
        g.drawImage(live, 0, 0, null);
        g.dispose();
        Box exact = new Box(seen.x(), seen.y(), live.getWidth() / used, live.getHeight() / used);
        return new Seen(exact, FxPictures.of(copy));
    }
}
