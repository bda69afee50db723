package rondel.filling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.PointOnGeometryLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import rondel.job.FillingShape;
import rondel.progress.Cancellation;

/** Makes a filling that was found on a grid exact: measured by true outlines, every copy keeps the gap to every other and lies
 *  inside; those that are too close are moved a little, or made as much smaller as it takes, and then each is made as large as
 *  there is room for. */
final class ExactFit {

    private static final int NUDGES = 14;

    private final FillingShape shape;
    private final double flatness;
    private final PointOnGeometryLocator inside;
    private final IndexedFacetDistance edge;
    private final SplittableRandom random;
    private final List<Copy> copies = new ArrayList<>();

    private record Copy(Spot spot, Geometry flat, Envelope box, IndexedFacetDistance distance) {

        static Copy of(Spot spot) {
            Geometry flat = Motif.transformed(spot.motif().flat(), spot.map());
            return new Copy(spot, flat, flat.getEnvelopeInternal(), new IndexedFacetDistance(flat));
        }
    }

    ExactFit(Geometry outline, FillingShape shape) {
        this.shape = shape;
        this.flatness = Motif.FLATNESS * shape.to();
        this.inside = new IndexedPointInAreaLocator(outline);
        this.edge = new IndexedFacetDistance(outline.getBoundary());
        this.random = new SplittableRandom(shape.seed());
    }

    /** @param found inside the outline but for a little; those whose middle is outside are left out */
    List<Spot> of(List<Spot> found) {
        found.stream()
                .filter(s -> inside.locate(new Coordinate(s.x(), s.y())) == Location.INTERIOR)
                .sorted(Comparator.comparingDouble(Spot::size))
                .map(Copy::of)
                .forEach(copies::add);
        for (int i = copies.size() - 1; i >= 0; i--) {
            Cancellation.check();
            Optional<Copy> fitting = fitting(i);
            if (fitting.isPresent()) {
                copies.set(i, fitting.get());
            } else {
                copies.remove(i);
            }
        }
        for (int i = 0; i < copies.size(); i++) {
            Cancellation.check();
            copies.set(i, grown(i));
        }
        return copies.stream().map(Copy::spot).toList();
    }

    /** A copy where it is, if it fits; else moved by as little as makes it fit; else smaller. */
    private Optional<Copy> fitting(int index) {
        Copy now = copies.get(index);
        List<Copy> near = near(now, index);
        double lacking = lacking(now, near);
        if (lacking <= 0) {
            return Optional.of(now);
        }
        Spot s = now.spot;
        Copy best = now;
        for (int i = 0; i < NUDGES && lacking > 0; i++) {
            double turn = 2 * Math.PI * random.nextDouble();
            double by = lacking * (0.4 + random.nextDouble());
            Copy moved = Copy.of(best.spot.at(
                    best.spot.x() + by * StrictMath.cos(turn), best.spot.y() + by * StrictMath.sin(turn), s.angle()));
            double less = lacking(moved, near);
            if (less < lacking) {
                best = moved;
                lacking = less;
            }
        }
        return lacking <= 0 ? Optional.of(best) : smaller(best.spot, near);
    }

    private Optional<Copy> smaller(Spot spot, List<Copy> near) {
        double not = spot.size();
        double fits = spot.size();
        Copy found = null;
        while (found == null) {
            fits *= 0.96;
            if (fits < shape.from()) {
                Copy least = Copy.of(spot.sized(shape.from()));
                return fits(least, near) ? Optional.of(least) : Optional.empty();
            }
            Copy one = Copy.of(spot.sized(fits));
            if (fits(one, near)) {
                found = one;
            } else {
                not = fits;
            }
        }
        return Optional.of(between(found, not, near));
    }

    /** The largest that fits between one that does and a size that does not. */
    private Copy between(Copy fits, double not, List<Copy> near) {
        Copy found = fits;
        double limit = not;
        for (int i = 0; i < 7; i++) {
            Copy one = Copy.of(found.spot.sized((found.spot.size() + limit) / 2));
            if (fits(one, near)) {
                found = one;
            } else {
                limit = one.spot.size();
            }
        }
        return found;
    }

    private Copy grown(int index) {
        Copy now = copies.get(index);
        List<Copy> near = near(now, index);
        Copy best = now;
        for (int i = 0; i <= 6; i++) {
            Spot s = best.spot;
            double most = Math.min(shape.to(), s.size() * 1.04);
            if (most <= s.size()) {
                return best;
            }
            double reach = i == 0 ? 0 : 0.5 / i;
            Copy moved = Copy.of(s.at(
                    s.x() + reach * (2 * random.nextDouble() - 1),
                    s.y() + reach * (2 * random.nextDouble() - 1),
                    s.angle()));
            if (fits(moved, near)) {
                best = between(moved, most, near);
            }
        }
        return best;
    }

    private List<Copy> near(Copy of, int index) {
        Envelope around = new Envelope(of.box);
        around.expandBy(shape.gap() + 2);
        List<Copy> near = new ArrayList<>();
        for (int j = 0; j < copies.size(); j++) {
            if (j != index && copies.get(j).box.intersects(around)) {
                near.add(copies.get(j));
            }
        }
        return near;
    }

    /** How much closer to something a copy is than it may be, in mm; not above 0 where it fits. */
    private double lacking(Copy copy, List<Copy> near) {
        double most = fromEdge() - edge.distance(copy.flat);
        double apart = apart();
        for (Copy other : near) {
            if (copy.box.distance(other.box) < apart) {
                most = Math.max(most, apart - other.distance.distance(copy.flat));
            }
        }
        return most;
    }

    private boolean fits(Copy copy, List<Copy> near) {
        double apart = apart();
        return near.stream()
                        .noneMatch(other -> copy.box.distance(other.box) < apart
                                && other.distance.isWithinDistance(copy.flat, apart))
                && !edge.isWithinDistance(copy.flat, fromEdge());
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
