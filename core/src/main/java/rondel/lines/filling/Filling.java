package rondel.lines.filling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import rondel.job.FillingShape;
import rondel.progress.Advance;
import rondel.progress.Cancellation;

/** Fills an area with copies of motifs: the large ones first, close to the edge and to each other, then ever smaller ones;
 *  after that a few neighbours at a time are taken out, others are put in and grow together, which is kept when more is covered
 *  or less of the outline is missed (ruin and recreate: Schrimpf and others, Journal of Computational Physics 159, 2000).
 *  Several such changes are tried side by side; how many does not depend on the machine, so that the same seed gives the same
 *  filling, on every machine. */
final class Filling {

    private static final int LANES = 4;
    private static final double SMALLER = 1.22;

    /** Changes that are tried in a round: more of simple drawings, whose changes take less time, the shorter their outlines are. */
    private static final int MOST_TRIED = 5;

    private static final double TRIED = 50;
    private static final double FULL = 0.85;
    private static final int MISSES = 4;
    private static final int TRIES = 160;

    /** After so many times that changes were tried in every lane, all copies are relaxed at once: what a change gains tells
     *  more where the others are as large as they can be. */
    private static final int RELAXED = 10;

    private static final int STEPS = 60;
    private static final int LAST_STEPS = 300;

    /** How much farther apart all are in the end than they must be, in mm: what a grid can't tell would cost a copy that can't be
     *  made smaller, while the rest is filled again where they are made exact. */
    private static final double FARTHER = 0.02;

    private final Geometry outline;
    private final List<Motif> motifs;
    private final FillingShape shape;
    private final int most;
    private final double mostArea;

    /** Watches, and says whether to go on; before the first round is done it goes on anyway. */
    interface Watch {
        boolean goesOn(int rounds, List<Spot> spots);
    }

    Filling(Geometry outline, List<Motif> motifs, FillingShape wanted) {
        this.outline = outline;
        this.motifs = motifs;
        this.shape = wanted.withGap(gap(wanted));
        this.most = wanted.count().orElse(Integer.MAX_VALUE);
        this.mostArea = wanted.density().orElse(1) * outline.getArea();
    }

    /** What is filled by: where less than all is to be covered, the room left over is between the copies. */
    FillingShape shape() {
        return shape;
    }

    private static double gap(FillingShape shape) {
        double usual = Math.sqrt(shape.from() * shape.to());
        double airy = usual * (Math.sqrt(FULL / shape.density().orElse(1)) - 1);
        return Math.max(shape.gap(), shape.density().isPresent() ? airy : 0);
    }

    List<Spot> fill(Watch watch) {
        FreeSpace space = begun(watch);
        boolean goesOn = watch.goesOn(0, spots(space));
        Worth worth = new Worth(new Notches(space.edge().inside(), shape.from() / 2), motifs);
        List<Lane> lanes = IntStream.range(0, LANES)
                .mapToObj(i -> new Lane(space, worth, motifs, shape))
                .toList();
        int tried = tried(motifs);
        for (int i = 0; i < shape.rounds() && goesOn; i += LANES) {
            Advance.to(i, shape.rounds());
            Cooling cooling = new Cooling(i);
            for (int k = 0; k < tried; k++) {
                Cancellation.check();
                double covered = covered(space);
                List<Lane.Change> better = changes(lanes, i * tried + k * LANES, cooling, covered);
                kept(better, most - space.placed().size(), mostArea - covered)
                        .forEach(c -> exchange(c.out(), c.in(), space));
            }
            if (shape.density().isEmpty() && (i / LANES + 1) % RELAXED == 0) {
                relax(space);
            }
            goesOn = watch.goesOn(i + LANES, spots(space));
        }
        return relaxed(space, LAST_STEPS).settled(LAST_STEPS, FARTHER).spots();
    }

    private void relax(FreeSpace space) {
        Swelling relaxed = relaxed(space, STEPS);
        if (relaxed.isApart()) {
            exchange(List.copyOf(space.placed()), relaxed.spots(), space);
        }
    }

    private static void exchange(List<Placed> out, List<Spot> spots, FreeSpace space) {
        space.exchange(out, spots.stream().map(space::measured).toList());
    }

    private static int tried(List<Motif> motifs) {
        double longest =
                motifs.stream().mapToDouble(m -> m.flat().getLength()).max().orElse(1);
        return Math.clamp(Math.round(TRIED / (longest * longest)), 1, MOST_TRIED);
    }

    /** All at once as large as there is room for, and hardly too close anywhere; where less than all is to be covered, no
     *  larger. */
    private Swelling relaxed(FreeSpace space, int steps) {
        Swelling swelling = new Swelling(space.edge(), shape, spots(space), List.of());
        if (shape.density().isEmpty()) {
            swelling.grown(steps, 40, 160, 600);
        }
        return swelling.settled(steps, 0);
    }

    /** What the lanes propose; a loss is accepted, ever more rarely and ever smaller (simulated annealing). */
    private List<Lane.Change> changes(List<Lane> lanes, int number, Cooling cooling, double covered) {
        double loss = cooling.heat()
                * shape.from()
                * shape.from()
                * StrictMath.log(Math.max(1e-9, chance(number).nextDouble()));
        return IntStream.range(0, LANES)
                .parallel()
                .mapToObj(k -> lanes.get(k)
                        .proposed(chance(number + k + 1), most, covered / outline.getArea(), cooling.wide(), loss))
                .flatMap(Optional::stream)
                .filter(c -> shape.count().isEmpty() || c.in().size() >= c.out().size())
                .sorted(Comparator.comparingDouble(Lane.Change::gain).reversed())
                .toList();
    }

    private SplittableRandom chance(int number) {
        return new SplittableRandom(shape.seed() * 1_000_003 + number);
    }

    /** Filled for a start. Where a count is asked for and large copies leave no room for so many, smaller ones are taken. */
    private FreeSpace begun(Watch watch) {
        double widest = motifs.stream().mapToDouble(m -> m.circles()[2]).max().orElse(0.5);
        FreeSpace empty = new FreeSpace(outline, shape.from(), shape.gap(), shape.to() * widest + shape.gap());
        double largest = shape.to();
        if (shape.count().isPresent()) {
            double unit = motifs.stream().mapToDouble(Motif::area).average().orElse(1);
            largest = Math.clamp(1.4 * Math.sqrt(mostArea / most / unit), shape.from(), shape.to());
        }
        while (true) {
            FreeSpace space = empty.copy();
            begin(space, largest, watch);
            boolean enough = shape.count().isEmpty() || space.placed().size() == most;
            if (enough || largest == shape.from()) {
                return space;
            }
            largest = Math.max(shape.from(), largest * 0.88);
        }
    }

    private void begin(FreeSpace space, double largest, Watch watch) {
        Envelope box = outline.getEnvelopeInternal();
        double radius = Math.hypot(box.getWidth(), box.getHeight());
        Search search = new Search(space, motifs, shape, new SplittableRandom(shape.seed()));
        for (double size = largest; ; size = Math.max(shape.from(), size / SMALLER)) {
            double least = size == shape.from() ? size : size * 0.97;
            for (int missed = 0; missed < MISSES && space.placed().size() < most; ) {
                Cancellation.check();
                Spot spot = search.find(box.centre().x, box.centre().y, radius, least, size, TRIES);
                if (spot == null || covered(space) + spot.area() > mostArea) {
                    missed++;
                } else {
                    space.put(spot);
                    watch.goesOn(0, spots(space));
                }
            }
            if (size == shape.from()) {
                return;
            }
        }
    }

    private static double covered(FreeSpace space) {
        return FreeSpace.area(space.placed());
    }

    /** The best of the changes, and the others that don't meet it; all of them together keep to how many copies there may be
     *  and how much they may cover.
     *
     * @param most how many more copies
     * @param mostArea how much more, in mm² */
    private static List<Lane.Change> kept(List<Lane.Change> changes, int most, double mostArea) {
        List<Lane.Change> kept = new ArrayList<>();
        double room = mostArea;
        int more = most;
        for (Lane.Change c : changes) {
            int added = c.in().size() - c.out().size();
            if (c.area() <= room && added <= more && kept.stream().allMatch(c::isApartFrom)) {
                kept.add(c);
                room -= c.area();
                more -= added;
            }
        }
        return kept;
    }

    private static List<Spot> spots(FreeSpace space) {
        return space.placed().stream().map(Placed::spot).toList();
    }
}
