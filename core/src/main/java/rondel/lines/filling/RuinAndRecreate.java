package rondel.lines.filling;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import rondel.geometry.Point;
import rondel.job.FillingSettings;

/** Proposes changes to a filling, in a room of its own: a few neighbours taken out and others put in. */
final class RuinAndRecreate {

    private final FreeSpace now;
    private final FreeSpace space;
    private final Objective objective;
    private final List<Motif> motifs;
    private final FillingSettings settings;

    /** @param at where, and
     *  @param reach how far around that, what is there may change
     *  @param gain how much more is covered, and how much less of the outline is missed */
    record Change(List<CopyDistances> out, List<Placement> in, Point at, double reach, double gain) {

        /** How much more is covered. */
        double area() {
            return Placement.area(in) - FreeSpace.area(out);
        }

        boolean isApartFrom(Change other) {
            return Math.hypot(at.x() - other.at.x(), at.y() - other.at.y()) > reach + other.reach;
        }
    }

    /** @param now the filling as it is whenever a change is proposed, which proposing leaves as it is */
    RuinAndRecreate(FreeSpace now, Objective objective, List<Motif> motifs, FillingSettings settings) {
        this.now = now;
        this.space = now.copy();
        this.objective = objective;
        this.settings = settings;
        this.motifs = motifs;
    }

    /** A change to the filling as it is now.
     *
     * @param most copies that there may be
     * @param covered the share of the outline that is covered
     * @param widest how wide the place may be, as a share of what is sensible at first
     * @param loss what gains no more than this is not kept
     * @return nothing where it gains no more */
    Optional<Change> proposed(SplittableRandom random, int most, double covered, double widest, double loss) {
        space.becomes(now);
        Point at = space.loosePlace(random);
        double wide = random.nextDouble();
        double radius = settings.from() * 0.4 + wide * wide * widest * settings.to() * 0.6;
        double reach = radius + settings.to() * 0.5;
        List<CopyDistances> out = space.near(at.x(), at.y(), radius);
        space.takeOut(out);
        PlacementSearch search = new PlacementSearch(space, motifs, settings, random);
        double around = Math.max(
                space.matters(at.x(), at.y(), reach + settings.to()),
                objective.closing().reach());
        if (random.nextInt(FillingTuning.SHOVES) == 0) {
            shoved(search, out, at, random, around);
        }
        refilled(search, at, reach, random, most, around);
        Neighbourhood near = Neighbourhood.of(
                now.placed(), space.placed(), now.placed().size() - out.size(), at, reach, 2.2 * settings.to());
        return grown(near, at, reach, new Bar(covered, loss));
    }

    /** What a change is measured by.
     *
     * @param covered the share of the outline that is covered before
     * @param loss what it has to gain more than */
    private record Bar(double covered, double loss) {}

    /** What is near grows, and is pushed apart; it is as it was where it came too close to what is there. */
    private Optional<Change> grown(Neighbourhood near, Point at, double reach, Bar bar) {
        double least = FreeSpace.area(near.out()) + bar.loss - Placement.area(near.added());
        double smallest = settings.from() * settings.from();
        if (Placement.area(near.moving()) < least - FillingTuning.LACKS * smallest) {
            return Optional.empty();
        }
        Relaxation relaxation = new Relaxation(space.edge(), settings, near.moving(), near.still())
                .grown(FillingTuning.CHANGE_STEPS, FillingTuning.FIRM);
        if (Placement.area(relaxation.placements()) < least - FillingTuning.LACKS_GROWN * smallest) {
            return Optional.empty();
        }
        relaxation
                .grown(FillingTuning.CHANGE_STEPS, FillingTuning.FIRMER)
                .settled(FillingTuning.CHANGE_STEPS / 2, 0.01);
        List<Placement> in = new ArrayList<>(relaxation.isApart() ? relaxation.placements() : near.moving());
        in.addAll(near.added());
        double gain = gain(near, in, bar);
        return Optional.of(new Change(near.out(), in, at, reach + settings.to(), gain))
                .filter(c -> gain > bar.loss);
    }

    /** How much more is covered, and how much less is lacking besides; where it is not more than the loss that is accepted,
     *  what is not less than it may stand for it. */
    private double gain(Neighbourhood near, List<Placement> in, Bar bar) {
        GridWindow part = objective
                .closing()
                .around(Stream.concat(near.out().stream().map(CopyDistances::placement), in.stream()));
        double most =
                Placement.area(in) - FreeSpace.area(near.out()) + objective.lacking(now.placed(), bar.covered, part);
        if (most <= bar.loss) {
            return most;
        }
        List<CopyDistances> after = new ArrayList<>(near.stay());
        in.forEach(s -> after.add(space.measured(s, objective.closing().reach())));
        return most - objective.lacking(after, bar.covered, part);
    }

    /** The same copies, each moved away from a place or towards it as far as there is room: what is free gathers. */
    private void shoved(
            PlacementSearch search, List<CopyDistances> out, Point at, SplittableRandom random, double around) {
        List<CopyDistances> order = new ArrayList<>(out);
        Collections.shuffle(order, new Random(random.nextLong()));
        double shove = settings.from() * (0.1 + 0.5 * random.nextDouble());
        for (CopyDistances p : order) {
            Placement s = p.placement();
            double dx = s.x() - at.x();
            double dy = s.y() - at.y();
            double d = Math.max(1e-6, Math.hypot(dx, dy));
            Placement moved =
                    search.shoved(s, dx / d * shove, dy / d * shove, Math.min(settings.to(), s.size() * 1.02));
            if (moved != null) {
                space.put(moved, around);
            }
        }
    }

    private void refilled(
            PlacementSearch search, Point at, double reach, SplittableRandom random, int most, double around) {
        double size = settings.from() * StrictMath.pow(settings.to() / settings.from(), Math.sqrt(random.nextDouble()));
        for (; ; size = Math.max(settings.from(), size / FillingTuning.CHANGE_SHRINK)) {
            double least = size == settings.from() ? size : size * 0.9;
            Placement placement;
            while (space.placed().size() < most
                    && (placement = search.find(at.x(), at.y(), reach, least, size, FillingTuning.CHANGE_TRIES))
                            != null) {
                space.put(placement, around);
            }
            if (size == settings.from()) {
                break;
            }
        }
    }
}
