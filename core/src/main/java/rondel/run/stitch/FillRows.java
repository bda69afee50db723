package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/** The rows of a fill: where level lines at even distances lie inside a polygon (scan conversion by the even-odd rule), and which stretches of
 *  neighbouring rows meet. */
final class FillRows {

    /** Shorter stretches would be no stitch. */
    private static final double LEAST = 0.2;

    private final List<List<RowSegment>> rows = new ArrayList<>();

    /** @param polygon turned so that rows lie level
     *  @param spacing from row to row, in mm */
    FillRows(Polygon polygon, double spacing) {
        double top = polygon.getEnvelopeInternal().getMinY();
        double tall = polygon.getEnvelopeInternal().getHeight();
        int count = (int) Math.max(1, Math.round(tall / spacing));
        double step = tall / count;
        for (int i = 0; i < count; i++) {
            rows.add(row(polygon, i, top + (i + 0.5) * step));
        }
        for (int i = 1; i < count; i++) {
            for (RowSegment above : rows.get(i - 1)) {
                for (RowSegment below : rows.get(i)) {
                    if (above.meets(below)) {
                        above.beside().add(below);
                        below.beside().add(above);
                    }
                }
            }
        }
    }

    private static List<RowSegment> row(Polygon polygon, int number, double y) {
        List<Double> found = new ArrayList<>();
        crossings(polygon.getExteriorRing(), y, found);
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            crossings(polygon.getInteriorRingN(i), y, found);
        }
        double[] x = found.stream().mapToDouble(d -> d).sorted().toArray();
        List<RowSegment> segments = new ArrayList<>();
        for (int i = 0; i + 1 < x.length; i += 2) {
            if (x[i + 1] - x[i] >= LEAST) {
                segments.add(new RowSegment(number, y, x[i], x[i + 1]));
            }
        }
        return segments;
    }

    private static void crossings(LineString ring, double y, List<Double> found) {
        Coordinate[] c = ring.getCoordinates();
        for (int i = 1; i < c.length; i++) {
            boolean crosses = c[i - 1].y <= y && y < c[i].y || c[i].y <= y && y < c[i - 1].y;
            if (crosses) {
                found.add(c[i - 1].x + (y - c[i - 1].y) / (c[i].y - c[i - 1].y) * (c[i].x - c[i - 1].x));
            }
        }
    }

    List<RowSegment> all() {
        return rows.stream().flatMap(List::stream).toList();
    }

    /** Stretches that follow each other row by row without parting or joining: what can be sewn to and fro in one go, from the top. */
    List<List<RowSegment>> sections() {
        List<List<RowSegment>> sections = new ArrayList<>();
        java.util.Map<RowSegment, List<RowSegment>> open = new java.util.HashMap<>();
        for (List<RowSegment> row : rows) {
            for (RowSegment s : row) {
                List<RowSegment> above =
                        s.beside().stream().filter(o -> o.row() < s.row()).toList();
                boolean goesOn = above.size() == 1
                        && above.getFirst().beside().stream()
                                        .filter(o -> o.row() > above.getFirst().row())
                                        .count()
                                == 1;
                List<RowSegment> section = goesOn ? open.get(above.getFirst()) : null;
                if (section == null) {
                    section = new ArrayList<>();
                    sections.add(section);
                }
                section.add(s);
                open.put(s, section);
            }
        }
        return sections;
    }

    /** The stretch that is nearest to a place. */
    RowSegment nearest(double x, double y) {
        return all().stream()
                .min(java.util.Comparator.comparingDouble(s -> Math.hypot(s.within(x) - x, s.y() - y)))
                .orElseThrow();
    }

    boolean isEmpty() {
        return rows.stream().allMatch(List::isEmpty);
    }
}
