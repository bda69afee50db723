package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import rondel.geometry.Point;
import rondel.job.Cloth;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.SewingSettings;
import rondel.job.SewnPart;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.StitchSettings;
import rondel.progress.Cancellation;

/** The pattern of a sheet: what has the role stitch, in the order of {@link ThreadOrder} or as a hand has put it, each thread tied at both ends, and cut
 *  wherever it would lie across open cloth. */
public final class StitchPlan {

    /** So far a thread goes on uncut, in mm. */
    static final double NEAR = 1;

    /** The stitches that tie a thread, in mm: as short as may be. */
    private static final double TIE = 0.6;

    /** How wide a thread lies, in mm. */
    public static final double THREAD = 0.4;

    private final List<ThreadRun> runs = new ArrayList<>();
    private final List<Stitch> open = new ArrayList<>();
    private final List<PartStart> parts = new ArrayList<>();
    private Optional<Rgba> thread = Optional.empty();
    private boolean tied;

    private StitchPlan() {}

    /** All that is sewn of a sheet of a job; slow the first time. */
    public static StitchPattern of(Job job, SheetId sheet) {
        return of(job.sheet(sheet), job.run().of(sheet).sewn());
    }

    /** All that is sewn of a sheet, as is usual; slow. */
    public static StitchPattern of(Sheet sheet) {
        return of(sheet, SewingSettings.USUAL);
    }

    /** All that is sewn of a sheet; slow the first time, and known for as long as the sheet stays as it is. */
    public static StitchPattern of(Sheet sheet, SewingSettings sewing) {
        return sheet.once(new Asked(sewing), s -> of(s, sewing, p -> true));
    }

    /** Tells patterns of a sheet apart: a hoop alone changes none. */
    private record Asked(Cloth cloth, List<SewnPart> order) {
        Asked(SewingSettings sewing) {
            this(sewing.cloth(), sewing.order());
        }
    }

    /** What is sewn of some parts of a sheet; slow. */
    public static StitchPattern of(Sheet sheet, SewingSettings sewing, Predicate<SewnPart> wanted) {
        List<StitchBlock> blocks = new ArrayList<>();
        for (PartToSew p : PartsToSew.of(sheet)) {
            if (wanted.test(p.part())) {
                Cancellation.check();
                StitchedElement.Sewn sewn = p.sewn(sewing.cloth());
                if (!sewn.threads().isEmpty()) {
                    boolean exact = p.settings().kind() == StitchSettings.Kind.NODES;
                    blocks.add(new StitchBlock(p.part(), p.shape().colour(), sewn.area(), sewn.threads(), exact));
                }
            }
        }
        StitchPlan plan = new StitchPlan();
        for (StitchBlock block : OrderByHand.of(ThreadOrder.of(blocks), sewing.order())) {
            plan.change(Optional.of(block.thread()));
            plan.parts.add(new PartStart(block.part(), plan.open.size()));
            block.threads().forEach(block.exact() ? plan::sewExactly : plan::sew);
        }
        plan.change(Optional.empty());
        return new StitchPattern(plan.runs);
    }

    private void change(Optional<Rgba> next) {
        if (thread.isPresent() && !thread.equals(next)) {
            tieOff();
            runs.add(new ThreadRun(thread.get(), open, parts));
            open.clear();
            parts.clear();
            tied = false;
        }
        thread = next;
    }

    /** Stitches that a tape brought along are sewn as they are, with their own ties. */
    private void sewExactly(List<Point> places) {
        tieOff();
        open.add(new Stitch(places.getFirst(), open.isEmpty() ? Stitch.Move.JUMP : Stitch.Move.TRIM));
        places.forEach(p -> open.add(Stitch.sewn(p)));
        tied = true;
    }

    private void sew(List<Point> places) {
        boolean goesOn = !tied && !open.isEmpty() && open.getLast().at().distanceTo(places.getFirst()) <= NEAR;
        if (!goesOn) {
            tieOff();
            begin(places);
        }
        rest(places);
    }

    private void begin(List<Point> places) {
        tied = false;
        Point first = places.getFirst();
        open.add(new Stitch(first, open.isEmpty() ? Stitch.Move.JUMP : Stitch.Move.TRIM));
        open.add(Stitch.sewn(first));
        open.add(Stitch.sewn(towards(first, places.get(1))));
        open.add(Stitch.sewn(first));
    }

    private void rest(List<Point> places) {
        for (Point p : places) {
            if (open.getLast().at().distanceTo(p) >= RunningStitch.SHORTEST - 1e-9) {
                open.add(Stitch.sewn(p));
            }
        }
    }

    private void tieOff() {
        if (open.size() > 1 && !tied) {
            Point last = open.getLast().at();
            Point before = open.get(open.size() - 2).at();
            if (before.distanceTo(last) > 0) {
                open.add(Stitch.sewn(towards(last, before)));
                open.add(Stitch.sewn(last));
            }
        }
    }

    private static Point towards(Point from, Point to) {
        double far = from.distanceTo(to);
        double share = far == 0 ? 0 : Math.min(1, TIE / far);
        return new Point(from.x() + share * (to.x() - from.x()), from.y() + share * (to.y() - from.y()));
    }
}
