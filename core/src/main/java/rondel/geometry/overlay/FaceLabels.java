package rondel.geometry.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToIntFunction;
import rondel.geometry.FillRule;
import rondel.progress.Cancellation;

/** Gives each face of an arrangement a number that is told by the operands it lies in. Windings are carried from face to
 *  face across edges, and handed on to the parts that lie in a face. */
final class FaceLabels {

    private final Arrangement plane;
    private final Sources segments;
    private final Inside inside;
    private final ToIntFunction<Inside> label;
    private final int[] labels;
    private final Containment containment;
    private int[] cursor = new int[64];
    private int[] entry = new int[64];

    private FaceLabels(Arrangement plane, Sources segments, FillRule[] rules, ToIntFunction<Inside> label) {
        this.plane = plane;
        this.segments = segments;
        this.inside = new Inside(rules);
        this.label = label;
        this.containment = Containment.of(plane);
        this.labels = new int[plane.faceCount()];
        Arrays.fill(labels, -1);
    }

    /** @param label a number from 0 for a face by what it lies in
     *  @return the number of each face */
    static int[] of(Arrangement plane, Sources segments, FillRule[] rules, ToIntFunction<Inside> label) {
        FaceLabels all = new FaceLabels(plane, segments, rules, label);
        for (int part : all.containment.free()) {
            Cancellation.check();
            all.walk(plane.around(part));
        }
        return all.labels;
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

    /** Visits every face of a connected part and of those that lie in its faces, depth first; what was crossed on the way in is
     *  crossed back on the way out. */
    private void walk(int start) {
        int depth = enter(start, -1, 0);
        while (depth > 0) {
            int h = cursor[depth - 1];
            if (h < 0) {
                if (entry[depth - 1] >= 0) {
                    cross(entry[depth - 1] ^ 1);
                }
                depth--;
                continue;
            }
            int after = plane.next(h);
            cursor[depth - 1] = after == plane.halfEdgeOf(plane.face(h)) ? -1 : after;
            int beyond = plane.face(h ^ 1);
            if (labels[beyond] < 0) {
                cross(h);
                depth = enter(beyond, h, depth);
            }
        }
    }

    /** Labels a face, and puts it on the stack with the parts that lie in it: around those nothing else is crossed.
     *
     * @param by the half-edge that was crossed; -1 for none
     * @return how deep the stack is then */
    private int enter(int face, int by, int depth) {
        labels[face] = label.applyAsInt(inside);
        int top = push(face, by, depth);
        List<Integer> around = List.of(face);
        while (!around.isEmpty()) {
            List<Integer> inner = new ArrayList<>();
            for (int f : around) {
                for (int part : containment.within(f)) {
                    int outer = plane.around(part);
                    labels[outer] = labels[face];
                    top = push(outer, -1, top);
                    inner.add(outer);
                }
            }
            around = inner;
        }
        return top;
    }

    private int push(int face, int by, int depth) {
        if (depth == cursor.length) {
            cursor = Arrays.copyOf(cursor, 2 * depth);
            entry = Arrays.copyOf(entry, 2 * depth);
        }
        cursor[depth] = plane.halfEdgeOf(face);
        entry[depth] = by;
        return depth + 1;
    }
}
