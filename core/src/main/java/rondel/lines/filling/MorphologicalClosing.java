package rondel.lines.filling;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** What the eye misses of an outline where it sees only the copies: all of it that a disc reaches which meets no copy, from
 *  outside or in the room between them. What is left is the copies' closing by that disc (Serra, Image Analysis and
 *  Mathematical Morphology, 1982). */
final class MorphologicalClosing {

    private static final double FAR = 1e6;

    private final DistanceField edge;
    private final double radius;
    private final int reach;
    private final float[][] discs;

    /** @param edge how far places are inside the outline
     *  @param radius of the disc, in mm */
    MorphologicalClosing(DistanceField edge, double radius) {
        this.edge = edge;
        this.radius = radius;
        double step = edge.step();
        this.reach = (int) Math.ceil(radius / step + FillingTuning.DISC_SPREAD) + 1;
        this.discs = new float[FillingTuning.DISC_LEVELS][];
        for (int level = 0; level < FillingTuning.DISC_LEVELS; level++) {
            discs[level] = disc(radius / step + (level + 0.5) / FillingTuning.DISC_LEVELS * FillingTuning.DISC_SPREAD);
        }
    }

    private float[] disc(double samples) {
        int side = 2 * reach + 1;
        float[] disc = new float[side * side];
        for (int j = -reach; j <= reach; j++) {
            for (int i = -reach; i <= reach; i++) {
                double in = 0.5 + samples - Math.sqrt(i * i + j * j);
                disc[(j + reach) * side + i + reach] = (float) Math.clamp(in, 0, 1);
            }
        }
        return disc;
    }

    /** How far around a copy it must be measured for what is missed to be told, in mm. */
    double reach() {
        return radius + (FillingTuning.DISC_SPREAD + 1) * edge.step();
    }

    /** The part of the grid in which copies may change what is missed: what discs reach that may meet them, and what other
     *  discs reach of that. */
    GridWindow around(Stream<Placement> copies) {
        double beyond = 3 * reach();
        return copies.map(s -> around(s.x(), s.y(), s.size() * s.motif().farthest() + beyond))
                .reduce(GridWindow::around)
                .orElse(GridWindow.NONE);
    }

    /** The area that is missed within a part of the grid, in mm². */
    double missed(List<CopyDistances> copies, GridWindow part) {
        return inside(part, reached(part, distances(part, copies))) * edge.step() * edge.step();
    }

    private GridWindow around(double x, double y, double half) {
        return GridWindow.between(
                index(x - half - edge.x(), edge.columns()),
                index(y - half - edge.y(), edge.rows()),
                index(x + half - edge.x(), edge.columns()),
                index(y + half - edge.y(), edge.rows()));
    }

    private int index(double from, int most) {
        return (int) Math.clamp(from / edge.step() + 1, 0, most);
    }

    /** How far each sample is from the nearest copy, where a disc about it might meet one. */
    private float[] distances(GridWindow part, List<CopyDistances> copies) {
        float[] all = new float[part.width() * part.height()];
        Arrays.fill(all, (float) FAR);
        double beyond = reach();
        for (CopyDistances p : copies) {
            Placement s = p.placement();
            GridWindow near = around(s.x(), s.y(), s.size() * s.motif().farthest() + beyond);
            p.lower(near.shared(part), all, part, 0);
        }
        return all;
    }

    /** How much of each sample is in a disc. */
    private float[] reached(GridWindow part, float[] distances) {
        float[] reached = new float[distances.length];
        double spread = FillingTuning.DISC_SPREAD * edge.step();
        for (int j = 0; j < part.height(); j++) {
            for (int i = 0; i < part.width(); i++) {
                int k = j * part.width() + i;
                double beyond = distances[k] - radius;
                if (beyond >= spread) {
                    reached[k] = 1;
                } else if (beyond >= 0 && toEdge(part, i, j) > -radius - spread) {
                    stamp(discs[(int) (beyond / spread * FillingTuning.DISC_LEVELS)], part, i, j, reached);
                }
            }
        }
        return reached;
    }

    private void stamp(float[] disc, GridWindow part, int x, int y, float[] into) {
        int side = 2 * reach + 1;
        int left = Math.max(0, x - reach);
        int right = Math.min(part.width(), x + reach + 1);
        int bottom = Math.min(part.height(), y + reach + 1);
        for (int j = Math.max(0, y - reach); j < bottom; j++) {
            int d = (j - y + reach) * side + left - x + reach;
            int k = j * part.width() + left;
            for (int i = left; i < right; i++, k++, d++) {
                into[k] = Math.max(into[k], disc[d]);
            }
        }
    }

    private double inside(GridWindow part, float[] reached) {
        double sum = 0;
        for (int j = 0; j < part.height(); j++) {
            for (int i = 0; i < part.width(); i++) {
                sum += reached[j * part.width() + i] * Math.clamp(0.5 + toEdge(part, i, j) / edge.step(), 0, 1);
            }
        }
        return sum;
    }

    private float toEdge(GridWindow part, int i, int j) {
        return edge.values()[(part.top() + j) * edge.columns() + part.left() + i];
    }
}
