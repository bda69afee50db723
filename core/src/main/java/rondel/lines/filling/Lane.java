package rondel.lines.filling;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import rondel.job.FillingShape;

/** Proposes changes to a filling, in a room of its own: a few neighbours taken out and others put in. */
final class Lane {

    private static final int TRIES = 40;
    private static final double SMALLER = 1.4;

    private static final int STEPS = 40;

    /** How firmly what grows is held back, at first and then. */
    private static final double FIRM = 30;

    private static final double FIRMER = 300;

    /** One in so many changes shoves what is there before more is put in. */
    private static final int SHOVES = 5;

    /** What covers less than before by more than this when it has not grown yet is hardly ever worth growing: parts of the
     *  smallest copy's size squared, beyond the loss that is accepted. */
    private static final double LACKS = 3;

    /** The same for what has grown with little to hold it back. */
    private static final double LACKS_GROWN = 1;

    private final FreeSpace now;
    private final FreeSpace space;
    private final Worth worth;
    private final List<Motif> motifs;
    private final FillingShape shape;

    /** @param at where, and
     *  @param reach how far around that, what is there may change
     *  @param gain how much more is covered, and how much less of the outline is missed */
    record Change(List<Placed> out, List<Spot> in, double[] at, double reach, double gain) {

        /** How much more is covered. */
        double area() {
            return Spot.area(in) - FreeSpace.area(out);
        }

        boolean isApartFrom(Change other) {
            return Math.hypot(at[0] - other.at[0], at[1] - other.at[1]) > reach + other.reach;
        }
    }

    /** @param now the filling as it is whenever a change is proposed, which proposing leaves as it is */
    Lane(FreeSpace now, Worth worth, List<Motif> motifs, FillingShape shape) {
        this.now = now;
        this.space = now.copy();
        this.worth = worth;
        this.shape = shape;
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
        double[] at = space.loosePlace(random);
        double wide = random.nextDouble();
        double radius = shape.from() * 0.4 + wide * wide * widest * shape.to() * 0.6;
        double reach = radius + shape.to() * 0.5;
        List<Placed> out = space.near(at[0], at[1], radius);
        space.takeOut(out);
        Search search = new Search(space, motifs, shape, random);
        double around = Math.max(
                space.matters(at[0], at[1], reach + shape.to()), worth.notches().reach());
        if (random.nextInt(SHOVES) == 0) {
            shoved(search, out, at, random, around);
        }
        refilled(search, at, reach, random, most, around);
        Vicinity near = Vicinity.of(
                now.placed(), space.placed(), now.placed().size() - out.size(), at, reach, 2.2 * shape.to());
        return grown(near, at, reach, new Bar(covered, loss));
    }

    /** What a change is measured by.
     *
     * @param covered the share of the outline that is covered before
     * @param loss what it has to gain more than */
    private record Bar(double covered, double loss) {}

    /** What is near grows, and is pushed apart; it is as it was where it came too close to what is there. */
    private Optional<Change> grown(Vicinity near, double[] at, double reach, Bar bar) {
        double least = FreeSpace.area(near.out()) + bar.loss - Spot.area(near.added());
        double smallest = shape.from() * shape.from();
        if (Spot.area(near.moving()) < least - LACKS * smallest) {
            return Optional.empty();
        }
        Swelling swelling = new Swelling(space.edge(), shape, near.moving(), near.still()).grown(STEPS, FIRM);
        if (Spot.area(swelling.spots()) < least - LACKS_GROWN * smallest) {
            return Optional.empty();
        }
        swelling.grown(STEPS, FIRMER).settled(STEPS / 2, 0.01);
        List<Spot> in = new ArrayList<>(swelling.isApart() ? swelling.spots() : near.moving());
        in.addAll(near.added());
        double gain = gain(near, in, bar);
        return Optional.of(new Change(near.out(), in, at, reach + shape.to(), gain))
                .filter(c -> gain > bar.loss);
    }

    /** How much more is covered, and how much less is lacking besides; where it is not more than the loss that is accepted,
     *  what is not less than it may stand for it. */
    private double gain(Vicinity near, List<Spot> in, Bar bar) {
        Window part = worth.notches().around(Stream.concat(near.out().stream().map(Placed::spot), in.stream()));
        double most = Spot.area(in) - FreeSpace.area(near.out()) + worth.lacking(now.placed(), bar.covered, part);
        if (most <= bar.loss) {
            return most;
        }
        List<Placed> after = new ArrayList<>(near.stay());
        in.forEach(s -> after.add(space.measured(s, worth.notches().reach())));
        return most - worth.lacking(after, bar.covered, part);
    }

    /** The same copies, each moved away from a place or towards it as far as there is room: what is free gathers. */
    private void shoved(Search search, List<Placed> out, double[] at, SplittableRandom random, double around) {
        List<Placed> order = new ArrayList<>(out);
        Collections.shuffle(order, new Random(random.nextLong()));
        double shove = shape.from() * (0.1 + 0.5 * random.nextDouble());
        for (Placed p : order) {
            Spot s = p.spot();
            double dx = s.x() - at[0];
            double dy = s.y() - at[1];
            double d = Math.max(1e-6, Math.hypot(dx, dy));
            Spot moved = search.shoved(s, dx / d * shove, dy / d * shove, Math.min(shape.to(), s.size() * 1.02));
            if (moved != null) {
                space.put(moved, around);
            }
        }
    }

    private void refilled(Search search, double[] at, double reach, SplittableRandom random, int most, double around) {
        double size = shape.from() * StrictMath.pow(shape.to() / shape.from(), Math.sqrt(random.nextDouble()));
        for (; ; size = Math.max(shape.from(), size / SMALLER)) {
            double least = size == shape.from() ? size : size * 0.9;
            Spot spot;
            while (space.placed().size() < most
                    && (spot = search.find(at[0], at[1], reach, least, size, TRIES)) != null) {
                space.put(spot, around);
            }
            if (size == shape.from()) {
                break;
            }
        }
    }
}
