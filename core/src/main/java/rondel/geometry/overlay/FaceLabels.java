package rondel.geometry.overlay;

import java.util.Arrays;
import java.util.List;
import java.util.function.ToIntFunction;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.hprtree.HPRtree;
import rondel.geometry.FillRule;
import rondel.progress.Cancellation;

/** Gives each face of an arrangement a number that is told by the operands it lies in. Windings are carried from face to
 *  face across edges; for each connected part they are counted once along a ray to the left. */
final class FaceLabels {

    private final Arrangement plane;
    private final Sources segments;
    private final Inside inside;
    private final ToIntFunction<Inside> label;
    private final int[] labels;

    private FaceLabels(Arrangement plane, Sources segments, FillRule[] rules, ToIntFunction<Inside> label) {
        this.plane = plane;
        this.segments = segments;
        this.inside = new Inside(rules);
        this.label = label;
        this.labels = new int[plane.faceCount()];
        Arrays.fill(labels, -1);
    }

    /** @param label a number from 0 for a face by what it lies in
     *  @return the number of each face */
    static int[] of(Arrangement plane, Sources segments, FillRule[] rules, ToIntFunction<Inside> label) {
        FaceLabels all = new FaceLabels(plane, segments, rules, label);
        HPRtree edges = plane.parts() > 1 ? plane.edgesByBox() : null;
        for (int part = 0; part < plane.parts(); part++) {
            Cancellation.check();
            if (edges != null) {
                all.ray(part, edges, 1);
            }
            all.walk(plane.around(part));
            if (edges != null) {
                all.ray(part, edges, -1);
            }
        }
        return all.labels;
    }

    /** Counts what the ray to the left crosses of the other parts, and goes round it so often. */
    @SuppressWarnings("unchecked")
    private void ray(int part, HPRtree edges, int times) {
        Coordinate p = plane.placeOf(part);
        List<Integer> near = edges.query(new Envelope(-1e300, p.x, p.y, p.y));
        for (int e : near) {
            if (plane.partOf(e) != part) {
                int crossings = crossings(plane.lines[e], p);
                if (crossings != 0) {
                    turn(plane.sources[e], crossings * times);
                }
            }
        }
    }

    /** Downward less upward crossings of a line with the ray from a place to the left. */
    private static int crossings(Coordinate[] line, Coordinate p) {
        int crossings = 0;
        for (int i = 1; i < line.length; i++) {
            Coordinate a = line[i - 1];
            Coordinate b = line[i];
            boolean up = a.y <= p.y && b.y > p.y;
            boolean down = a.y > p.y && b.y <= p.y;
            if ((up || down) && a.x + (p.y - a.y) / (b.y - a.y) * (b.x - a.x) < p.x) {
                crossings += down ? 1 : -1;
            }
        }
        return crossings;
    }

    private void turn(int[] sources, int by) {
        for (int s : sources) {
            inside.turn(segments.operand(s >> 1), (s & 1) == 0 ? by : -by);
        }
    }

    /** Goes from the face at the left of a half-edge to the one at its right. */
    private void cross(int h) {
        turn(plane.sources[h >> 1], (h & 1) == 0 ? -1 : 1);
    }

    /** Visits every face of a connected part, depth first; what was crossed on the way in is crossed back on the way out. */
    private void walk(int start) {
        int[] cursor = new int[64];
        int[] entry = new int[64];
        int depth = 0;
        cursor[0] = plane.halfEdgeOf(start);
        entry[0] = -1;
        labels[start] = label.applyAsInt(inside);
        while (depth >= 0) {
            int h = cursor[depth];
            if (h < 0) {
                if (entry[depth] >= 0) {
                    cross(entry[depth] ^ 1);
                }
                depth--;
                continue;
            }
            int after = plane.next(h);
            cursor[depth] = after == plane.halfEdgeOf(plane.face(h)) ? -1 : after;
            int beyond = plane.face(h ^ 1);
            if (labels[beyond] < 0) {
                cross(h);
                labels[beyond] = label.applyAsInt(inside);
                depth++;
                if (depth == cursor.length) {
                    cursor = Arrays.copyOf(cursor, 2 * depth);
                    entry = Arrays.copyOf(entry, 2 * depth);
                }
                cursor[depth] = plane.halfEdgeOf(beyond);
                entry[depth] = h;
            }
        }
    }
}
