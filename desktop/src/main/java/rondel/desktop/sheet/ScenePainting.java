package rondel.desktop.sheet;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.image.Image;
import rondel.desktop.look.FxPictures;
import rondel.formats.proof.SoftProof;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.lines.check.kinds.Unpaintable;
import rondel.paint.Painter;
import rondel.paint.PictureSource;

/** Paints parts of a scene into pictures for the screen; for any thread but the toolkit's. */
public final class ScenePainting {

    private ScenePainting() {}

    /** A tile.
     *
     * @param unpainted why elements have a marked box in their place */
    record Painted(Image image, Map<ElementId, String> unpainted) {}

    static Painted tile(SheetScene scene, TileKey key, PictureSource pictures) {
        Map<ElementId, String> unpainted = new HashMap<>();
        Painter painter = new Painter(scene.media(), pictures)
                .without(scene.without())
                .telling((e, why) ->
                        unpainted.put(e.id(), Unpaintable.finding(e, why).sentence()));
        BufferedImage pixels = pixels(
                painter, scene.sheet().elements(), key.area(), key.scale() * key.density(), key.pixels(), key.pixels());
        if (scene.colours() != SoftProof.Shown.AS_DRAWN) {
            SoftProof.shipped().show(pixels, scene.colours());
        }
        return new Painted(FxPictures.of(pixels), unpainted);
    }

    private static final Color UNPAINTED = new Color(0xb8, 0x44, 0x2f, 0x60);
    private static final int UNPAINTED_STEP = 16;

    /** How wide the finest line of a small picture is, in px: a cut line is a hairline, and would not be seen. */
    private static final double SEEN = 1.6;

    /** Some elements alone, on transparent ground.
     *
     * @param area in mm, in the space of the elements' parent
     * @param scale px a mm */
    public static Image elements(
            SheetScene scene, List<Element> elements, Box area, double scale, PictureSource pictures) {
        int width = (int) Math.max(1, Math.ceil(area.width() * scale));
        int height = (int) Math.max(1, Math.ceil(area.height() * scale));
        return picture(new Painter(scene.media(), pictures), elements, area, scale, width, height);
    }

    /** Elements in a small square picture to know them by, hairlines wide enough to be seen.
     *
     * @param extent what is to be seen, in mm, in the space of the elements' parent; wider or higher than 0
     * @param side of the picture, in px */
    public static Image small(
            SheetScene scene, List<Element> elements, Box extent, double side, PictureSource pictures) {
        double scale = side / Math.max(extent.width(), extent.height());
        Box square = new Box(
                extent.centre().x() - side / scale / 2,
                extent.centre().y() - side / scale / 2,
                side / scale,
                side / scale);
        int pixels = (int) Math.ceil(side);
        Painter painter = new Painter(scene.media(), pictures).withLinesFrom(SEEN);
        return picture(painter, elements, square, scale, pixels, pixels);
    }

    private static Image picture(
            Painter painter, List<Element> elements, Box area, double scale, int width, int height) {
        return FxPictures.of(pixels(painter, elements, area, scale, width, height));
    }

    private static BufferedImage pixels(
            Painter painter, List<Element> elements, Box area, double scale, int width, int height) {
        BufferedImage pixels = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = pixels.createGraphics();
        g.setClip(0, 0, width, height);
        g.scale(scale, scale);
        g.translate(-area.x(), -area.y());
        painter.elements(g, elements);
        g.dispose();
        return pixels;
    }

    /** What stands in the place of a tile that could not be painted: fine lines across it. */
    static Image unpainted() {
        BufferedImage pixels = new BufferedImage(TileKey.SIDE, TileKey.SIDE, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = pixels.createGraphics();
        g.setColor(UNPAINTED);
        for (int at = -TileKey.SIDE; at < TileKey.SIDE; at += UNPAINTED_STEP) {
            g.drawLine(at, 0, at + TileKey.SIDE, TileKey.SIDE);
        }
        g.dispose();
        return FxPictures.of(pixels);
    }
}
