package rondel.lines.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import rondel.geometry.Point;

/** The room that is left in an outline: how far any place is from what a new copy must keep away from. Copies are put in and
 *  taken out again. */
final class FreeSpace {

    private final Edge edge;
    private final DistanceField free;
    private final GridWindow whole;
    private final double gap;
    private final double reach;
    private final List<CopyDistances> placed = new ArrayList<>();

    /** The area that copies cover, in mm². */
    static double area(List<CopyDistances> copies) {
        return copies.stream().mapToDouble(p -> p.placement().area()).sum();
    }

    /** @param reach how far from anything distances matter, in mm */
    FreeSpace(Geometry outline, double smallest, double gap, double reach) {
        Envelope box = outline.getEnvelopeInternal();
        double step = Math.max(smallest / 9, Math.max(box.getWidth(), box.getHeight()) / FillingTuning.MOST_SAMPLES);
        int columns = (int) Math.ceil(box.getWidth() / step) + 2 * FillingTuning.MARGIN_SAMPLES + 1;
        int rows = (int) Math.ceil(box.getHeight() / step) + 2 * FillingTuning.MARGIN_SAMPLES + 1;
        Geometry simple = TopologyPreservingSimplifier.simplify(outline, step / 20);
        this.free = DistanceField.of(
                simple,
                box.getMinX() - FillingTuning.MARGIN_SAMPLES * step,
                box.getMinY() - FillingTuning.MARGIN_SAMPLES * step,
                step,
                columns,
                rows);
        this.edge = Edge.of(simple, free.copy());
        this.whole = GridWindow.of(free);
        this.gap = gap;
        this.reach = reach;
    }

    private FreeSpace(FreeSpace like) {
        this.edge = like.edge;
        this.free = like.free.copy();
        this.whole = like.whole;
        this.gap = like.gap;
        this.reach = like.reach;
        this.placed.addAll(like.placed);
    }

    /** The same room with the same copies in it, which then goes its own way. */
    FreeSpace copy() {
        return new FreeSpace(this);
    }

    /** The outline's edge. */
    Edge edge() {
        return edge;
    }

    /** How far places are from what is taken; below 0 in it or outside the outline. */
    DistanceField free() {
        return free;
    }

    List<CopyDistances> placed() {
        return placed;
    }

    /** Copies that a disc meets, as far as their largest circles tell. */
    List<CopyDistances> near(double x, double y, double radius) {
        return placed.stream()
                .filter(p -> p.placement().distance(x, y)
                        < radius
                                + p.placement().motif().circles()[2]
                                        * p.placement().size())
                .toList();
    }

    /** How far a place is from what is taken; below 0 in it or outside the outline. */
    double at(double x, double y) {
        return free.at(x, y);
    }

    CopyDistances put(Placement placement) {
        return put(placement, reach);
    }

    /** @param around how far around it distances matter, in mm */
    CopyDistances put(Placement placement, double around) {
        CopyDistances in = measured(placement, around);
        putBack(in);
        return in;
    }

    /** How far around a copy distances matter now, as long as nobody asks for places farther away: what is farther from it than
     *  there is room anywhere is nearer to something else.
     *
     * @param half half the side of the square about a place in which somebody asks */
    double matters(double x, double y, double half) {
        float most = 0;
        GridWindow asked = about(x, y, half);
        for (int j = asked.top(); j < asked.bottom(); j++) {
            for (int i = asked.left(); i < asked.right(); i++) {
                most = Math.max(most, free.values()[whole.index(i, j)]);
            }
        }
        return Math.min(reach, most + gap + free.step());
    }

    /** A copy as it would be put in. */
    CopyDistances measured(Placement placement) {
        return measured(placement, reach);
    }

    /** A copy that is not put in, and how far the places around it are from it.
     *
     * @param around how far around, in mm */
    CopyDistances measured(Placement placement, double around) {
        GridWindow window = about(
                placement.x(),
                placement.y(),
                placement.size() * placement.motif().farthest() + around);
        float[] distances = new float[window.width() * window.height()];
        double cos = StrictMath.cos(placement.angle()) / placement.size();
        double sin = StrictMath.sin(placement.angle()) / placement.size();
        int flip = placement.mirrored() ? -1 : 1;
        double step = free.step();
        DistanceField field = placement.motif().around(FillingTuning.COPY_SAMPLING * step / placement.size());
        for (int j = 0; j < window.height(); j++) {
            double dx = free.x() + window.left() * step - placement.x();
            double dy = free.y() + (window.top() + j) * step - placement.y();
            field.along(
                    flip * (dx * cos + dy * sin),
                    dy * cos - dx * sin,
                    flip * step * cos,
                    -step * sin,
                    placement.motif().farthest(),
                    distances,
                    j * window.width(),
                    window.width());
        }
        for (int d = 0; d < distances.length; d++) {
            distances[d] *= (float) -placement.size();
        }
        return new CopyDistances(placement, window, distances);
    }

    /** Takes copies out: the room around all of them, where they were the nearest, is found anew. */
    void takeOut(List<CopyDistances> out) {
        if (out.isEmpty()) {
            return;
        }
        GridWindow window = out.stream()
                .map(p -> p.nearest(free.values(), whole, (float) gap))
                .filter(w -> w.width() > 0)
                .reduce(GridWindow::around)
                .orElse(GridWindow.NONE);
        placed.removeIf(p -> isOneOf(out, p));
        for (int j = window.top(); j < window.bottom(); j++) {
            int k = whole.index(window.left(), j);
            System.arraycopy(edge.inside().values(), k, free.values(), k, window.width());
        }
        for (CopyDistances other : placed) {
            other.lower(window, free.values(), whole, (float) gap);
        }
    }

    private static boolean isOneOf(List<CopyDistances> some, CopyDistances one) {
        for (CopyDistances p : some) {
            if (p == one) {
                return true;
            }
        }
        return false;
    }

    /** The same copies as in another room in the same outline. */
    void becomes(FreeSpace other) {
        placed.clear();
        placed.addAll(other.placed);
        System.arraycopy(other.free.values(), 0, free.values(), 0, free.values().length);
    }

    /** Some taken out and others put in. */
    void exchange(List<CopyDistances> out, List<CopyDistances> in) {
        takeOut(out);
        in.forEach(this::putBack);
    }

    /** Puts one back that was taken out. */
    void putBack(CopyDistances in) {
        placed.add(in);
        in.lower(whole, free.values(), whole, (float) gap);
    }

    /** Places with room around them, near a point.
     *
     * @param radius how near
     * @param room how much room */
    List<double[]> openPlaces(double x, double y, double radius, double room, int most, SplittableRandom random) {
        List<double[]> places = new ArrayList<>();
        GridWindow near = about(x, y, radius);
        int[] open = new int[near.width() * near.height()];
        int found = 0;
        for (int j = near.top(); j < near.bottom(); j++) {
            for (int k = whole.index(near.left(), j); k < whole.index(near.right(), j); k++) {
                if (free.values()[k] >= room) {
                    open[found++] = k;
                }
            }
        }
        for (int i = 0; i < Math.min(most, found); i++) {
            int other = random.nextInt(i, found);
            int k = open[other];
            open[other] = open[i];
            places.add(new double[] {
                free.x() + k % free.columns() * free.step(), free.y() + k / free.columns() * free.step()
            });
        }
        return places;
    }

    /** A place that nothing covers, those with more room around them more likely; nothing where all is covered. */
    Point loosePlace(SplittableRandom random) {
        float[] values = free.values();
        float most = 0;
        for (float v : values) {
            most = Math.max(most, v);
        }
        while (most > 0) {
            int k = random.nextInt(values.length);
            if (values[k] > most * random.nextDouble()) {
                return new Point(
                        free.x() + k % free.columns() * free.step(), free.y() + k / free.columns() * free.step());
            }
        }
        return new Point(free.x(), free.y());
    }

    /** The samples in a square, and those just around them. */
    private GridWindow about(double x, double y, double half) {
        return GridWindow.between(
                column(x - half),
                row(y - half),
                Math.min(free.columns(), column(x + half) + 2),
                Math.min(free.rows(), row(y + half) + 2));
    }

    private int column(double x) {
        return (int) Math.clamp(Math.floor((x - free.x()) / free.step()), 0, free.columns() - 1);
    }

    private int row(double y) {
        return (int) Math.clamp(Math.floor((y - free.y()) / free.step()), 0, free.rows() - 1);
    }
}
