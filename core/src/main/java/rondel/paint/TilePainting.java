package rondel.paint;

import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.TexturePaint;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Paint;
import rondel.progress.Cancellation;

/** Covers an area with copies of a tile: drawn one by one while they are few, else from one picture of the tile. */
final class TilePainting {

    private static final int FEW = 600;
    private static final int LARGEST = 2048;

    private final Painter painter;
    private final Paint.Tiles tiles;

    TilePainting(Painter painter, Paint.Tiles tiles) {
        this.painter = painter;
        this.tiles = tiles;
    }

    void cover(Graphics2D g, Box area) {
        Box tile = tiles.tile();
        double left = Math.floor((area.x() - tile.x()) / tile.width());
        double right = Math.ceil((area.right() - tile.x()) / tile.width());
        double top = Math.floor((area.y() - tile.y()) / tile.height());
        double bottom = Math.ceil((area.bottom() - tile.y()) / tile.height());
        if ((right - left) * (bottom - top) <= FEW) {
            oneByOne(g, (int) left, (int) right, (int) top, (int) bottom);
        } else {
            fromPicture(g, area);
        }
    }

    private void oneByOne(Graphics2D g, int left, int right, int top, int bottom) {
        Box tile = tiles.tile();
        AffineTransform before = g.getTransform();
        Shape clip = g.getClip();
        for (int row = top; row < bottom; row++) {
            Cancellation.check();
            for (int column = left; column < right; column++) {
                g.translate(column * tile.width(), row * tile.height());
                g.clip(new Rectangle2D.Double(tile.x(), tile.y(), tile.width(), tile.height()));
                painter.elements(g, tiles.content());
                g.setTransform(before);
                g.setClip(clip);
            }
        }
    }

    private void fromPicture(Graphics2D g, Box area) {
        Box tile = tiles.tile();
        Affine device = Affine.of(g.getTransform());
        int width = pixels(tile.width() * Math.hypot(device.a(), device.b()));
        int height = pixels(tile.height() * Math.hypot(device.c(), device.d()));
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D p = picture.createGraphics();
        p.setClip(0, 0, width, height);
        p.scale(width / tile.width(), height / tile.height());
        p.translate(-tile.x(), -tile.y());
        painter.elements(p, tiles.content());
        p.dispose();
        g.setPaint(new TexturePaint(picture, new Rectangle2D.Double(tile.x(), tile.y(), tile.width(), tile.height())));
        g.fill(new Rectangle2D.Double(area.x(), area.y(), area.width(), area.height()));
    }

    private static int pixels(double size) {
        return (int) Math.max(1, Math.min(LARGEST, Math.ceil(size)));
    }
}
