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
import rondel.job.FillingSettings;
import rondel.progress.Cancellation;

/** Makes a filling that was found on a grid exact: measured by true outlines, every copy keeps the gap to every other and lies
 *  inside; those that are too close are moved a little, or made as much smaller as it takes, and then each is made as large as
 *  there is room for, unless only a part is to be covered. */
final class ExactFit {

    private final FillingSettings settings;
    private final double flatness;
    private final PointOnGeometryLocator inside;
    private final BoundingCircles edge;
    private final SplittableRandom random;
    private final List<Placement> copies = new ArrayList<>();

    ExactFit(Geometry outline, FillingSettings settings) {
        this.settings = settings;
        this.flatness = FillingTuning.MOTIF_FLATNESS * settings.to();
        this.inside = new IndexedPointInAreaLocator(outline);
        this.edge = BoundingCircles.of(outline);
        this.random = new SplittableRandom(settings.seed());
    }

    /** @param found inside the outline but for a little; those whose middle is outside are left out */
    List<Placement> of(List<Placement> found) {
        found.stream()
                .filter(s -> inside.locate(new Coordinate(s.x(), s.y())) == Location.INTERIOR)
                .sorted(Comparator.comparingDouble(Placement::size))
                .map(s -> s.size() * FillingTuning.EXACT_SHRINK < settings.from() ? offTheEdge(s) : s)
                .forEach(copies::add);
        for (int i = copies.size() - 1; i >= 0; i--) {
            Cancellation.check();
            Optional<Placement> largest = largest(i);
            if (largest.isPresent()) {
                copies.set(i, largest.get());
            } else {
                copies.remove(i);
            }
        }
        if (settings.density().isEmpty()) {
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
    private Placement offTheEdge(Placement placement) {
        if (fits(placement, List.of())) {
            return placement;
        }
        for (double by : FillingTuning.OFF_THE_EDGE) {
            for (int i = 0; i < FillingTuning.DIRECTIONS; i++) {
                double turn = 2 * Math.PI * i / FillingTuning.DIRECTIONS;
                Placement moved = moved(placement, by, turn);
                if (fits(moved, List.of())) {
                    return moved;
                }
            }
        }
        return placement;
    }

    /** A copy where it is, if it fits; else moved by as little as makes it fit; else smaller. */
    private Optional<Placement> largest(int index) {
        Placement best = copies.get(index);
        List<Placement> near = near(best, index);
        double lacking = lacking(best, near);
        for (int i = 0; i < FillingTuning.NUDGES && lacking > 0; i++) {
            double turn = 2 * Math.PI * random.nextDouble();
            double by = lacking * (0.4 + random.nextDouble());
            Placement moved = moved(best, by, turn);
            double less = lacking(moved, near);
            if (less < lacking) {
                best = moved;
                lacking = less;
            }
        }
        return lacking <= 0 ? Optional.of(best) : smaller(best, near);
    }

    private static Placement moved(Placement placement, double by, double towards) {
        return placement.at(
                placement.x() + by * StrictMath.cos(towards),
                placement.y() + by * StrictMath.sin(towards),
                placement.angle());
    }

    private Optional<Placement> smaller(Placement placement, List<Placement> near) {
        double not = placement.size();
        while (not > settings.from()) {
            Placement one = placement.sized(Math.max(settings.from(), not * FillingTuning.EXACT_SHRINK));
            if (fits(one, near)) {
                return Optional.of(between(one, not, near));
            }
            not = one.size();
        }
        return Optional.empty();
    }

    /** The largest that fits between one that does and a size that does not. */
    private Placement between(Placement fits, double not, List<Placement> near) {
        Placement found = fits;
        double limit = not;
        for (int i = 0; i < 7; i++) {
            Placement one = found.sized((found.size() + limit) / 2);
            if (fits(one, near)) {
                found = one;
            } else {
                limit = one.size();
            }
        }
        return found;
    }

    private Placement grown(int index) {
        Placement best = copies.get(index);
        List<Placement> near = near(best, index);
        for (int i = 0; i <= 6; i++) {
            double most = Math.min(settings.to(), best.size() * 1.04);
            if (most <= best.size()) {
                return best;
            }
            double reach = i == 0 ? 0 : 0.5 / i;
            Placement moved = best.at(
                    best.x() + reach * (2 * random.nextDouble() - 1),
                    best.y() + reach * (2 * random.nextDouble() - 1),
                    best.angle());
            if (fits(moved, near)) {
                best = between(moved, most, near);
            }
        }
        return best;
    }

    private List<Placement> near(Placement of, int index) {
        List<Placement> near = new ArrayList<>();
        for (int j = 0; j < copies.size(); j++) {
            Placement other = copies.get(j);
            double reach = reach(of) + reach(other) + settings.gap() + FillingTuning.MOVES;
            if (j != index && of.distance(other.x(), other.y()) < reach) {
                near.add(other);
            }
        }
        return near;
    }

    private static double reach(Placement placement) {
        return placement.size() * placement.motif().farthest();
    }

    private boolean fits(Placement copy, List<Placement> near) {
        return lacking(copy, near) <= 0;
    }

    /** How much closer to something a copy is than it may be, in mm; 0 where it fits. */
    private double lacking(Placement copy, List<Placement> near) {
        double most = fromEdge() - edge.distance(copy.motif().tree(), copy.map(), fromEdge());
        for (Placement other : near) {
            most = Math.max(most, lacking(copy, other));
        }
        return most;
    }

    private double lacking(Placement copy, Placement other) {
        Affine toOther = other.map().inverse().orElseThrow().times(copy.map());
        double apart = apart() / other.size();
        return (apart - other.motif().tree().distance(copy.motif().tree(), toOther, apart)) * other.size();
    }

    /** How far flattened outlines are apart at least, so that true ones keep the gap. */
    private double apart() {
        return settings.gap() + 2 * flatness;
    }

    /** How far they are inside, so that true ones are. */
    private double fromEdge() {
        return flatness + FillingTuning.FLATNESS;
    }
}
