package rondel.lines.halo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;
import rondel.progress.Cancellation;
import rondel.raster.LevelLines;

/**
 * Takes from a halo what lies nearer to other artwork than to its own, so that neighbouring halos end half way and a gap
 * apart. A place stays where it is nearer to the halo's artwork than to the other by at least the gap: two such places on
 * either side are at least the gap apart, since each distance changes by no more than one goes, and just as far apart on the
 * straight way between the artworks. The border is a level line on a grid, worked out only near to it.
 */
final class HalfwayBorder {

    private static final double STEP = 0.1;
    private static final int BLOCK = 16;
    private static final double SHARE = 40;
    private static final double LEVEL = 127.5;
    private static final double FLATNESS = 0.002;

    private final ArtworkDistance own;
    private final List<Other> others;
    private final double gap;

    /** Artwork of a neighbour.
     *
     * @param x how far right of where its nearness was worked out it stands, in the space of the halo's own, in mm
     * @param y how far down */
    record Other(ArtworkDistance nearer, double x, double y) {

        double distance(double px, double py) {
            return nearer.distance(px - x, py - y);
        }

        Envelope box() {
            Envelope box = nearer.box();
            box.translate(x, y);
            return box;
        }
    }

    /** @param gap between two halos, in mm; of what is nearer than that itself, a part */
    HalfwayBorder(ArtworkDistance own, List<Other> others, double gap) {
        this.own = own;
        this.others = others;
        this.gap = gap;
    }

    /** What is left of a halo. */
    Geometry of(Geometry halo) {
        Geometry left = halo;
        for (Other other : others) {
            double between = own.distance(other.nearer, other.x, other.y);
            if (between > 0) {
                left = without(left, other, Math.min(gap, between * gap / (gap + 1)));
            }
        }
        return withItsArtwork(left);
    }

    private Geometry without(Geometry halo, Other other, double apart) {
        Envelope box = reach(halo, other, apart);
        if (box.isNull()) {
            return halo;
        }
        int width = (int) Math.ceil(box.getWidth() / STEP);
        int height = (int) Math.ceil(box.getHeight() / STEP);
        int[][] values = new int[height][width];
        for (int y = 0; y < height; y += BLOCK) {
            Cancellation.check();
            for (int x = 0; x < width; x += BLOCK) {
                block(values, x, y, BLOCK, box, other, apart);
            }
        }
        Outline taken = LevelLines.of(
                        width,
                        height,
                        (y, row) -> System.arraycopy(values[y], 0, row, 0, row.length),
                        LEVEL,
                        FLATNESS / STEP)
                .transformed(Affine.translate(box.getMinX(), box.getMinY()).times(Affine.scale(STEP, STEP)));
        Geometry area = FlatArea.of(Overlay.united(taken), FLATNESS);
        return area.isEmpty() ? halo : OverlayNGRobust.overlay(halo, area, OverlayNG.DIFFERENCE);
    }

    /** Where a place of the halo may be nearer to the other. */
    private Envelope reach(Geometry halo, Other other, double apart) {
        Envelope box = halo.getEnvelopeInternal();
        Envelope mine = own.box();
        double furthest = Math.max(
                Math.max(mine.getMinX() - box.getMinX(), box.getMaxX() - mine.getMaxX()),
                Math.max(mine.getMinY() - box.getMinY(), box.getMaxY() - mine.getMaxY()));
        Envelope near = other.box();
        near.expandBy(Math.max(0, furthest) + apart);
        Envelope both = box.intersection(near);
        if (!both.isNull()) {
            both.expandBy(10 * STEP);
        }
        return both;
    }

    /** The values of a square block of the grid; halved while the border may pass through it. */
    private void block(int[][] values, int x, int y, int size, Envelope box, Other other, double apart) {
        if (x >= values[0].length || y >= values.length) {
            return;
        }
        double middle = (size - 1) / 2.0;
        double ahead = ahead(box, x + middle, y + middle, other, apart);
        double unsure = 2 * STEP * Math.sqrt(2) * (middle + 1.5);
        if (size == 1 || Math.abs(ahead) > unsure) {
            int value = value(size == 1 ? ahead : Math.signum(ahead) * unsure);
            for (int row = y; row < Math.min(y + size, values.length); row++) {
                Arrays.fill(values[row], x, Math.min(x + size, values[row].length), value);
            }
            return;
        }
        int half = size / 2;
        block(values, x, y, half, box, other, apart);
        block(values, x + half, y, half, box, other, apart);
        block(values, x, y + half, half, box, other, apart);
        block(values, x + half, y + half, half, box, other, apart);
    }

    /** How much nearer a pixel's middle is to its own artwork than it must be to stay; below 0 it is taken. */
    private double ahead(Envelope box, double x, double y, Other other, double apart) {
        double px = box.getMinX() + (x + 0.5) * STEP;
        double py = box.getMinY() + (y + 0.5) * STEP;
        return other.distance(px, py) - own.distance(px, py) - apart;
    }

    private static int value(double ahead) {
        return Math.clamp(Math.round(LEVEL - ahead / STEP * SHARE), 0, 255);
    }

    /** Drops what has been cut off on the far side of a neighbour. */
    private Geometry withItsArtwork(Geometry halo) {
        List<Geometry> kept = new ArrayList<>();
        for (int i = 0; i < halo.getNumGeometries(); i++) {
            if (own.meets(halo.getGeometryN(i))) {
                kept.add(halo.getGeometryN(i));
            }
        }
        return new GeometryFactory().buildGeometry(kept);
    }
}
