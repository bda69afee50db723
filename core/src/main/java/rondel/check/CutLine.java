package rondel.check;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import rondel.geometry.Outline;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.ShapeElement;
import rondel.job.TextElement;

/** One contour that is to be cut, on the sheet.
 *
 * @param line it flattened, in mm */
public record CutLine(Checked.Placed of, Contour contour, LineString line) {

    private static final double TOLERANCE = 0.01;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    static List<CutLine> of(Checked.Placed placed) {
        Outline outline =
                switch (placed.element()) {
                    case ShapeElement s -> s.outline();
                    case TextElement t -> t.outline();
                    default -> Outline.EMPTY;
                };
        return Contour.of(outline.transformed(placed.toSheet())).stream()
                .map(c -> new CutLine(placed, c, flat(c)))
                .toList();
    }

    private static LineString flat(Contour contour) {
        List<Coordinate> points = new ArrayList<>();
        for (Bezier b : contour.segments()) {
            int steps = b.steps(TOLERANCE);
            for (int i = 0; i < steps; i++) {
                points.add(new Coordinate(b.coordinate(0, (double) i / steps), b.coordinate(1, (double) i / steps)));
            }
        }
        Bezier last = contour.segments().getLast();
        points.add(contour.closed() ? points.getFirst().copy() : new Coordinate(last.endX(), last.endY()));
        return FACTORY.createLineString(points.toArray(Coordinate[]::new));
    }

    /** Whether it ends where it began. */
    public boolean isClosed() {
        return contour.closed()
                || contour.segments()
                                .getFirst()
                                .start()
                                .distanceTo(contour.segments().getLast().end())
                        < 1e-3;
    }

    /** Whether another runs along the same line, either way. */
    public boolean doubles(CutLine other) {
        return line.getEnvelopeInternal().equals(other.line.getEnvelopeInternal()) && line.equalsNorm(other.line)
                || near(line.getLength(), other.line.getLength())
                        && near(
                                line.getEnvelopeInternal().getMinX(),
                                other.line.getEnvelopeInternal().getMinX())
                        && near(
                                line.getEnvelopeInternal().getMinY(),
                                other.line.getEnvelopeInternal().getMinY())
                        && near(
                                line.getEnvelopeInternal().getMaxX(),
                                other.line.getEnvelopeInternal().getMaxX())
                        && near(
                                line.getEnvelopeInternal().getMaxY(),
                                other.line.getEnvelopeInternal().getMaxY())
                        && near(Math.abs(contour.area()), Math.abs(other.contour.area()));
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) < 1e-2;
    }
}
