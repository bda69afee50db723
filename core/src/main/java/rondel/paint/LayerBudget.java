package rondel.paint;

import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import rondel.words.Refusal;

/** How many pixels of layers one painting may still make: masks in masks would else take for ever. It travels with the graphics
 *  as a hint, and so does what has been used of it. */
final class LayerBudget extends RenderingHints.Key {

    private static final LayerBudget KEY = new LayerBudget(0x524f4e42);

    /** Layers may cover the whole picture so many times: some seconds for a page. */
    private static final long PICTURES = 25;

    /** For small pictures they may be more. */
    private static final long LEAST = 200_000_000;

    /** A layer takes four bytes a pixel, and as much again while it is cut. */
    private static final int PART_OF_MEMORY = 10;

    private LayerBudget(int number) {
        super(number);
    }

    /** What is left; the thread that paints uses it. */
    private static final class Left {
        private long pixels;
        private long held;

        private Left(long picture) {
            pixels = Math.max(LEAST, PICTURES * picture);
        }
    }

    @Override
    public boolean isCompatibleValue(Object value) {
        return value instanceof Left;
    }

    /** Begins a painting, unless the graphics is part of one. */
    static void begin(Graphics2D g) {
        if (!(g.getRenderingHint(KEY) instanceof Left)) {
            Rectangle clip = Layer.deviceClip(g);
            g.setRenderingHint(KEY, new Left((long) clip.width * clip.height));
        }
    }

    /** How many pixels the layers hold that are not done yet. */
    static long held(Graphics2D g) {
        return g.getRenderingHint(KEY) instanceof Left left ? left.held : 0;
    }

    /** Says how many pixels layers hold, once some are done. */
    static void holding(Graphics2D g, long pixels) {
        if (g.getRenderingHint(KEY) instanceof Left left) {
            left.held = pixels;
        }
    }

    /** @throws Refusal if there is none left */
    static void use(Graphics2D g, long pixels) {
        if (g.getRenderingHint(KEY) instanceof Left left) {
            left.pixels -= pixels;
            left.held += pixels;
            if (left.pixels < 0 || left.held > Runtime.getRuntime().maxMemory() / PART_OF_MEMORY) {
                left.pixels = -1; // nothing after it is tried, as it would only take as long to fail
                throw Refusal.of("paint.tooManyLayers");
            }
        }
    }
}
