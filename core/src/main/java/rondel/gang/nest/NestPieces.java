package rondel.gang.nest;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import rondel.job.NestSettings;
import rondel.job.Stock;

/** Pieces as the search sees them: grown by half the gutter, so that grown pieces that touch are the gutter apart, and simplified outwards by
 *  no more than a slack. */
final class NestPieces {

    private static final int QUARTER_STEPS = 8;

    /** Chords of a quarter in eight steps lie inside the circle by so much. */
    private static final double ROUNDING = 1.005;

    private NestPieces() {}

    static List<NestPiece> of(List<Geometry> shapes, NestSettings settings, Stock.Grain grain) {
        double mean = shapes.stream().mapToDouble(Geometry::getArea).average().orElse(1);
        double slack = Math.clamp(Math.sqrt(mean) * NestTuning.SLACK, NestTuning.LEAST_SLACK, NestTuning.MOST_SLACK);
        List<Double> turns = turns(settings, grain);
        Map<Geometry, NestPiece> known = new IdentityHashMap<>();
        List<NestPiece> pieces = new ArrayList<>();
        for (Geometry shape : shapes) {
            NestPiece piece = known.get(shape);
            if (piece == null) {
                piece = NestPiece.of(NestShape.of(grown(shape, settings, slack)), turns);
                known.put(shape, piece);
            }
            pieces.add(piece);
        }
        return pieces;
    }

    /** Contains all within half the gutter of the shape, and reaches no more than twice the slack beyond. */
    static Geometry grown(Geometry shape, NestSettings settings, double slack) {
        BufferParameters round = new BufferParameters(QUARTER_STEPS);
        Geometry out = BufferOp.bufferOp(shape, settings.gutter() / 2 * ROUNDING + slack, round);
        Geometry simple = TopologyPreservingSimplifier.simplify(out, slack * 0.9);
        return settings.holes() ? simple : filled(simple);
    }

    private static Geometry filled(Geometry g) {
        GeometryFactory factory = g.getFactory();
        Polygon[] polygons = new Polygon[g.getNumGeometries()];
        for (int i = 0; i < polygons.length; i++) {
            polygons[i] = factory.createPolygon(((Polygon) g.getGeometryN(i)).getExteriorRing());
        }
        return factory.createMultiPolygon(polygons);
    }

    /** The turns that are allowed, in degrees; none for any. Where the stock says which way its fibres run, pieces stand along them or
     *  across. */
    static List<Double> turns(NestSettings settings, Stock.Grain grain) {
        List<Double> all =
                switch (settings.turns()) {
                    case NONE -> List.of(0.0);
                    case HALF -> List.of(0.0, 180.0);
                    case QUARTER, FREE -> List.of(0.0, 90.0, 180.0, 270.0);
                };
        if (grain == Stock.Grain.NONE || settings.grain() == NestSettings.Grain.ANY) {
            return settings.turns() == NestSettings.Turns.FREE ? List.of() : all;
        }
        boolean upright = (grain == Stock.Grain.DOWN) == (settings.grain() == NestSettings.Grain.ALONG);
        double first = upright ? 0 : 90;
        return settings.turns() == NestSettings.Turns.NONE ? List.of(first) : List.of(first, first + 180);
    }
}
