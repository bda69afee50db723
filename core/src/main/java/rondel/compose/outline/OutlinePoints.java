package rondel.compose.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.geometry.overlay.CurveFoot;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.words.Refusal;

/** The points of a shape's outline as they lie on the sheet, in mm, with their handles; counted as the operations of this package
 *  count them. */
public record OutlinePoints(ElementId element, List<Contour> contours, List<OutlinePoint> all) {

    /** Points whose handles lie in one line to within this angle, in degrees, are smooth. */
    private static final double SMOOTH = 0.5;

    /** How finely a curve is looked through for its nearest place before that is made exact. */
    private static final int STEPS = 24;

    /** A point of a contour.
     *
     * @param smooth whether the line goes straight through it
     * @param in the handle of the curve that arrives at it
     * @param out the handle of the curve that leaves it */
    public record OutlinePoint(
            int contour, int number, Point at, boolean smooth, Optional<Handle> in, Optional<Handle> out) {

        /** Whether it is the same point of the same contour, wherever it lies now. */
        public boolean isAlso(OutlinePoint other) {
            return contour == other.contour && number == other.number;
        }
    }

    /** The handle of a curve: which one of which stretch, and where it is. */
    public record Handle(int segment, int which, Point at) {}

    /** A place on a stretch between two points.
     *
     * @param at how far along the stretch, from 0 to 1
     * @param distance from where it was looked for, in mm */
    public record Place(int contour, int segment, double at, Point point, double distance) {}

    /** The points of a shape that may be edited.
     *
     * @throws Refusal where it is none, is locked, or follows other artwork */
    public static OutlinePoints of(Job job, ElementId element) {
        ShapeElement s = ContourEdit.shape(job, element);
        Affine toSheet = job.located(element).ownToSheet();
        Outline outline = s.outline().transformed(toSheet);
        List<Contour> contours = Contour.of(outline);
        List<OutlinePoint> points = new ArrayList<>();
        for (int c = 0; c < contours.size(); c++) {
            for (int i = 0; i < ContourEdit.points(contours.get(c)); i++) {
                points.add(point(contours.get(c), c, i));
            }
        }
        return new OutlinePoints(element, contours, List.copyOf(points));
    }

    private static OutlinePoint point(Contour c, int contour, int number) {
        List<Bezier> segments = c.segments();
        int n = segments.size();
        Optional<Integer> before =
                number > 0 || c.closed() ? Optional.of(Math.floorMod(number - 1, n)) : Optional.empty();
        Optional<Integer> after = number < n ? Optional.of(number) : Optional.empty();
        Optional<Handle> in = before.filter(i -> segments.get(i).order() > 1)
                .map(i ->
                        new Handle(i, 2, segments.get(i).control(segments.get(i).order() - 1)));
        Optional<Handle> out = after.filter(i -> segments.get(i).order() > 1)
                .map(i -> new Handle(i, 1, segments.get(i).control(1)));
        boolean smooth = before.isPresent()
                && after.isPresent()
                && (in.isPresent() || out.isPresent())
                && 180 - segments.get(before.get()).cornerWith(segments.get(after.get())) < SMOOTH;
        return new OutlinePoint(contour, number, ContourEdit.point(c, number), smooth, in, out);
    }

    /** The outline on the sheet as it would be with a point elsewhere. */
    public Outline with(OutlinePoint point, Point to) {
        return with(point.contour(), MovePoint.moved(contours.get(point.contour()), point.number(), to));
    }

    /** The outline on the sheet as it would be with a handle elsewhere. */
    public Outline with(int contour, Handle handle, Point to) {
        return with(contour, MoveHandle.moved(contours.get(contour), handle.segment(), handle.which(), to));
    }

    private Outline with(int contour, Contour other) {
        List<Contour> all = new ArrayList<>(contours);
        all.set(contour, other);
        return Contour.outline(all);
    }

    /** The place of the outline nearest to one on the sheet; nothing where there is no outline. */
    public Optional<Place> nearest(Point p) {
        Optional<Place> best = Optional.empty();
        for (int c = 0; c < contours.size(); c++) {
            List<Bezier> segments = contours.get(c).segments();
            for (int i = 0; i < segments.size(); i++) {
                Bezier b = segments.get(i);
                double t = CurveFoot.of(b, p.x(), p.y(), STEPS);
                double away = b.at(t).distanceTo(p);
                if (best.isEmpty() || away < best.get().distance) {
                    best = Optional.of(new Place(c, i, t, b.at(t), away));
                }
            }
        }
        return best;
    }

    /** The same point where it is now; nothing where it is gone. */
    public Optional<OutlinePoint> again(OutlinePoint before) {
        return all.stream().filter(before::isAlso).findFirst();
    }

    public boolean isClosed(OutlinePoint point) {
        return contours.get(point.contour()).closed();
    }

    /** The two open contours whose ends are nearest, for joining; nothing where there are not two. */
    public Optional<int[]> nearestOpen() {
        int[] best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int a = 0; a < contours.size(); a++) {
            for (int b = a + 1; b < contours.size(); b++) {
                if (!contours.get(a).closed() && !contours.get(b).closed()) {
                    double gap = EndJoin.gap(contours.get(a), contours.get(b));
                    if (gap < least) {
                        least = gap;
                        best = new int[] {a, b};
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
