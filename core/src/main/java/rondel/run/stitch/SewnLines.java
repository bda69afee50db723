package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

/** Where thread lies on the cloth: a line from each jump or cut to the next. */
final class SewnLines {

    private SewnLines() {}

    /** @return the lines in mm; empty where nothing is sewn from one place to another */
    static Geometry of(List<Stitch> stitches) {
        GeometryFactory factory = new GeometryFactory();
        List<LineString> lines = new ArrayList<>();
        List<Coordinate> line = new ArrayList<>();
        for (Stitch s : stitches) {
            if (s.move() != Stitch.Move.SEW) {
                end(line, lines, factory);
            }
            line.add(new Coordinate(s.at().x(), s.at().y()));
        }
        end(line, lines, factory);
        return factory.createMultiLineString(lines.toArray(LineString[]::new));
    }

    private static void end(List<Coordinate> line, List<LineString> lines, GeometryFactory factory) {
        if (line.size() > 1) {
            lines.add(factory.createLineString(line.toArray(Coordinate[]::new)));
        }
        line.clear();
    }
}
