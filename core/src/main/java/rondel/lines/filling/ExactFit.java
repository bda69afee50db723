package rondel.lines.filling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.PointOnGeometryLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import rondel.geometry.Affine;
import rondel.job.FillingShape;
import rondel.progress.Cancellation;

/** Makes a filling that was found on a grid exact: measured by true outlines, every copy keeps the gap to every other and lies
 *  inside; those that are too close are moved a little, or made as much smaller as it takes, and then each is made as large as
 *  there is room for, unless only a part is to be covered. */
final class ExactFit {

    private static final int NUDGES = 14;
    private static final double SMALLER = 0.96;

    /** How far a copy that can hardly be made smaller is moved off the edge: ever farther, in mm, in so many directions. */
    private static final double[] OFF = {0.02, 0.05, 0.1, 0.2};

    private static final int DIRECTIONS = 12;

    /** How far copies may move or grow meanwhile, at most, in mm. */
    private static final double MOVES = 2;

    private final FillingShape shape;
    private final double flatness;
    private final PointOnGeometryLocator inside;
    private final Facets edge;
    private final SplittableRandom random;
    private final List<Spot> copies = new ArrayList<>();

    ExactFit(Geometry outline, FillingShape shape) {
        this.shape = shape;
        this.flatness = Motif.FLATNESS * shape.to();
        this.inside = new IndexedPointInAreaLocator(outline);
        this.edge = Facets.of(outline);
        this.random = new SplittableRandom(shape.seed());
    }

    /** @param found inside the outline but for a little; those whose middle is outside are left out */
    List<Spot> of(List<Spot> found) {
        found.stream()
                .filter(s -> inside.locate(new Coordinate(s.x(), s.y())) == Location.INTERIOR)
                .sorted(Comparator.comparingDouble(Spot::size))
                .map(s -> s.size() * SMALLER < shape.from() ? offTheEdge(s) : s)
                .forEach(copies::add);
        for (int i = copies.size() - 1; i >= 0; i--) {
            Cancellation.check();
            Optional<Spot> fitting = fitting(i);
            if (fitting.isPresent()) {
                copies.set(i, fitting.get());
            } else {
                copies.remove(i);
            }
        }
        if (shape.density().isEmpty()) {
            grow();
        }
        return List.copyOf(copies);
    }

    private void grow() {
        for (int i = 0; i < copies.size(); i++) {
            Cancellation.check();
            copies.set(i, grown(i));
        }
    }

    /** A copy moved inside by as little as it takes, whatever else is there: what can be made smaller makes room for it. */
    private Spot offTheEdge(Spot spot) {
        if (fits(spot, List.of())) {
            return spot;
        }
        for (double by : OFF) {
            for (int i = 0; i < DIRECTIONS; i++) {
                double turn = 2 * Math.PI * i / DIRECTIONS;
                Spot moved = moved(spot, by, turn);
                if (fits(moved, List.of())) {
                    return moved;
                }
            }
        }
        return spot;
    }

    /** A copy where it is, if it fits; else moved by as little as makes it fit; else smaller. */
    private Optional<Spot> fitting(int index) {
        Spot best = copies.get(index);
        List<Spot> near = near(best, index);
        double lacking = lacking(best, near);
        for (int i = 0; i < NUDGES && lacking > 0; i++) {
            double turn = 2 * Math.PI * random.nextDouble();
            double by = lacking * (0.4 + random.nextDouble());
            Spot moved = moved(best, by, turn);
            double less = lacking(moved, near);
            if (less < lacking) {
                best = moved;
                lacking = less;
            }
        }
        return lacking <= 0 ? Optional.of(best) : smaller(best, near);
    }

    private static Spot moved(Spot spot, double by, double towards) {
        return spot.at(spot.x() + by * StrictMath.cos(towards), spot.y() + by * StrictMath.sin(towards), spot.angle());
    }

    private Optional<Spot> smaller(Spot spot, List<Spot> near) {
        double not = spot.size();
        while (not > shape.from()) {
            Spot one = spot.sized(Math.max(shape.from(), not * SMALLER));
            if (fits(one, near)) {
                return Optional.of(between(one, not, near));
            }
            not = one.size();
        }
        return Optional.empty();
    }

    /** The largest that fits between one that does and a size that does not. */
    private Spot between(Spot fits, double not, List<Spot> near) {
        Spot found = fits;
        double limit = not;
        for (int i = 0; i < 7; i++) {
            Spot one = found.sized((found.size() + limit) / 2);
            if (fits(one, near)) {
                found = one;
            } else {
                limit = one.size();
            }
        }
        return found;
    }

    private Spot grown(int index) {
        Spot best = copies.get(index);
        List<Spot> near = near(best, index);
        for (int i = 0; i <= 6; i++) {
            double most = Math.min(shape.to(), best.size() * 1.04);
            if (most <= best.size()) {
                return best;
            }
            double reach = i == 0 ? 0 : 0.5 / i;
            Spot moved = best.at(
                    best.x() + reach * (2 * random.nextDouble() - 1),
                    best.y() + reach * (2 * random.nextDouble() - 1),
                    best.angle());
            if (fits(moved, near)) {
                best = between(moved, most, near);
            }
        }
        return best;
    }

    private List<Spot> near(Spot of, int index) {
        List<Spot> near = new ArrayList<>();
        for (int j = 0; j < copies.size(); j++) {
            Spot other = copies.get(j);
            double reach = reach(of) + reach(other) + shape.gap() + MOVES;
            if (j != index && of.distance(other.x(), other.y()) < reach) {
                near.add(other);
            }
        }
        return near;
    }

    private static double reach(Spot spot) {
        return spot.size() * spot.motif().farthest();
    }

    private boolean fits(Spot copy, List<Spot> near) {
        return lacking(copy, near) <= 0;
    }

    /** How much closer to something a copy is than it may be, in mm; 0 where it fits. */
    private double lacking(Spot copy, List<Spot> near) {
        double most = fromEdge() - edge.distance(copy.motif().facets(), copy.map(), fromEdge());
        for (Spot other : near) {
            most = Math.max(most, lacking(copy, other));
        }
        return most;
    }

    private double lacking(Spot copy, Spot other) {
        Affine toOther = other.map().inverse().orElseThrow().times(copy.map());
        double apart = apart() / other.size();
        return (apart - other.motif().facets().distance(copy.motif().facets(), toOther, apart)) * other.size();
    }

    /** How far flattened outlines are apart at least, so that true ones keep the gap. */
    private double apart() {
        return shape.gap() + 2 * flatness;
    }

    /** How far they are inside, so that true ones are. */
    private double fromEdge() {
        return flatness + Ground.FLATNESS;
    }
}
