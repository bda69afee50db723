package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.StitchSettings;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.progress.Cancellation;

/** The pattern of a sheet: what has the role stitch, in the order of {@link ThreadOrder}, each thread tied at both ends, and cut wherever it would lie across open
 *  cloth. */
public final class StitchPlan {

    /** So far a thread goes on uncut, in mm. */
    private static final double NEAR = 1;

    /** The stitches that tie a thread, in mm: as short as may be. */
    private static final double TIE = 0.6;

    /** How wide a thread lies, in mm. */
    private static final double THREAD = 0.4;

    private final List<StitchBlock> blocks = new ArrayList<>();
    private final List<ThreadRun> runs = new ArrayList<>();
    private final List<Stitch> open = new ArrayList<>();
    private Optional<Rgba> thread = Optional.empty();

    private StitchPlan() {}

    /** Works it out; slow. */
    public static StitchPattern of(Sheet sheet) {
        StitchPlan plan = new StitchPlan();
        for (Element e : sheet.elements()) {
            if (!sheet.parks(e)) {
                plan.take(e, Affine.IDENTITY);
            }
        }
        for (StitchBlock block : ThreadOrder.of(plan.blocks)) {
            plan.change(Optional.of(block.thread()));
            block.threads().forEach(plan::sew);
        }
        plan.change(Optional.empty());
        return new StitchPattern(plan.runs);
    }

    private void take(Element e, Affine around) {
        Cancellation.check();
        if (e.hidden()) {
            return;
        }
        Affine own = around.times(e.placement());
        switch (e) {
            case ShapeElement s -> {
                if (s.role() == Role.STITCH) {
                    sew(
                            e,
                            new StitchedElement.Shape(
                                    s.outline().transformed(own),
                                    s.rule(),
                                    s.fill().visible(),
                                    colour(s.fill(), s.stroke())));
                }
            }
            case TextElement t -> {
                if (t.role() == Role.STITCH) {
                    sew(
                            e,
                            new StitchedElement.Shape(
                                    t.outline().transformed(own),
                                    rondel.geometry.FillRule.NON_ZERO,
                                    t.fill().visible(),
                                    colour(t.fill(), t.stroke())));
                }
            }
            case CopyElement c -> c.content().group().children().forEach(x -> take(x, own));
            default -> e.children().forEach(x -> take(x, own));
        }
    }

    private static Rgba colour(Paint fill, Optional<Stroke> stroke) {
        Paint paint = fill.visible() ? fill : stroke.map(Stroke::paint).orElse(fill);
        // A thread has one colour: of a gradient, that in its middle.
        Optional<Rgba> solid = paint instanceof Paint.Solid s ? Optional.of(s.colour()) : Optional.empty();
        return solid.or(() -> paint.gradient().map(g -> g.get(g.size() / 2).colour()))
                .orElse(Rgba.BLACK)
                .withAlpha(255);
    }

    private void sew(Element e, StitchedElement.Shape shape) {
        StitchSettings settings = e.traits().stitch().orElse(StitchSettings.USUAL);
        List<List<Point>> threads = new StitchedElement(settings).threads(shape);
        if (!threads.isEmpty()) {
            blocks.add(new StitchBlock(settings.thread().orElse(shape.colour()), covered(threads), threads));
        }
    }

    private static Geometry covered(List<List<Point>> threads) {
        GeometryFactory factory = new GeometryFactory();
        List<Geometry> lines = new ArrayList<>();
        for (List<Point> thread : threads) {
            lines.add(factory.createLineString(
                    thread.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new)));
        }
        // Not exact, but never too small: what lies within a thread of each other is held to overlap.
        return factory.buildGeometry(lines).buffer(THREAD, 2);
    }

    private void change(Optional<Rgba> next) {
        if (thread.isPresent() && !thread.equals(next)) {
            tieOff();
            runs.add(new ThreadRun(thread.get(), open));
            open.clear();
        }
        thread = next;
    }

    private void sew(List<Point> places) {
        Point first = places.getFirst();
        boolean goesOn = !open.isEmpty() && open.getLast().at().distanceTo(first) <= NEAR;
        if (!goesOn) {
            if (!open.isEmpty()) {
                tieOff();
            }
            open.add(new Stitch(first, open.isEmpty() ? Stitch.Move.JUMP : Stitch.Move.TRIM));
            open.add(Stitch.sewn(first));
            Point tie = towards(first, places.get(1));
            open.add(Stitch.sewn(tie));
            open.add(Stitch.sewn(first));
        }
        for (Point p : places) {
            if (open.getLast().at().distanceTo(p) >= RunningStitch.SHORTEST - 1e-9) {
                open.add(Stitch.sewn(p));
            }
        }
    }

    private void tieOff() {
        if (open.size() > 1) {
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
