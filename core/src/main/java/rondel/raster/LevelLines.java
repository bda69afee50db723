package rondel.raster;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.progress.Cancellation;

/** Where values on a grid of pixels pass a level: by marching squares (Lorensen and Cline 1987, in the plane) with linear
 *  interpolation between pixel centres, so that soft edges are followed to a part of a pixel. Beyond the grid values are 0. */
public final class LevelLines {

    private final int width;
    private final int height;
    private final double level;
    private final int below;
    private final double fine;
    private final int[] above;
    private final int[] here;

    /** The values of a row of pixels, 0 to 255. */
    public interface Rows {
        void read(int y, int[] into);
    }

    private LevelLines(int width, int height, double level, double fine) {
        this.width = width;
        this.height = height;
        this.level = level;
        this.below = (int) Math.floor(level);
        this.fine = fine;
        this.above = new int[width + 2];
        this.here = new int[width + 2];
    }

    /** @param level from which values are inside, above 0 and below 255; never a value that occurs
     *  @param fine how far points may be left out, in pixels
     *  @return contours in pixels: outer ones counter-clockwise on the picture, holes the other way */
    public static Outline of(int width, int height, Rows rows, double level, double fine) {
        return new LevelLines(width, height, level, fine).contours(rows);
    }

    /** Pieces of the level line, one for each side it leaves a cell by: chained by the cell edge that they share. */
    private Outline contours(Rows rows) {
        Chains chains = new Chains(fine);
        int[] row = new int[width];
        for (int y = 0; y <= height; y++) {
            if ((y & 63) == 0) {
                Cancellation.check();
            }
            System.arraycopy(here, 0, above, 0, here.length);
            Arrays.fill(here, 0);
            if (y < height) {
                rows.read(y, row);
                System.arraycopy(row, 0, here, 1, width);
            }
            row(y, chains);
        }
        return chains.outline();
    }

    /** The cells of a row; stretches where nothing changes are leapt over. */
    private void row(int y, Chains chains) {
        for (int x = 0; x <= width; x++) {
            int left = sides(x);
            if (left != sides(x + 1) || left == 1 || left == 2) {
                cell(x, y, chains);
            } else if (here[x] == here[x + 1] && above[x] == above[x + 1]) {
                x += Math.min(same(here, x), same(above, x)) - 1;
            }
        }
    }

    /** For how many cells from one on a row stays as it is. */
    private int same(int[] row, int x) {
        int changed = Arrays.mismatch(row, x, width + 1, row, x + 1, width + 2);
        return changed < 0 ? width + 1 - x : changed;
    }

    /** Which of two pixels, one above the other, are inside: 1 for the upper, 2 for the lower, 3 for both. */
    private int sides(int x) {
        return (above[x] > below ? 1 : 0) | (here[x] > below ? 2 : 0);
    }

    /** The cell between four pixel centres, not all of them on one side, with the pixel (x, y) at its lower right. */
    private void cell(int x, int y, Chains chains) {
        int tl = above[x];
        int tr = above[x + 1];
        int bl = here[x];
        int br = here[x + 1];
        int kind = (tl > level ? 1 : 0) | (tr > level ? 2 : 0) | (br > level ? 4 : 0) | (bl > level ? 8 : 0);
        long top = edge(x, y, 0);
        long bottom = edge(x, y + 1, 0);
        long left = edge(x, y, 1);
        long right = edge(x + 1, y, 1);
        double tx = x - 0.5 + share(tl, tr);
        double bx = x - 0.5 + share(bl, br);
        double ly = y - 0.5 + share(tl, bl);
        double ry = y - 0.5 + share(tr, br);
        boolean joined = tl + tr + bl + br > 4 * level;
        switch (kind) {
            case 1 -> chains.add(left, x - 0.5, ly, top, tx, y - 0.5);
            case 2 -> chains.add(top, tx, y - 0.5, right, x + 0.5, ry);
            case 3 -> chains.add(left, x - 0.5, ly, right, x + 0.5, ry);
            case 4 -> chains.add(right, x + 0.5, ry, bottom, bx, y + 0.5);
            case 6 -> chains.add(top, tx, y - 0.5, bottom, bx, y + 0.5);
            case 7 -> chains.add(left, x - 0.5, ly, bottom, bx, y + 0.5);
            case 8 -> chains.add(bottom, bx, y + 0.5, left, x - 0.5, ly);
            case 9 -> chains.add(bottom, bx, y + 0.5, top, tx, y - 0.5);
            case 11 -> chains.add(bottom, bx, y + 0.5, right, x + 0.5, ry);
            case 12 -> chains.add(right, x + 0.5, ry, left, x - 0.5, ly);
            case 13 -> chains.add(right, x + 0.5, ry, top, tx, y - 0.5);
            case 14 -> chains.add(top, tx, y - 0.5, left, x - 0.5, ly);
            case 5 -> {
                chains.add(left, x - 0.5, ly, joined ? bottom : top, joined ? bx : tx, joined ? y + 0.5 : y - 0.5);
                chains.add(right, x + 0.5, ry, joined ? top : bottom, joined ? tx : bx, joined ? y - 0.5 : y + 0.5);
            }
            default -> {
                chains.add(top, tx, y - 0.5, joined ? left : right, joined ? x - 0.5 : x + 0.5, joined ? ly : ry);
                chains.add(bottom, bx, y + 0.5, joined ? right : left, joined ? x + 0.5 : x - 0.5, joined ? ry : ly);
            }
        }
    }

    private double share(int a, int b) {
        return (level - a) / (b - (double) a);
    }

    private long edge(int x, int y, int which) {
        return ((long) y * (width + 2) + x) * 2 + which;
    }

    /** Directed pieces put end to end. */
    private static final class Chains {
        private final double fine;
        private final java.util.LinkedHashMap<Long, Piece> pieces = new java.util.LinkedHashMap<>();

        /** Where a piece begins, and the cell edge that it leads to. */
        private record Piece(double x, double y, long next) {}

        Chains(double fine) {
            this.fine = fine;
        }

        void add(long a, double ax, double ay, long b, double bx, double by) {
            pieces.put(a, new Piece(ax, ay, b));
        }

        Outline outline() {
            OutlineBuilder builder = new OutlineBuilder();
            GeometryFactory factory = new GeometryFactory();
            while (!pieces.isEmpty()) {
                List<Coordinate> ring = new ArrayList<>();
                Piece piece = pieces.pollFirstEntry().getValue();
                while (piece != null) {
                    ring.add(new Coordinate(piece.x, piece.y));
                    piece = pieces.remove(piece.next);
                }
                if (ring.size() >= 3) {
                    ring.add(ring.getFirst().copy());
                    var line = factory.createLineString(ring.toArray(Coordinate[]::new));
                    Coordinate[] thinned =
                            DouglasPeuckerSimplifier.simplify(line, fine).getCoordinates();
                    Coordinate[] kept = thinned.length >= 4 ? thinned : line.getCoordinates();
                    builder.moveTo(kept[0].x, kept[0].y);
                    for (int i = 1; i < kept.length - 1; i++) {
                        builder.lineTo(kept[i].x, kept[i].y);
                    }
                    builder.close();
                }
            }
            return builder.build();
        }
    }
}
