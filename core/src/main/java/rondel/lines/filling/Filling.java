package rondel.lines.filling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import rondel.job.FillingSettings;
import rondel.progress.Advance;
import rondel.progress.Cancellation;

/** Fills an area with copies of motifs: the large ones first, close to the edge and to each other, then ever smaller ones;
 *  after that a few neighbours at a time are taken out, others are put in and grow together, which is kept when more is covered
 *  or less of the outline is missed (ruin and recreate: Schrimpf and others, Journal of Computational Physics 159, 2000).
 *  Several such changes are tried side by side; how many does not depend on the machine, so that the same seed gives the same
 *  filling, on every machine. */
final class Filling {

    private final Geometry outline;
    private final List<Motif> motifs;
    private final FillingSettings settings;
    private final int most;
    private final double mostArea;

    /** Watches, and says whether to go on; before the first round is done it goes on anyway. */
    interface Watch {
        boolean goesOn(int rounds, List<Placement> placements);
    }

    Filling(Geometry outline, List<Motif> motifs, FillingSettings wanted) {
        this.outline = outline;
        this.motifs = motifs;
        this.settings = wanted.withGap(gap(wanted));
        this.most = wanted.count().orElse(Integer.MAX_VALUE);
        this.mostArea = wanted.density().orElse(1) * outline.getArea();
    }

    /** What is filled by: where less than all is to be covered, the room left over is between the copies. */
    FillingSettings shape() {
        return settings;
    }

    private static double gap(FillingSettings settings) {
        double usual = Math.sqrt(settings.from() * settings.to());
        double airy =
                usual * (Math.sqrt(FillingTuning.DENSEST / settings.density().orElse(1)) - 1);
        return Math.max(settings.gap(), settings.density().isPresent() ? airy : 0);
    }

    List<Placement> fill(Watch watch) {
        FreeSpace space = begun(watch);
        boolean goesOn = watch.goesOn(0, placements(space));
        Objective objective =
                new Objective(new MorphologicalClosing(space.edge().inside(), settings.from() / 2), motifs);
        List<RuinAndRecreate> proposers = IntStream.range(0, FillingTuning.PROPOSERS)
                .mapToObj(i -> new RuinAndRecreate(space, objective, motifs, settings))
                .toList();
        int tried = tried(motifs);
        for (int i = 0; i < settings.rounds() && goesOn; i += FillingTuning.PROPOSERS) {
            Advance.to(i, settings.rounds());
            AnnealingSchedule schedule = new AnnealingSchedule(i);
            for (int k = 0; k < tried; k++) {
                Cancellation.check();
                double covered = covered(space);
                List<RuinAndRecreate.Change> better =
                        changes(proposers, i * tried + k * FillingTuning.PROPOSERS, schedule, covered);
                kept(better, most - space.placed().size(), mostArea - covered)
                        .forEach(c -> exchange(c.out(), c.in(), space));
            }
            if (settings.density().isEmpty() && (i / FillingTuning.PROPOSERS + 1) % FillingTuning.RELAXED_EVERY == 0) {
                relax(space);
            }
            goesOn = watch.goesOn(i + FillingTuning.PROPOSERS, placements(space));
        }
        return relaxed(space, FillingTuning.LAST_RELAX_STEPS)
                .settled(FillingTuning.LAST_RELAX_STEPS, FillingTuning.LAST_GAP)
                .placements();
    }

    private void relax(FreeSpace space) {
        Relaxation relaxed = relaxed(space, FillingTuning.RELAX_STEPS);
        if (relaxed.isApart()) {
            exchange(List.copyOf(space.placed()), relaxed.placements(), space);
        }
    }

    private static void exchange(List<CopyDistances> out, List<Placement> placements, FreeSpace space) {
        space.exchange(out, placements.stream().map(space::measured).toList());
    }

    private static int tried(List<Motif> motifs) {
        double longest =
                motifs.stream().mapToDouble(m -> m.flat().getLength()).max().orElse(1);
        return Math.clamp(Math.round(FillingTuning.TRIED_BY_LENGTH / (longest * longest)), 1, FillingTuning.MOST_TRIED);
    }

    /** All at once as large as there is room for, and hardly too close anywhere; where less than all is to be covered, no
     *  larger. */
    private Relaxation relaxed(FreeSpace space, int steps) {
        Relaxation relaxation = new Relaxation(space.edge(), settings, placements(space), List.of());
        if (settings.density().isEmpty()) {
            relaxation.grown(steps, 40, 160, 600);
        }
        return relaxation.settled(steps, 0);
    }

    /** What the proposers propose; a loss is accepted, ever more rarely and ever smaller (simulated annealing). */
    private List<RuinAndRecreate.Change> changes(
            List<RuinAndRecreate> proposers, int number, AnnealingSchedule schedule, double covered) {
        double loss = schedule.heat()
                * settings.from()
                * settings.from()
                * StrictMath.log(Math.max(1e-9, chance(number).nextDouble()));
        return IntStream.range(0, FillingTuning.PROPOSERS)
                .parallel()
                .mapToObj(k -> proposers
                        .get(k)
                        .proposed(chance(number + k + 1), most, covered / outline.getArea(), schedule.wide(), loss))
                .flatMap(Optional::stream)
                .filter(c ->
                        settings.count().isEmpty() || c.in().size() >= c.out().size())
                .sorted(Comparator.comparingDouble(RuinAndRecreate.Change::gain).reversed())
                .toList();
    }

    private SplittableRandom chance(int number) {
        return new SplittableRandom(settings.seed() * 1_000_003 + number);
    }

    /** Filled for a start. Where a count is asked for and large copies leave no room for so many, smaller ones are taken. */
    private FreeSpace begun(Watch watch) {
        double widest = motifs.stream().mapToDouble(m -> m.circles()[2]).max().orElse(0.5);
        FreeSpace empty =
                new FreeSpace(outline, settings.from(), settings.gap(), settings.to() * widest + settings.gap());
        double largest = settings.to();
        if (settings.count().isPresent()) {
            double unit = motifs.stream().mapToDouble(Motif::area).average().orElse(1);
            largest = Math.clamp(1.4 * Math.sqrt(mostArea / most / unit), settings.from(), settings.to());
        }
        while (true) {
            FreeSpace space = empty.copy();
            begin(space, largest, watch);
            boolean enough = settings.count().isEmpty() || space.placed().size() == most;
            if (enough || largest == settings.from()) {
                return space;
            }
            largest = Math.max(settings.from(), largest * 0.88);
        }
    }

    private void begin(FreeSpace space, double largest, Watch watch) {
        Envelope box = outline.getEnvelopeInternal();
        double radius = Math.hypot(box.getWidth(), box.getHeight());
        PlacementSearch search = new PlacementSearch(space, motifs, settings, new SplittableRandom(settings.seed()));
        for (double size = largest; ; size = Math.max(settings.from(), size / FillingTuning.FIRST_SHRINK)) {
            double least = size == settings.from() ? size : size * 0.97;
            for (int missed = 0; missed < FillingTuning.MISSES && space.placed().size() < most; ) {
                Cancellation.check();
                Placement placement =
                        search.find(box.centre().x, box.centre().y, radius, least, size, FillingTuning.FIRST_TRIES);
                if (placement == null || covered(space) + placement.area() > mostArea) {
                    missed++;
                } else {
                    space.put(placement);
                    watch.goesOn(0, placements(space));
                }
            }
            if (size == settings.from()) {
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
    private static List<RuinAndRecreate.Change> kept(List<RuinAndRecreate.Change> changes, int most, double mostArea) {
        List<RuinAndRecreate.Change> kept = new ArrayList<>();
        double room = mostArea;
        int more = most;
        for (RuinAndRecreate.Change c : changes) {
            int added = c.in().size() - c.out().size();
            if (c.area() <= room && added <= more && kept.stream().allMatch(c::isApartFrom)) {
                kept.add(c);
                room -= c.area();
                more -= added;
            }
        }
        return kept;
    }

    private static List<Placement> placements(FreeSpace space) {
        return space.placed().stream().map(CopyDistances::placement).toList();
    }
}
