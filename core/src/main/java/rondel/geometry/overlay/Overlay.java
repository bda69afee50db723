package rondel.geometry.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;
import org.locationtech.jts.geom.PrecisionModel;
import rondel.geometry.Crossings;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.progress.Cancellation;
import rondel.words.Refusal;

/**
 * Filled outlines laid over each other, and what they make together. Outlines are flattened and snap-rounded into an
 * arrangement of the plane, where each face knows which operands it lies in (non-zero or even-odd); the boundaries of what is
 * wanted are then made of the very curves they came from, cut where they cross.
 *
 * <p>Contours of results are closed and do not cross; what they enclose is the same by both fill rules. Holes run the other
 * way. What is thinner than {@link #TOLERANCE} may be lost or gained.
 */
public final class Overlay {

    /** How far chords may lie from curves while faces are told apart, in mm. */
    public static final double TOLERANCE = 5e-4;

    static final double GRID = 1e-6;

    private final Sources segments;
    private final Arrangement plane;
    private final FillRule[] rules;

    /** Crossings that an arrangement may have: each becomes a node, and some hundred bytes. */
    private static final double MOST_CROSSINGS = 4e6;

    private Overlay(List<Operand> operands) {
        Outline all = Outline.joined(operands.stream().map(Operand::outline).toList());
        if (Crossings.estimate(all) > MOST_CROSSINGS) {
            throw Refusal.of("overlay.tooMany");
        }
        PrecisionModel grid = new PrecisionModel(1 / GRID);
        segments = new Sources(operands, TOLERANCE, grid);
        plane = new Arrangement(segments, grid);
        rules = operands.stream().map(Operand::rule).toArray(FillRule[]::new);
    }

    /** One outline whose contours don't cross, covering what another covers by the non-zero rule; an empty one for an empty one. */
    public static Outline united(Outline outline) {
        return outline.isEmpty()
                ? outline
                : of(List.of(new Operand(outline, FillRule.NON_ZERO))).unite();
    }

    /** @throws Refusal if they cross each other millions of times */
    public static Overlay of(List<Operand> operands) {
        return new Overlay(operands);
    }

    /** What lies in any of the operands. */
    public Outline unite() {
        return outline(i -> i.count() > 0 ? 1 : 0);
    }

    /** What lies in all of them. */
    public Outline intersect() {
        return outline(i -> i.count() == rules.length ? 1 : 0);
    }

    /** What lies in the first and in none of the others. */
    public Outline subtract() {
        return outline(i -> i.in(0) && i.count() == 1 ? 1 : 0);
    }

    /** What lies in an odd number of them. */
    public Outline exclude() {
        return outline(i -> i.count() & 1);
    }

    private Outline outline(ToIntFunction<Inside> label) {
        return outlines(label).getOrDefault(1, Outline.EMPTY);
    }

    /** For each operand that can be seen when later ones cover earlier ones, what of it can be seen. */
    public Map<Integer, Outline> uncovered() {
        Map<Integer, Outline> seen = new HashMap<>();
        outlines(i -> i.last() + 1).forEach((label, outline) -> seen.put(label - 1, outline));
        return seen;
    }

    /** A part of the plane that lies in the same operands throughout. */
    public record Part(BitSet operands, Outline outline) {}

    /** Every part that the operands cut each other into, each in one piece. */
    public List<Part> divide() {
        Map<BitSet, Integer> labels = new HashMap<>();
        labels.put(new BitSet(), 0);
        Map<Integer, Outline> outlines = outlines(i -> {
            BitSet in = i.all();
            Integer label = labels.putIfAbsent(in, labels.size());
            return label == null ? labels.size() - 1 : label;
        });
        List<Part> parts = new ArrayList<>();
        labels.forEach((in, label) -> {
            if (label > 0 && outlines.containsKey(label)) {
                Regions.of(outlines.get(label)).forEach(o -> parts.add(new Part(in, o)));
            }
        });
        return parts;
    }

    /** For each label above 0 that faces have, the outline around them. */
    private Map<Integer, Outline> outlines(ToIntFunction<Inside> label) {
        int[] labels = FaceLabels.of(plane, segments, rules, label);
        Map<Integer, List<Contour>> contours = new HashMap<>();
        Rebuilding rebuilding = new Rebuilding(plane, segments, TOLERANCE);
        boolean[] done = new boolean[2 * plane.edgeCount()];
        int[] ring = new int[64];
        for (int h = 0; h < done.length; h++) {
            int own = labels[plane.face(h)];
            if (done[h] || own == 0 || own == labels[plane.face(h ^ 1)]) {
                continue;
            }
            int count = 0;
            int at = h;
            do {
                if (count == ring.length) {
                    ring = Arrays.copyOf(ring, 2 * count);
                }
                ring[count++] = at;
                done[at] = true;
                at = after(at, own, labels);
            } while (at != h);
            if ((count & 1023) == 0) {
                Cancellation.check();
            }
            rebuilding.contour(ring, count).ifPresent(c -> contours.computeIfAbsent(own, l -> new ArrayList<>())
                    .add(c));
        }
        Map<Integer, Outline> outlines = new HashMap<>();
        contours.forEach((l, list) -> outlines.put(l, Contour.outline(list)));
        return outlines;
    }

    /** The boundary half-edge after one, round the same side of every node. */
    private int after(int h, int own, int[] labels) {
        int at = plane.next(h);
        while (labels[plane.face(at ^ 1)] == own) {
            at = plane.next(at ^ 1);
        }
        return at;
    }
}
