package rondel.run.stitch;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Point;
import rondel.job.StitchSettings.Underlay;

/** A narrow shape in satin: out along each middle line as a run that holds the cloth, and back over it from side to side, branch by branch, so that one
 *  thread does all of it and what leads from part to part is covered. */
final class SatinShape {

    /** Wider stitches would be loose, in mm. */
    static final double WIDEST = 7;

    /** Where satin is asked for it may be wider, in mm: its stitches are split then. */
    static final double WIDEST_SPLIT = 14;

    /** From which width on satin covers a run along its edges, in mm. */
    private static final double COVERS_EDGES = 3;

    /** Narrower shapes are lines. */
    static final double NARROWEST = 0.5;

    private static final double UNDER = 1.8;

    private final MedialAxis axis;
    private final SatinColumn column;
    private final List<Underlay> underlay;
    private final Set<MedialAxis.Node> seen = new HashSet<>();
    private final List<Point> places = new ArrayList<>();

    private SatinShape(MedialAxis axis, SatinColumn column, List<Underlay> underlay) {
        this.axis = axis;
        this.column = column;
        this.underlay = underlay;
    }

    /** Whether a shape is narrow enough all along, and long for its width. */
    static boolean suits(MedialAxis axis, double widest) {
        return !axis.nodes().isEmpty()
                && axis.widest() <= widest
                && axis.usualWidth() >= NARROWEST
                && axis.length() > 1.2 * axis.widest();
    }

    /** @param underlay what is sewn beside the run along the middle, on which the thread gets to the end of each branch
     *  @return where the needle goes down, in one thread */
    static List<Point> over(MedialAxis axis, SatinColumn column, List<Underlay> underlay, Optional<Point> from) {
        SatinShape shape = new SatinShape(axis, column, underlay);
        shape.sew(from);
        return shape.places;
    }

    private void sew(Optional<Point> from) {
        MedialAxis.Node start = axis.nodes().stream()
                .filter(n -> n.beside().size() != 2)
                .min(java.util.Comparator.<MedialAxis.Node>comparingDouble(
                                n -> from.map(p -> p.distanceTo(n.at())).orElse(n.at().x() + n.at().y()))
                        .thenComparing(n -> n.at().x()))
                .orElseGet(() -> axis.nodes().stream()
                        .min(java.util.Comparator.comparingDouble(n -> n.at().x() + n.at().y()))
                        .orElseThrow());
        from(start);
    }

    private void from(MedialAxis.Node node) {
        seen.add(node);
        for (MedialAxis.Node next : List.copyOf(node.beside())) {
            if (seen.contains(next)) {
                continue;
            }
            List<MedialAxis.Node> branch = MedialAxis.branch(node, next);
            MedialAxis.Node end = branch.getLast();
            boolean met = seen.contains(end) && end != node;
            branch.forEach(seen::add);
            if (direct()) {
                underlay(branch);
                column.along(branch, node.beside().size() == 1, end.beside().size() == 1)
                        .forEach(this::down);
                continue;
            }
            run(branch);
            if (!met && end != node) {
                from(end);
            }
            boolean beginsInTip = end.beside().size() == 1;
            boolean endsInTip = node.beside().size() == 1;
            underlay(branch.reversed());
            column.along(branch.reversed(), beginsInTip, endsInTip).forEach(this::down);
        }
    }

    /** Whether it is sewn from one end to the other at once: where no run under its middle is wanted, and no branch has to be come to by one. */
    private boolean direct() {
        return !underlay.contains(Underlay.CENTRE)
                && axis.nodes().stream().allMatch(n -> n.beside().size() <= 2);
    }

    /** What lies under a branch, there and back. */
    private void underlay(List<MedialAxis.Node> branch) {
        double width =
                2 * branch.stream().mapToDouble(MedialAxis.Node::radius).max().orElse(0);
        if (underlay.contains(Underlay.EDGE) && width >= COVERS_EDGES) {
            column.edge(branch, 0).forEach(this::down);
            column.edge(branch, 1).reversed().forEach(this::down);
        }
        if (underlay.contains(Underlay.ZIGZAG)) {
            column.zigzag(branch).forEach(this::down);
            run(branch.reversed());
        }
    }

    private void run(List<MedialAxis.Node> branch) {
        Polyline line = new Polyline(branch.stream().map(MedialAxis.Node::at).toList());
        int parts = (int) Math.max(1, Math.ceil(line.length() / UNDER));
        line.parted(parts).forEach(this::down);
    }

    private void down(Point p) {
        if (!places.isEmpty() && places.getLast().distanceTo(p) > WIDEST) {
            // Over to the other side of what is wide, under what comes.
            Point from = places.getLast();
            int parts = (int) Math.ceil(from.distanceTo(p) / UNDER);
            places.addAll(new Polyline(List.of(from, p)).parted(parts).subList(1, parts));
        }
        if (places.isEmpty() || places.getLast().distanceTo(p) >= RunningStitch.SHORTEST - 1e-9) {
            places.add(p);
        }
    }
}
