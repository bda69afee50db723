package rondel.filling;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import rondel.job.FillingShape;

/** Proposes changes to a filling, in a room of its own: a few neighbours taken out and others put in. */
final class Lane {

    private static final int TRIES = 40;
    private static final double SMALLER = 1.4;

    private static final int STEPS = 40;

    /** One in so many changes shoves what is there before more is put in. */
    private static final int SHOVES = 5;

    /** What growing has gained counts this much less with each change after it. */
    private static final double FORGETS = 0.995;

    private final FreeSpace space;
    private final Worth worth;
    private final List<Motif> motifs;
    private final FillingShape shape;

    /** How much growing may gain: what lacks more before it is not worth the time. */
    private double gained;

    /** @param at where, and
     *  @param reach how far around that, what is there may change
     *  @param gain how much more is covered, and how much less of the outline is missed */
    record Change(List<Placed> out, List<Spot> in, double[] at, double reach, double gain) {

        /** How much more is covered. */
        double area() {
            return in.stream().mapToDouble(Spot::area).sum() - FreeSpace.area(out);
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

    /** The room that changes are tried in. */
    FreeSpace space() {
        return space;
    }

    /** Makes a change; the room is as before afterwards.
     *
     * @param most copies that there may be
     * @param covered the share of the outline that is covered
     * @param widest how wide the place may be, as a share of what is sensible at first
     * @param loss what gains no more than this is not kept: its gain need not be known */
    Change proposed(SplittableRandom random, int most, double covered, double widest, double loss) {
        double[] at = space.loosePlace(random);
        double wide = random.nextDouble();
        double radius = shape.from() * 0.4 + wide * wide * widest * shape.to() * 0.6;
        double reach = radius + shape.to() * 0.5;
        FreeSpace.State before = space.state();
        space.takeOut(space.near(at[0], at[1], radius));
        Search search = new Search(space, motifs, shape, random);
        double around = Math.max(
                space.matters(at[0], at[1], reach + shape.to()), worth.notches().reach());
        if (random.nextInt(SHOVES) == 0) {
            shoved(search, without(before.placed(), space.placed()), at, random, around);
        }
        refilled(search, at, reach, random, most, around);
        List<Placed> after = List.copyOf(space.placed());
        space.becomes(before);
        gained *= FORGETS;
        double gain = gain(before.placed(), after, covered, Math.min(loss, -gained));
        if (gain + gained > 0) {
            List<Placed> swollen = swollen(after, at, reach);
            double more = gain(before.placed(), swollen, covered, loss);
            gained = Math.max(gained, more - gain);
            if (more > gain) {
                return change(before.placed(), swollen, at, reach, more);
            }
        }
        return change(before.placed(), after, at, reach, gain);
    }

    private Change change(List<Placed> before, List<Placed> after, double[] at, double reach, double gain) {
        List<Spot> in = without(after, before).stream().map(Placed::spot).toList();
        return new Change(without(before, after), in, at, reach + shape.to(), gain);
    }

    /** How much more is covered, and how much less is lacking besides.
     *
     * @param least where it is not more than this, what is not less than it may stand for it */
    private double gain(List<Placed> before, List<Placed> after, double covered, double least) {
        List<Placed> out = without(before, after);
        List<Placed> in = without(after, before);
        Window part =
                worth.notches().around(Stream.concat(out.stream(), in.stream()).map(Placed::spot));
        double most = FreeSpace.area(in) - FreeSpace.area(out) + worth.lacking(before, covered, part);
        return most <= least ? most : most - worth.lacking(after, covered, part);
    }

    /** Those that are not the very same: what a copy is far from is not compared. */
    private static List<Placed> without(List<Placed> all, List<Placed> some) {
        Set<Placed> others = Collections.newSetFromMap(new IdentityHashMap<>());
        others.addAll(some);
        return all.stream().filter(p -> !others.contains(p)).toList();
    }

    /** What is near grows, and is pushed apart; the copies as they were where it came too close to what is there. */
    private List<Placed> swollen(List<Placed> copies, double[] at, double reach) {
        List<Spot> moving = new ArrayList<>();
        List<Spot> still = new ArrayList<>();
        List<Placed> others = new ArrayList<>();
        for (Placed p : copies) {
            double distance = p.spot().distance(at[0], at[1]);
            if (distance < reach) {
                moving.add(p.spot());
            } else {
                others.add(p);
                if (distance < reach + 2.2 * shape.to()) {
                    still.add(p.spot());
                }
            }
        }
        Swelling swelling = new Swelling(space.edge(), shape, moving, still)
                .grown(STEPS, 30, 300)
                .settled(STEPS / 2, 0.01);
        if (!swelling.isApart()) {
            return copies;
        }
        for (Spot spot : swelling.spots()) {
            others.add(space.measured(spot, worth.notches().reach()));
        }
        return others;
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
