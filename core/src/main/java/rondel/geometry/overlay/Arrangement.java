package rondel.geometry.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.Quadrant;
import org.locationtech.jts.index.hprtree.HPRtree;
import rondel.progress.Cancellation;

/** The plane as the segments of all operands cut it: nodes, edges between them, and the faces that the edges bound. Edges
 *  are noded by snap rounding (Hobby 1999; Goodrich et al. 1997) as JTS does it, so that they meet at nodes alone; edges
 *  that coincide are one edge of several sources. A half-edge runs along an edge one way, with a face at its left. */
final class Arrangement {

    /** Vertices of each edge, from its first node to its second. */
    final Coordinate[][] lines;
    /** For each edge, its sources: twice their number, plus one for a source that runs the other way. */
    final int[][] sources;
    /** For each edge and source, the source's t at the edge's first and at its last vertex. */
    final double[][] parameters;

    private final int[] from;
    private final int[] to;
    private final int[] next;
    private final int[] face;
    private final int[] firstOfFace;
    private final int[] component;
    private final int[] outerOfComponent;

    Arrangement(Sources all, PrecisionModel grid) {
        NodedEdges edges = NodedEdges.of(all, grid);
        Cancellation.check();
        lines = edges.lines();
        sources = edges.sources();
        parameters = edges.parameters();
        from = new int[lines.length];
        to = new int[lines.length];
        Map<Coordinate, Integer> nodes = new HashMap<>(lines.length * 2);
        List<Coordinate> places = new ArrayList<>();
        for (int e = 0; e < lines.length; e++) {
            from[e] = node(lines[e][0], nodes, places);
            to[e] = node(lines[e][lines[e].length - 1], nodes, places);
        }
        next = new int[2 * lines.length];
        int[][] leaving = leaving(places.size());
        link(leaving);
        face = new int[2 * lines.length];
        firstOfFace = faces();
        component = components(places.size());
        outerOfComponent = outer(Arrays.stream(component).max().orElse(-1) + 1);
        Cancellation.check();
    }

    private static int node(Coordinate place, Map<Coordinate, Integer> nodes, List<Coordinate> places) {
        Integer known = nodes.putIfAbsent(place, places.size());
        if (known != null) {
            return known;
        }
        places.add(place);
        return places.size() - 1;
    }

    /** For each node, the half-edges that leave it, counter-clockwise. */
    private int[][] leaving(int nodes) {
        int[] degree = new int[nodes];
        for (int e = 0; e < lines.length; e++) {
            degree[from[e]]++;
            degree[to[e]]++;
        }
        int[][] around = new int[nodes][];
        for (int n = 0; n < nodes; n++) {
            around[n] = new int[degree[n]];
        }
        for (int e = 0; e < lines.length; e++) {
            around[from[e]][--degree[from[e]]] = 2 * e;
            around[to[e]][--degree[to[e]]] = 2 * e + 1;
        }
        for (int[] leaving : around) {
            sortByAngle(leaving);
        }
        return around;
    }

    private void sortByAngle(int[] leaving) {
        for (int i = 1; i < leaving.length; i++) {
            int h = leaving[i];
            int j = i - 1;
            while (j >= 0 && compareAngles(leaving[j], h) > 0) {
                leaving[j + 1] = leaving[j];
                j--;
            }
            leaving[j + 1] = h;
        }
    }

    private int compareAngles(int a, int b) {
        Coordinate node = start(a);
        Coordinate p = second(a);
        Coordinate q = second(b);
        int pq = Quadrant.quadrant(p.x - node.x, p.y - node.y);
        int qq = Quadrant.quadrant(q.x - node.x, q.y - node.y);
        return pq != qq ? Integer.compare(pq, qq) : Orientation.index(node, q, p);
    }

    private Coordinate start(int h) {
        Coordinate[] line = lines[h >> 1];
        return (h & 1) == 0 ? line[0] : line[line.length - 1];
    }

    private Coordinate second(int h) {
        Coordinate[] line = lines[h >> 1];
        return (h & 1) == 0 ? line[1] : line[line.length - 2];
    }

    /** The half-edge after each one round the face at its left: at its end the one just clockwise of the way back. */
    private void link(int[][] around) {
        for (int[] leaving : around) {
            for (int i = 0; i < leaving.length; i++) {
                next[leaving[i] ^ 1] = leaving[(i + leaving.length - 1) % leaving.length];
            }
        }
    }

    private int[] faces() {
        Arrays.fill(face, -1);
        int[] first = new int[16];
        int count = 0;
        for (int h = 0; h < next.length; h++) {
            if (face[h] < 0) {
                if (count == first.length) {
                    first = Arrays.copyOf(first, 2 * count);
                }
                first[count] = h;
                for (int at = h; face[at] < 0; at = next[at]) {
                    face[at] = count;
                }
                count++;
            }
        }
        return Arrays.copyOf(first, count);
    }

    /** For each node, the number of the connected part it belongs to. */
    private int[] components(int nodes) {
        int[] root = new int[nodes];
        Arrays.setAll(root, n -> n);
        for (int e = 0; e < lines.length; e++) {
            root[find(root, from[e])] = find(root, to[e]);
        }
        int[] number = new int[nodes];
        Arrays.fill(number, -1);
        int[] result = new int[nodes];
        int count = 0;
        for (int n = 0; n < nodes; n++) {
            int r = find(root, n);
            if (number[r] < 0) {
                number[r] = count++;
            }
            result[n] = number[r];
        }
        return result;
    }

    private static int find(int[] root, int n) {
        int at = n;
        while (root[at] != at) {
            root[at] = root[root[at]];
            at = root[at];
        }
        return at;
    }

    /** For each connected part, the face around it: the one that its half-edges go round the other way, so that its area is
     *  the least. */
    private int[] outer(int count) {
        double[] areas = new double[firstOfFace.length];
        for (int h = 0; h < next.length; h++) {
            areas[face[h]] += area(h);
        }
        int[] outer = new int[count];
        Arrays.fill(outer, -1);
        for (int f = 0; f < areas.length; f++) {
            int c = component[from[firstOfFace[f] >> 1]];
            if (outer[c] < 0 || areas[f] < areas[outer[c]]) {
                outer[c] = f;
            }
        }
        return outer;
    }

    private double area(int h) {
        Coordinate[] line = lines[h >> 1];
        double area = 0;
        for (int i = 1; i < line.length; i++) {
            area += line[i - 1].x * line[i].y - line[i].x * line[i - 1].y;
        }
        return (h & 1) == 0 ? area : -area;
    }

    int faceCount() {
        return firstOfFace.length;
    }

    int edgeCount() {
        return lines.length;
    }

    int parts() {
        return outerOfComponent.length;
    }

    /** The face at the left of a half-edge. */
    int face(int h) {
        return face[h];
    }

    int next(int h) {
        return next[h];
    }

    /** A half-edge with the face at its left. */
    int halfEdgeOf(int someFace) {
        return firstOfFace[someFace];
    }

    /** The face around a connected part. */
    int around(int part) {
        return outerOfComponent[part];
    }

    int partOf(int edge) {
        return component[from[edge]];
    }

    /** Any place of a connected part. */
    Coordinate placeOf(int part) {
        return start(firstOfFace[outerOfComponent[part]]);
    }

    /** An index of edges by their boxes. */
    HPRtree edgesByBox() {
        HPRtree tree = new HPRtree();
        for (int e = 0; e < lines.length; e++) {
            Envelope box = new Envelope();
            for (Coordinate p : lines[e]) {
                box.expandToInclude(p);
            }
            tree.insert(box, e);
        }
        tree.build();
        return tree;
    }
}
