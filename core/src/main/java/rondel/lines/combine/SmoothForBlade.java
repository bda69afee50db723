package rondel.lines.combine;

import java.util.List;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Evens out the lines of shapes for a blade: corners as sharp as a needle are rounded, and segments too short to follow go into
 *  their neighbours. All other curves stay as they are. Measured on the sheet.
 *
 * @param angle corners below are rounded, in degrees: from 0, for none, to 90
 * @param radius how far from its tip on a corner is rounded, in mm: above 0
 * @param shortest segments below go, in mm: from 0 on */
public record SmoothForBlade(
        List<ElementId> elements,
        double angle,
        @Mm double radius,
        @Mm double shortest) implements Operation {

    /** What is rounded and merged where nothing else is said. */
    public static final double USUAL_ANGLE = 15;

    public static final double USUAL_RADIUS = 0.4;

    public static final double USUAL_SHORTEST = 0.05;

    public SmoothForBlade {
        elements = List.copyOf(elements);
    }

    public static SmoothForBlade usual(List<ElementId> elements) {
        return new SmoothForBlade(elements, USUAL_ANGLE, USUAL_RADIUS, USUAL_SHORTEST);
    }

    /** Only segments that are too short go; every corner stays. */
    public static SmoothForBlade withoutShort(List<ElementId> elements) {
        return new SmoothForBlade(elements, 0, USUAL_RADIUS, USUAL_SHORTEST);
    }

    @Override
    public Job apply(Job job) {
        if (!(angle >= 0 && angle <= 90 && radius > 0 && radius <= 50 && shortest >= 0 && shortest <= 5)) {
            throw Refusal.of("smooth.bad");
        }
        Job done = Tree.replace(job, Targets.unlocked(job, elements), this::smoothed);
        if (done.equals(job)) {
            throw Refusal.of("smooth.none");
        }
        return done;
    }

    private Element smoothed(Element e, Affine toSheet) {
        Affine own = toSheet.times(e.placement());
        return switch (e) {
            case ShapeElement s ->
                own.inverse().map(back -> smoothed(s, own, back)).orElse(s);
            case GroupElement g ->
                g.withChildren(g.children().stream().map(c -> smoothed(c, own)).toList());
            default -> e;
        };
    }

    /** A contour that needs nothing keeps its curves to the last digit. */
    private ShapeElement smoothed(ShapeElement s, Affine own, Affine back) {
        BladeSmoothing smoothing = new BladeSmoothing(angle, radius, shortest);
        List<Contour> before = Contour.of(s.outline());
        boolean[] any = new boolean[1];
        List<Contour> after = before.stream()
                .map(c -> {
                    Contour onSheet = Contour.of(c.outline().transformed(own)).getFirst();
                    Contour even = smoothing.of(onSheet);
                    if (even.equals(onSheet)) {
                        return c;
                    }
                    any[0] = true;
                    return Contour.of(even.outline().transformed(back)).getFirst();
                })
                .toList();
        Outline outline = any[0] ? Contour.outline(after) : s.outline();
        return new ShapeElement(s.traits(), outline, s.rule(), s.fill(), s.stroke());
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.smoothForBlade");
    }
}
