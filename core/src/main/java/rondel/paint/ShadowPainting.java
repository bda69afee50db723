package rondel.paint;

import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Optional;
import java.util.function.Consumer;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Rgba;
import rondel.job.Shadow;

/** The pixels of a shadow: the alpha of what throws it, blurred, in the shadow's colour. */
final class ShadowPainting {

    /** A blur by so many pixels is as smooth as by more of finer ones. */
    private static final double FINE_DEVIATION = 16;

    /** In pixels: beyond it a shadow is too faint to be seen, and numbers would overflow. */
    private static final double FURTHEST_REACH = 200_000;

    private static final double MOST_PIXELS = 30_000_000;

    private ShadowPainting() {}

    /** Lays the shadow of {@code element} on a graphics.
     *
     * @param pixelsPerMm of the sheet
     * @param paint paints the element without its shadow */
    static void under(Graphics2D g, Element element, double pixelsPerMm, Consumer<Graphics2D> paint) {
        Shadow shadow = element.traits().shadow().orElseThrow();
        double dx = shadow.dx() * pixelsPerMm;
        double dy = shadow.dy() * pixelsPerMm;
        double deviation = shadow.deviation() * pixelsPerMm;
        int reach = (int) Math.min(FURTHEST_REACH, Math.ceil(3 * deviation) + 2);
        Optional<Box> ink = PaintedExtent.rough(element, Affine.of(g.getTransform()));
        Rectangle view = Layer.deviceClip(g);
        if (ink.isEmpty()) {
            return;
        }
        Rectangle thrown = rectangle(ink.get());
        thrown.grow(reach, reach);
        Rectangle seen = new Rectangle(view);
        seen.translate((int) Math.floor(-dx), (int) Math.floor(-dy));
        seen.grow(reach + 1, reach + 1);
        Rectangle area = thrown.intersection(seen);
        if (area.isEmpty()) {
            return;
        }
        double coarse = coarseness(area, deviation);
        int width = (int) Math.ceil(area.width / coarse);
        int height = (int) Math.ceil(area.height / coarse);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D on = image.createGraphics();
        on.setClip(0, 0, width, height);
        on.scale(1 / coarse, 1 / coarse);
        on.translate(-area.x, -area.y);
        on.transform(g.getTransform());
        on.setRenderingHints(g.getRenderingHints());
        paint.accept(on);
        on.dispose();
        toShadow(image, deviation / coarse, shadow.colour());
        AffineTransform before = g.getTransform();
        Object interpolation = g.getRenderingHint(RenderingHints.KEY_INTERPOLATION);
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.setTransform(new AffineTransform());
        AffineTransform place = AffineTransform.getTranslateInstance(area.x + dx, area.y + dy);
        place.scale(coarse, coarse);
        g.drawImage(image, place, null);
        g.setTransform(before);
        if (interpolation != null) {
            g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, interpolation);
        }
    }

    /** How many pixels of the picture one pixel of the shadow stands for: a wide blur hides it, and a very large shadow would
     *  not fit into memory otherwise. */
    private static double coarseness(Rectangle area, double deviation) {
        double byBlur = Math.max(1, deviation / FINE_DEVIATION);
        double byMemory = Math.sqrt((double) area.width * area.height / MOST_PIXELS);
        return Math.max(byBlur, Math.max(1, byMemory));
    }

    private static Rectangle rectangle(Box b) {
        int x = (int) Math.floor(b.x());
        int y = (int) Math.floor(b.y());
        return new Rectangle(x, y, (int) Math.ceil(b.right()) - x, (int) Math.ceil(b.bottom()) - y);
    }

    /** Turns a picture into its own shadow. */
    static void toShadow(BufferedImage image, double deviation, Rgba colour) {
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        float[] alpha = new float[pixels.length];
        for (int i = 0; i < pixels.length; i++) {
            alpha[i] = pixels[i] >>> 24;
        }
        BoxBlur.blur(alpha, image.getWidth(), image.getHeight(), deviation);
        float strength = colour.alpha() / 255f;
        for (int i = 0; i < pixels.length; i++) {
            if (alpha[i] == 0) {
                pixels[i] = 0;
                continue;
            }
            float a = Math.min(255, alpha[i]) * strength;
            float share = a / 255f;
            pixels[i] = Math.round(a) << 24
                    | Math.round(colour.red() * share) << 16
                    | Math.round(colour.green() * share) << 8
                    | Math.round(colour.blue() * share);
        }
    }
}
