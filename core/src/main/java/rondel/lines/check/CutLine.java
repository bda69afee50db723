package rondel.lines.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.PointOnGeometryLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateList;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import rondel.geometry.Crossings;
import rondel.geometry.Outline;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.geometry.curve.Retraced;
import rondel.job.ShapeElement;
import rondel.job.TextElement;
import rondel.lines.join.JoinTuning;

/** One contour that is to be cut, on the sheet.
 *
 * @param line it flattened, in mm */
public record CutLine(Checked.Placed of, Contour contour, LineString line) {

    private static final double TOLERANCE = 0.01;

    /** Lines that are no farther from each other touch, in mm. */
    private static final double TOUCHES = 1e-4;

    /** Lines that are no farther from each other are one to a blade, in mm. */
    private static final double SAME = 0.01;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** A line that crosses itself more often is not looked at. */
    private static final double MOST_CROSSINGS = 4e6;

    /** Whether an element crosses itself so often that its lines are left out. */
    public static boolean isTooMuch(Checked.Placed placed) {
        return Crossings.estimate(outline(placed)) > MOST_CROSSINGS;
    }

    private static Outline outline(Checked.Placed placed) {
        return switch (placed.element()) {
            case ShapeElement s -> s.outline();
            case TextElement t -> t.outline();
            default -> Outline.EMPTY;
        };
    }

    static List<CutLine> of(Checked.Placed placed) {
        Outline outline = isTooMuch(placed) ? Outline.EMPTY : outline(placed);
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

    /** Whether it passes from one side of another to the other; meeting it or lying along it is not enough. */
    public boolean crosses(CutLine other) {
        if (!other.isClosed() && isClosed()) {
            return other.crosses(this);
        }
        return other.isClosed() ? liesOnBothSidesOf(other) : meetsAmid(other);
    }

    private boolean liesOnBothSidesOf(CutLine around) {
        PointOnGeometryLocator inside = new IndexedPointInAreaLocator(FACTORY.createLinearRing(closed(around.line)));
        Set<Boolean> sides = new HashSet<>();
        for (LineString part : parts(OverlayNGRobust.overlay(line, around.line, OverlayNG.DIFFERENCE))) {
            Coordinate middle = new LengthIndexedLine(part).extractPoint(part.getLength() / 2);
            if (around.line.distance(FACTORY.createPoint(middle)) > TOUCHES) {
                sides.add(inside.locate(middle) == Location.INTERIOR);
            }
        }
        return sides.size() == 2;
    }

    private static Coordinate[] closed(LineString line) {
        CoordinateList points = new CoordinateList(line.getCoordinates(), true);
        points.closeRing();
        return points.toCoordinateArray();
    }

    /** Whether both are open and meet where they end.
     *
     * @param distance from this one */
    public boolean goesOnIn(CutLine other, IndexedFacetDistance distance) {
        if (isClosed() || other.isClosed()) {
            return false;
        }
        Coordinate[] nearest = distance.nearestPoints(other.line);
        return nearest[0].distance(nearest[1]) <= JoinTuning.TOLERANCE
                && endsAt(nearest[0])
                && other.endsAt(nearest[1]);
    }

    private boolean endsAt(Coordinate place) {
        return Stream.of(line.getStartPoint(), line.getEndPoint())
                .anyMatch(end -> end.getCoordinate().distance(place) < TOUCHES);
    }

    /** Whether both go on where they meet. */
    private boolean meetsAmid(CutLine other) {
        for (Coordinate c : OverlayNGRobust.overlay(line, other.line, OverlayNG.INTERSECTION)
                .getCoordinates()) {
            if (!endsAt(c) && !other.endsAt(c)) {
                return true;
            }
        }
        return false;
    }

    /** None of a line that lies all along another. */
    @SuppressWarnings("unchecked")
    private static List<LineString> parts(Geometry lines) {
        return lines.isEmpty() ? List.of() : LinearComponentExtracter.getLines(lines);
    }

    /** Whether another runs along the same line, either way. */
    public boolean doubles(CutLine other) {
        return Math.abs(line.getLength() - other.line.getLength()) < SAME
                && Retraced.alike(line.getEnvelopeInternal(), other.line.getEnvelopeInternal(), SAME)
                && Retraced.along(line, other.line, SAME + 2 * TOLERANCE);
    }
}
