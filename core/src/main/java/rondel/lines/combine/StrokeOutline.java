package rondel.lines.combine;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.Windings;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.Stroke;
import rondel.paint.Pens;

/** The area that a stroke covers, as an outline: caps, joins and dashes as SVG 2 (section 13.5) draws them. */
public final class StrokeOutline {

    /** Java 2D bends its curves as fine as it needs for pixels: for pixels of a thousandth of a mm it is asked. */
    private static final double FINE = 1000;

    private static final int TURNS = 48;
    private static final double TIGHT = 0.5;
    private static final int RIM = 24;

    /** A little smaller than the pen, so that the discs do not touch the edge of what it draws. */
    private static final double WITHIN = 0.97;

    private StrokeOutline() {}

    /** @param toSheet from the outline's space, in which the stroke's width is measured, to the sheet
     *  @return the area on the sheet, in mm */
    public static Outline of(Outline outline, Stroke stroke, Affine toSheet) {
        double scale = FINE * Math.max(1e-9, toSheet.meanScale());
        Outline large = outline.transformed(Affine.scale(scale, scale));
        Shape pen = Pens.of(stroke.scaled(scale, Affine.IDENTITY)).createStrokedShape(large.toShape(FillRule.NON_ZERO));
        Outline drawn = Outline.of(pen).transformed(toSheet.times(Affine.scale(1 / scale, 1 / scale)));
        Outline turns =
                stroke.dashes().isEmpty() ? turns(outline, WITHIN * stroke.width() / 2, pen, scale) : Outline.EMPTY;
        return turns.isEmpty()
                ? Overlay.united(drawn)
                : Overlay.of(List.of(
                                new Operand(drawn, FillRule.NON_ZERO),
                                new Operand(turns.transformed(toSheet), FillRule.NON_ZERO)))
                        .unite();
    }

    /** Discs where a curve turns more tightly than the pen is wide and Java 2D leaves holes. Dashes and ends are left alone.
     *
     * @param pen what it covers, so many times as large as the outline */
    private static Outline turns(Outline outline, double radius, Shape pen, double scale) {
        List<Point> tight = tight(outline, radius);
        if (tight.isEmpty()) {
            return Outline.EMPTY;
        }
        Windings inked = new Windings(pen, 1);
        Outline discs = Outline.EMPTY;
        for (Point at : tight) {
            if (!isCovered(at, radius, p -> inked.around(scale * p.x(), scale * p.y()) != 0)) {
                discs = discs.plus(
                        Outline.of(new Ellipse2D.Double(at.x() - radius, at.y() - radius, 2 * radius, 2 * radius)));
            }
        }
        return discs;
    }

    private static List<Point> tight(Outline outline, double radius) {
        List<Point> tight = new ArrayList<>();
        for (Contour contour : Contour.of(outline)) {
            Point start = contour.segments().getFirst().start();
            Point end = contour.segments().getLast().end();
            for (Bezier b : contour.segments()) {
                for (int i = 1; b.order() > 1 && i < TURNS; i++) {
                    Point at = b.at((double) i / TURNS);
                    boolean within = contour.closed() || at.distanceTo(start) > radius && at.distanceTo(end) > radius;
                    if (within && bend(b, (double) i / TURNS) * radius > TIGHT) {
                        tight.add(at);
                    }
                }
            }
        }
        return tight;
    }

    /** Whether the pen covers what lies around a place, judged by places near its rim and half way there. */
    private static boolean isCovered(Point at, double radius, Predicate<Point> covered) {
        for (int i = 0; i < RIM; i++) {
            double turn = 2 * Math.PI * i / RIM;
            double reach = (i % 2 == 0 ? 0.95 : 0.5) * radius;
            if (!covered.test(new Point(at.x() + reach * Math.cos(turn), at.y() + reach * Math.sin(turn)))) {
                return false;
            }
        }
        return true;
    }

    /** How much a curve turns to its length, about a place on it: from the directions a little before and after. */
    private static double bend(Bezier b, double t) {
        double step = 0.5 / TURNS;
        Point before = b.tangent(t - step);
        Point after = b.tangent(t + step);
        double turn = Math.abs(Math.atan2(
                before.x() * after.y() - before.y() * after.x(), before.x() * after.x() + before.y() * after.y()));
        return turn / Math.max(1e-9, b.at(t - step).distanceTo(b.at(t + step)));
    }
}
