package rondel.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** The room that is left in an outline: how far any place is from what a new copy must keep away from. Copies are put in and
 *  taken out again. */
final class FreeSpace {

    private static final int FINEST = 640;

    /** Samples around the outline's box: a disc of half the smallest copy's size has its middle there at most. */
    private static final int AROUND = 8;

    private final DistanceField edge;
    private final DistanceField free;
    private final Window whole;
    private final double gap;
    private final double reach;
    private final List<Placed> placed = new ArrayList<>();

    /** A copy, and how far each sample in a window around it is from it. */
    record Placed(Spot spot, Window window, float[] distances) {

        /** Samples that are farther from it than they are said to be are brought nearer.
         *
         * @param within only those
         * @param values of the samples of a part of the grid
         * @param of that part
         * @param less by how much less than from it they may be */
        void lower(Window within, float[] values, Window of, float less) {
            Window both = window.shared(within);
            for (int j = both.top(); j < both.bottom(); j++) {
                int k = of.index(both.left(), j);
                int d = window.index(both.left(), j);
                for (int i = both.left(); i < both.right(); i++, k++, d++) {
                    values[k] = Math.min(values[k], distances[d] - less);
                }
            }
        }
    }

    /** The area that copies cover, in mm². */
    static double area(List<Placed> copies) {
        return copies.stream().mapToDouble(p -> p.spot().area()).sum();
    }

    /** @param reach how far from anything distances matter, in mm */
    FreeSpace(Geometry outline, double smallest, double gap, double reach) {
        Envelope box = outline.getEnvelopeInternal();
        double step = Math.max(smallest / 9, Math.max(box.getWidth(), box.getHeight()) / FINEST);
        int columns = (int) Math.ceil(box.getWidth() / step) + 2 * AROUND + 1;
        int rows = (int) Math.ceil(box.getHeight() / step) + 2 * AROUND + 1;
        this.edge = DistanceField.of(
                TopologyPreservingSimplifier.simplify(outline, step / 20),
                box.getMinX() - AROUND * step,
                box.getMinY() - AROUND * step,
                step,
                columns,
                rows);
        this.free = edge.copy();
        this.whole = Window.of(edge);
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

    /** How far places are inside the outline. */
    DistanceField edge() {
        return edge;
    }

    List<Placed> placed() {
        return placed;
    }

    /** Copies that a disc meets, as far as their largest circles tell. */
    List<Placed> near(double x, double y, double radius) {
        return placed.stream()
                .filter(p -> p.spot().distance(x, y)
                        < radius + p.spot().motif().circles()[2] * p.spot().size())
                .toList();
    }

    /** How far a place is from what is taken; below 0 in it or outside the outline. */
    double at(double x, double y) {
        return free.at(x, y);
    }

    Placed put(Spot spot) {
        double half = spot.size() * spot.motif().farthest() + reach;
        int left = column(spot.x() - half);
        int top = row(spot.y() - half);
        int width = Math.min(free.columns() - 1, column(spot.x() + half) + 1) - left + 1;
        int height = Math.min(free.rows() - 1, row(spot.y() + half) + 1) - top + 1;
        float[] distances = new float[width * height];
        double cos = StrictMath.cos(spot.angle()) / spot.size();
        double sin = StrictMath.sin(spot.angle()) / spot.size();
        int flip = spot.mirrored() ? -1 : 1;
        DistanceField around = spot.motif().around();
        double step = free.step();
        for (int j = 0; j < height; j++) {
            double dx = free.x() + left * step - spot.x();
            double dy = free.y() + (top + j) * step - spot.y();
            around.along(
                    flip * (dx * cos + dy * sin),
                    dy * cos - dx * sin,
                    flip * step * cos,
                    -step * sin,
                    spot.motif().farthest(),
                    distances,
                    j * width,
                    width);
            int k = (top + j) * free.columns() + left;
            for (int i = 0, d = j * width; i < width; i++, k++, d++) {
                float distance = (float) -spot.size() * distances[d];
                distances[d] = distance;
                free.values()[k] = Math.min(free.values()[k], distance - (float) gap);
            }
        }
        Placed in = new Placed(spot, new Window(left, top, width, height), distances);
        placed.add(in);
        return in;
    }

    /** Takes copies out: the room around all of them is found anew. */
    void takeOut(List<Placed> out) {
        if (out.isEmpty()) {
            return;
        }
        placed.removeAll(out);
        Window window = out.stream().map(Placed::window).reduce(Window::around).orElseThrow();
        for (int j = window.top(); j < window.bottom(); j++) {
            int k = whole.index(window.left(), j);
            System.arraycopy(edge.values(), k, free.values(), k, window.width());
        }
        for (Placed other : placed) {
            other.lower(window, free.values(), whole, (float) gap);
        }
    }

    /** All copies as they are, and the room that they leave. */
    record State(List<Placed> placed, float[] values) {}

    State state() {
        return new State(List.copyOf(placed), free.values().clone());
    }

    void becomes(State state) {
        placed.clear();
        placed.addAll(state.placed);
        System.arraycopy(state.values, 0, free.values(), 0, state.values.length);
    }

    /** Puts one back that was taken out. */
    void putBack(Placed in) {
        placed.add(in);
        in.lower(whole, free.values(), whole, (float) gap);
    }

    /** Places with room around them, near a point.
     *
     * @param radius how near
     * @param room how much room */
    List<double[]> openPlaces(double x, double y, double radius, double room, int most, SplittableRandom random) {
        List<double[]> places = new ArrayList<>();
        int left = column(x - radius);
        int right = Math.min(free.columns() - 1, column(x + radius) + 1);
        int top = row(y - radius);
        int bottom = Math.min(free.rows() - 1, row(y + radius) + 1);
        int seen = 0;
        for (int j = top; j <= bottom; j++) {
            for (int i = left; i <= right; i++) {
                if (free.values()[j * free.columns() + i] < room) {
                    continue;
                }
                seen++;
                double[] place = {free.x() + i * free.step(), free.y() + j * free.step()};
                if (places.size() < most) {
                    places.add(place);
                } else {
                    int into = random.nextInt(seen);
                    if (into < most) {
                        places.set(into, place);
                    }
                }
            }
        }
        return places;
    }

    /** A place that nothing covers, those with more room around them more likely; nothing where all is covered. */
    double[] loosePlace(SplittableRandom random) {
        float[] values = free.values();
        double sum = 0;
        for (float v : values) {
            sum += loose(v);
        }
        double at = random.nextDouble() * sum;
        for (int k = 0; k < values.length; k++) {
            at -= loose(values[k]);
            if (at < 0) {
                return new double[] {
                    free.x() + k % free.columns() * free.step(), free.y() + k / free.columns() * free.step()
                };
            }
        }
        return new double[] {free.x(), free.y()};
    }

    private static double loose(float v) {
        return v > 0 ? v : 0;
    }

    private int column(double x) {
        return (int) Math.clamp(Math.floor((x - free.x()) / free.step()), 0, free.columns() - 1);
    }

    private int row(double y) {
        return (int) Math.clamp(Math.floor((y - free.y()) / free.step()), 0, free.rows() - 1);
    }
}
