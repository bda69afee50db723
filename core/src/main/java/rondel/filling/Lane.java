package rondel.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import rondel.job.FillingShape;

/** Proposes changes to a filling, in a room of its own: a few neighbours taken out and others put in. */
final class Lane {

    private static final int TRIES = 40;
    private static final double SMALLER = 1.4;

    private final FreeSpace space;
    private final List<Motif> motifs;
    private final FillingShape shape;

    /** @param at where, and
     *  @param reach how far around that, what is there may change
     *  @param gain how much more is covered, that near the edge counting more */
    record Change(List<FreeSpace.Placed> out, List<FreeSpace.Placed> in, double[] at, double reach, double gain) {

        void applyTo(FreeSpace room) {
            out.forEach(room::takeOut);
            in.forEach(room::putBack);
        }

        /** How much more is covered. */
        double area() {
            return sum(in) - sum(out);
        }

        private static double sum(List<FreeSpace.Placed> copies) {
            return copies.stream().mapToDouble(p -> p.spot().area()).sum();
        }

        boolean isApartFrom(Change other) {
            return Math.hypot(at[0] - other.at[0], at[1] - other.at[1]) > reach + other.reach;
        }
    }

    Lane(FreeSpace space, List<Motif> motifs, FillingShape shape) {
        this.space = space;
        this.shape = shape;
        this.motifs = motifs;
    }

    /** Makes a change; the room is as before afterwards. */
    Change proposed(SplittableRandom random, int most) {
        Search search = new Search(space, motifs, shape, random);
        double[] at = space.loosePlace(random);
        double wide = random.nextDouble();
        double radius = shape.from() * 0.4 + wide * wide * shape.to() * 0.6;
        List<FreeSpace.Placed> out = new ArrayList<>();
        for (FreeSpace.Placed p : space.placed()) {
            double d = Math.hypot(p.spot().x() - at[0], p.spot().y() - at[1]);
            if (d < radius + p.spot().motif().circles()[2] * p.spot().size()) {
                out.add(p);
            }
        }
        out.forEach(space::takeOut);
        double reach = radius + shape.to() * 0.5;
        List<FreeSpace.Placed> in = new ArrayList<>();
        if (random.nextInt(8) != 0) {
            shoved(search, out, at, random, in);
        }
        refilled(search, at, reach, random, most, in);
        double gain = worth(in) - worth(out);
        in.forEach(space::takeOut);
        out.forEach(space::putBack);
        return new Change(out, in, at, reach + shape.to(), gain);
    }

    void apply(Change change) {
        change.applyTo(space);
    }

    /** The same copies, each moved away from a place or towards it as far as there is room: what is free gathers. */
    private void shoved(
            Search search,
            List<FreeSpace.Placed> out,
            double[] at,
            SplittableRandom random,
            List<FreeSpace.Placed> in) {
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
                in.add(space.put(moved));
            }
        }
    }

    private void refilled(
            Search search, double[] at, double reach, SplittableRandom random, int most, List<FreeSpace.Placed> in) {
        double size = shape.from() * StrictMath.pow(shape.to() / shape.from(), Math.sqrt(random.nextDouble()));
        for (; ; size = Math.max(shape.from(), size / SMALLER)) {
            double least = size == shape.from() ? size : size * 0.9;
            Spot spot;
            while (space.placed().size() < most
                    && (spot = search.find(at[0], at[1], reach, least, size, TRIES)) != null) {
                in.add(space.put(spot));
            }
            if (size == shape.from()) {
                break;
            }
        }
        for (FreeSpace.Placed p : List.copyOf(in)) {
            space.takeOut(p);
            in.remove(p);
            Spot better = search.settled(p.spot(), shape.to());
            if (better == null || better.equals(p.spot())) {
                space.putBack(p);
                in.add(p);
            } else {
                in.add(space.put(better));
            }
        }
    }

    private static double worth(List<FreeSpace.Placed> copies) {
        return copies.stream().mapToDouble(FreeSpace.Placed::worth).sum();
    }
}
