package rondel.paint;

import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import rondel.geometry.Box;
import rondel.job.Mask;
import rondel.progress.Cancellation;

/** A transparent picture the size of what a graphics can show, painted apart and then laid over it. */
final class Layer {

    private final Graphics2D below;
    private final Rectangle device;
    private final BufferedImage pixels;
    private final Graphics2D graphics;

    private Layer(Graphics2D below, Rectangle device) {
        this.below = below;
        this.device = device;
        this.pixels = new BufferedImage(
                Math.max(1, device.width), Math.max(1, device.height), BufferedImage.TYPE_INT_ARGB_PRE);
        this.graphics = on(pixels);
    }

    static Layer over(Graphics2D g) {
        return over(g, deviceClip(g));
    }

    /** A layer only as large as what will be on it.
     *
     * @param ink in pixels */
    static Layer over(Graphics2D g, Box ink) {
        Rectangle needed =
                new Rectangle2D.Double(ink.x() - 2, ink.y() - 2, ink.width() + 4, ink.height() + 4).getBounds();
        return over(g, deviceClip(g).intersection(needed));
    }

    private static Layer over(Graphics2D g, Rectangle device) {
        Cancellation.check();
        LayerBudget.use(g, (long) Math.max(1, device.width) * Math.max(1, device.height));
        return new Layer(g, device);
    }

    /** The pixels that a graphics' clip lets it reach. */
    static Rectangle deviceClip(Graphics2D g) {
        Shape clip = g.getClip();
        if (clip == null) {
            throw new IllegalStateException("a graphics to paint on needs a clip around its picture");
        }
        return g.getTransform().createTransformedShape(clip).getBounds();
    }

    Graphics2D graphics() {
        return graphics;
    }

    /** Keeps what is inside {@code shape}, given in the space the layer was made in, with smooth edges. */
    void keepInside(Shape shape) {
        BufferedImage inside =
                new BufferedImage(pixels.getWidth(), pixels.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = on(inside);
        g.setColor(java.awt.Color.WHITE);
        g.fill(shape);
        g.dispose();
        keepAlphaOf(inside);
    }

    /** Keeps what {@code veil}, a layer made over this one, lets through. */
    void keepWhere(Layer veil, Mask.Kind kind) {
        if (kind == Mask.Kind.LUMINANCE) {
            Luminance.toAlpha(((DataBufferInt) veil.pixels.getRaster().getDataBuffer()).getData());
        }
        keepAlphaOf(veil.pixels);
        veil.done();
    }

    private void done() {
        LayerBudget.holding(below, LayerBudget.held(below) - (long) pixels.getWidth() * pixels.getHeight());
    }

    void flatten(double opacity) {
        done();
        graphics.dispose();
        AffineTransform before = below.getTransform();
        below.setTransform(new AffineTransform());
        java.awt.Composite composite = below.getComposite();
        below.setComposite(AlphaComposite.SrcOver.derive((float) Math.min(1, Math.max(0, opacity))));
        below.drawImage(pixels, device.x, device.y, null);
        below.setComposite(composite);
        below.setTransform(before);
    }

    private void keepAlphaOf(BufferedImage mask) {
        Graphics2D g = pixels.createGraphics();
        g.setComposite(AlphaComposite.DstIn);
        g.drawImage(mask, 0, 0, null);
        g.dispose();
    }

    private Graphics2D on(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setClip(0, 0, image.getWidth(), image.getHeight());
        g.translate(-device.x, -device.y);
        g.transform(below.getTransform());
        g.setRenderingHints(below.getRenderingHints());
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        return g;
    }
}
