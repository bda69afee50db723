package rondel.compose.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.ShapeElement;
import rondel.job.Tree;
import rondel.operation.Targets;
import rondel.words.Refusal;

/** Changes contours of one shape. A plain shape becomes an outline by it; text, pictures and what follows other artwork have to be
 *  made outlines first. */
final class ContourEdit {

    private ContourEdit() {}

    /** The job with all contours of a shape as {@code change} makes them, in the shape's own space. */
    static Job all(Job job, ElementId element, UnaryOperator<List<Contour>> change) {
        return Tree.replace(job, Set.of(element), (e, toSheet) -> {
            ShapeElement s = (ShapeElement) e;
            return s.withOutline(Contour.outline(change.apply(Contour.of(s.outline()))));
        });
    }

    /** As {@link #all}, for one contour that may become none or several, and with the map from the sheet to the shape's space. */
    static Job one(Job job, ElementId element, int contour, BiFunction<Contour, Affine, List<Contour>> change) {
        ShapeElement s = shape(job, element);
        Affine back = job.located(element)
                .ownToSheet()
                .inverse()
                .orElseThrow(() -> Refusal.of("operation.flattened", Targets.display(s)));
        return all(job, element, contours -> {
            List<Contour> result = new ArrayList<>(contours);
            Contour old = numbered(contours, contour, "outline.noContour");
            result.remove(contour);
            result.addAll(contour, change.apply(old, back));
            if (result.isEmpty()) {
                throw Refusal.of("outline.nothingLeft", Targets.display(s));
            }
            return result;
        });
    }

    /** A shape whose points may be edited.
     *
     * @throws Refusal where there is none */
    static ShapeElement shape(Job job, ElementId element) {
        Targets.unlocked(job, List.of(element));
        Element e = job.located(element).element();
        if (!(e instanceof ShapeElement s)) {
            throw Refusal.of("outline.noShape", Targets.display(e));
        }
        boolean follows = e.traits()
                .link()
                .filter(l -> l instanceof Link.Around || l instanceof Link.Union)
                .isPresent();
        if (follows) {
            throw Refusal.of("outline.follows", Targets.display(e));
        }
        return s;
    }

    /** How many points a contour has: one more than segments where it is open. */
    static int points(Contour c) {
        return c.segments().size() + (c.closed() ? 0 : 1);
    }

    static Point point(Contour c, int number) {
        checkPoint(c, number);
        return number < c.segments().size()
                ? c.segments().get(number).start()
                : c.segments().getLast().end();
    }

    static void checkPoint(Contour c, int number) {
        if (number < 0 || number >= points(c)) {
            throw Refusal.of("outline.noPoint", number, points(c) - 1);
        }
    }

    static void checkSegment(Contour c, int number) {
        numbered(c.segments(), number, "outline.noSegment");
    }

    private static <T> T numbered(List<T> list, int number, String key) {
        if (number < 0 || number >= list.size()) {
            throw Refusal.of(key, number, list.size() - 1);
        }
        return list.get(number);
    }
}
