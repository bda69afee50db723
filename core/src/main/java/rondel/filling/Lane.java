package rondel.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;
import rondel.job.FillingShape;

/** Proposes changes to a filling, in a room of its own: a few neighbours taken out and others put in. */
final class Lane {

    private static final int TRIES = 40;
    private static final double SMALLER = 1.4;

    private static final int STEPS = 40;

    /** One in so many changes shoves what is there before more is put in. */
    private static final int SHOVES = 5;

    /** What growing has gained counts this much less with each change after it. */
    private static final double FORGETS = 0.985;

    /** What is pushed apart may still be too close by this, in mm. */
    private static final double NEARLY = 0.06;

    private final FreeSpace space;
    private final Worth worth;
    private final List<Motif> motifs;
    private final FillingShape shape;

    /** How much growing may gain: what lacks more before it is not worth the time. */
    private double gained;

    /** @param at where, and
     *  @param reach how far around that, what is there may change
     *  @param gain how much more is covered, and how much less of the outline is missed */
    record Change(List<FreeSpace.Placed> out, List<FreeSpace.Placed> in, double[] at, double reach, double gain) {

        void applyTo(FreeSpace room) {
            room.takeOut(out);
            in.forEach(room::putBack);
        }

        /** How much more is covered. */
        double area() {
            return FreeSpace.area(in) - FreeSpace.area(out);
        }

        boolean isApartFrom(Change other) {
            return Math.hypot(at[0] - other.at[0], at[1] - other.at[1]) > reach + other.reach;
        }
    }

    Lane(FreeSpace space, Worth worth, List<Motif> motifs, FillingShape shape) {
        this.space = space;
        this.worth = worth;
        this.shape = shape;
        this.motifs = motifs;
        this.gained = shape.to() * shape.to();
    }

    /** Makes a change; the room is as before afterwards.
     *
     * @param most copies that there may be
     * @param covered the share of the outline that is covered */
    Change proposed(SplittableRandom random, int most, double covered) {
        double[] at = space.loosePlace(random);
        double wide = random.nextDouble();
        double radius = shape.from() * 0.4 + wide * wide * shape.to() * 0.6;
        double reach = radius + shape.to() * 0.5;
        double seen = reach + shape.to() * 0.5 + shape.from();
        Changing changing = new Changing(space);
        ToDoubleFunction<Changing> value = c -> c.area() - worth.lacking(space.placed(), covered, at[0], at[1], seen);
        double before = value.applyAsDouble(changing);
        changing.takeOut(space.near(at[0], at[1], radius));
        Search search = new Search(space, motifs, shape, random);
        if (random.nextInt(SHOVES) == 0) {
            shoved(search, List.copyOf(changing.out()), at, random, changing);
        }
        refilled(search, at, reach, random, most, changing);
        double after = value.applyAsDouble(changing);
        Changing.Mark mark = changing.mark();
        gained *= FORGETS;
        if (after + gained > before && swollen(at, reach, changing)) {
            double swollen = value.applyAsDouble(changing);
            gained = Math.max(gained, swollen - after);
            if (swollen > after) {
                after = swollen;
            } else {
                changing.backTo(mark);
            }
        }
        Change change = new Change(
                List.copyOf(changing.out()), List.copyOf(changing.in()), at, reach + shape.to(), after - before);
        changing.undo();
        return change;
    }

    /** What is near grows, and is pushed apart; false where it came too close to what is there. */
    private boolean swollen(double[] at, double reach, Changing changing) {
        List<FreeSpace.Placed> moving = space.placed().stream()
                .filter(p -> changing.in().contains(p) || p.spot().distance(at[0], at[1]) < reach)
                .toList();
        List<Spot> still = space.placed().stream()
                .filter(p -> !moving.contains(p) && p.spot().distance(at[0], at[1]) < reach + 2.2 * shape.to())
                .map(FreeSpace.Placed::spot)
                .toList();
        Swelling swelling = new Swelling(
                        space.edge(),
                        shape,
                        moving.stream().map(FreeSpace.Placed::spot).toList(),
                        still)
                .grown(STEPS, 30, 300)
                .settled(STEPS / 2, 0.01);
        if (swelling.tightest() >= NEARLY) {
            return false;
        }
        changing.takeOut(moving);
        swelling.spots().forEach(changing::put);
        return true;
    }

    void apply(Change change) {
        change.applyTo(space);
    }

    /** The same copies, each moved away from a place or towards it as far as there is room: what is free gathers. */
    private void shoved(
            Search search, List<FreeSpace.Placed> out, double[] at, SplittableRandom random, Changing changing) {
        List<FreeSpace.Placed> order = new ArrayList<>(out);
        java.util.Collections.shuffle(order, new java.util.Random(random.nextLong()));
        double shove = shape.from() * (0.1 + 0.5 * random.nextDouble());
        for (FreeSpace.Placed p : order) {
            Spot s = p.spot();
            double dx = s.x() - at[0];
            double dy = s.y() - at[1];
            double d = Math.max(1e-6, Math.hypot(dx, dy));
            Spot moved = search.shoved(s, dx / d * shove, dy / d * shove, Math.min(shape.to(), s.size() * 1.02));
            if (moved != null) {
                changing.put(moved);
            }
        }
    }

    private void refilled(
            Search search, double[] at, double reach, SplittableRandom random, int most, Changing changing) {
        double size = shape.from() * StrictMath.pow(shape.to() / shape.from(), Math.sqrt(random.nextDouble()));
        for (; ; size = Math.max(shape.from(), size / SMALLER)) {
            double least = size == shape.from() ? size : size * 0.9;
            Spot spot;
            while (space.placed().size() < most
                    && (spot = search.find(at[0], at[1], reach, least, size, TRIES)) != null) {
                changing.put(spot);
            }
            if (size == shape.from()) {
                break;
            }
        }
    }
}
