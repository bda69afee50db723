package rondel.lines.halo;

import java.util.Arrays;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;
import rondel.progress.Cancellation;
import rondel.raster.LevelLines;

/** What lies nearer to other artwork than to a halo's own, where that halo may reach. A place stays the halo's where it is
 *  nearer to its artwork than to the other by at least the gap: two such places on either side are at least the gap apart,
 *  since each distance changes by no more than one goes, and just as far apart on the straight way between the artworks. The
 *  border is a level line on a grid, worked out only near to it, by a quadtree. */
final class HalfwayBorder {

    /** Between places of the grid, in mm. */
    private static final double STEP = 0.1;

    /** Levels a step of the grid. */
    private static final double SHARE = 40;

    private static final double LEVEL = 127.5;

    /** In mm, where the border is not. */
    private static final double FAR = 4 * STEP;

    /** The side of a block, in steps, for which the edges that matter are sought: smaller ones would seek more often, larger ones find more. */
    private static final int SPOT = 16;

    /** How far the border may be from its curve, in mm. */
    private static final double FLATNESS = 0.002;

    private final ArtworkDistance own;
    private final ArtworkDistance other;
    private final Neighbour neighbour;
    private final double apart;

    private HalfwayBorder(ArtworkDistance own, Neighbour neighbour, double apart) {
        this.own = own;
        this.other = neighbour.art().nearness();
        this.neighbour = neighbour;
        this.apart = apart;
    }

    /** What a halo gives way of.
     *
     * @param halo what it takes in where nothing else is near
     * @param gap between two halos, in mm; of what is nearer than that itself, a part
     * @return nothing where the artworks touch: those are one */
    static Geometry of(ArtworkDistance own, Geometry halo, Neighbour neighbour, double gap) {
        double between = own.distance(neighbour.art().nearness(), neighbour.x(), neighbour.y());
        if (between <= 0) {
            return halo.getFactory().createPolygon();
        }
        return new HalfwayBorder(own, neighbour, Math.min(gap, between * gap / (gap + 1))).takenFrom(halo);
    }

    private Geometry takenFrom(Geometry halo) {
        Envelope box = reach(halo);
        if (box.isNull()) {
            return halo.getFactory().createPolygon();
        }
        int width = (int) Math.ceil(box.getWidth() / STEP);
        int height = (int) Math.ceil(box.getHeight() / STEP);
        int[][] values = new int[height][width];
        block(values, 0, 0, powerOfTwo(Math.max(width, height)), box, own.everywhere(), other.everywhere());
        Outline taken = LevelLines.of(
                        width,
                        height,
                        (y, row) -> System.arraycopy(values[y], 0, row, 0, row.length),
                        LEVEL,
                        FLATNESS / STEP)
                .transformed(Affine.translate(box.getMinX(), box.getMinY()).times(Affine.scale(STEP, STEP)));
        Geometry area = FlatArea.of(
                Contour.outline(
                        Contour.of(taken).stream().map(Contour::reversed).toList()),
                FLATNESS);
        return area.isValid() ? area : FlatArea.of(Overlay.united(taken), FLATNESS);
    }

    private static int powerOfTwo(int least) {
        return Integer.highestOneBit(Math.max(1, least - 1)) << 1;
    }

    /** Where a place of the halo may be nearer to the other. */
    private Envelope reach(Geometry halo) {
        Envelope box = halo.getEnvelopeInternal();
        Envelope mine = own.box();
        double furthest = Math.max(
                Math.max(mine.getMinX() - box.getMinX(), box.getMaxX() - mine.getMaxX()),
                Math.max(mine.getMinY() - box.getMinY(), box.getMaxY() - mine.getMaxY()));
        Envelope near = other.box();
        near.translate(neighbour.x(), neighbour.y());
        near.expandBy(Math.max(0, furthest) + apart);
        Envelope both = box.intersection(near);
        if (!both.isNull()) {
            both.expandBy(10 * STEP);
        }
        return both;
    }

    /** The values of a square block of the grid; quartered while the border may pass through it or beside it. */
    private void block(
            int[][] values,
            int x,
            int y,
            int size,
            Envelope box,
            ArtworkDistance.OfSpot mine,
            ArtworkDistance.OfSpot others) {
        if (x >= values[0].length || y >= values.length) {
            return;
        }
        double middle = (size - 1) / 2.0;
        double px = box.getMinX() + (x + middle + 0.5) * STEP;
        double py = box.getMinY() + (y + middle + 0.5) * STEP;
        double qx = px - neighbour.x();
        double qy = py - neighbour.y();
        double ahead = others.distance(qx, qy) - mine.distance(px, py) - apart;
        if (size == 1) {
            values[y][x] = value(ahead);
        } else if (Math.abs(ahead) > unsure(middle)) {
            int value = value(Math.copySign(FAR, ahead));
            for (int row = y; row < Math.min(y + size, values.length); row++) {
                Arrays.fill(values[row], x, Math.min(x + size, values[row].length), value);
            }
        } else {
            Cancellation.check();
            boolean narrower = size == SPOT;
            double around = STEP * Math.sqrt(2) * middle;
            ArtworkDistance.OfSpot myFew = narrower ? mine.around(px, py, around) : mine;
            ArtworkDistance.OfSpot theirFew = narrower ? others.around(qx, qy, around) : others;
            int half = size / 2;
            block(values, x, y, half, box, myFew, theirFew);
            block(values, x + half, y, half, box, myFew, theirFew);
            block(values, x, y + half, half, box, myFew, theirFew);
            block(values, x + half, y + half, half, box, myFew, theirFew);
        }
    }

    /** No place of a block, nor one beside it or at its corners, is on the other side of the border if its middle is this far from it, in mm: each
     *  of the two distances changes by no more than one goes. */
    private static double unsure(double middle) {
        return 2 * STEP * Math.sqrt(2) * (middle + 1);
    }

    private static int value(double ahead) {
        return Math.clamp(Math.round(LEVEL - ahead / STEP * SHARE), 0, 255);
    }
}
