package rondel.run.stitch;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Polygon;
import rondel.geometry.Point;

/** A narrow shape in satin: out along each middle line as a run that holds the cloth, and back over it from side to side, branch by branch, so that one
 *  thread does all of it and what leads from part to part is covered. */
final class SatinShape {

    /** Wider stitches would be loose, in mm. */
    static final double WIDEST = 7;

    /** Narrower shapes are lines. */
    static final double NARROWEST = 0.8;

    private static final double UNDER = 1.8;

    private final MedialAxis axis;
    private final SatinColumn column;
    private final Set<MedialAxis.Node> seen = new HashSet<>();
    private final List<Point> places = new ArrayList<>();

    private SatinShape(MedialAxis axis, SatinColumn column) {
        this.axis = axis;
        this.column = column;
    }

    /** Whether a shape is narrow enough all along, and long for its width. */
    static boolean suits(MedialAxis axis) {
        return !axis.nodes().isEmpty()
                && axis.widest() <= WIDEST
                && axis.usualWidth() >= NARROWEST
                && axis.length() > 1.2 * axis.widest();
    }

    /** @param beyond how far stitches reach over the edge
     *  @return where the needle goes down, in one thread */
    static List<Point> over(Polygon polygon, MedialAxis axis, double spacing, double beyond, Optional<Point> from) {
        SatinShape shape = new SatinShape(axis, new SatinColumn(polygon, spacing, beyond));
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
            run(branch);
            if (!met && end != node) {
                from(end);
            }
            boolean beginsInTip = end.beside().size() == 1;
            boolean endsInTip = node.beside().size() == 1;
            column.along(branch.reversed(), beginsInTip, endsInTip).forEach(this::down);
        }
    }

    private void run(List<MedialAxis.Node> branch) {
        Polyline line = new Polyline(branch.stream().map(MedialAxis.Node::at).toList());
        int parts = (int) Math.max(1, Math.ceil(line.length() / UNDER));
        line.parted(parts).forEach(this::down);
    }

    private void down(Point p) {
        if (places.isEmpty() || places.getLast().distanceTo(p) >= RunningStitch.SHORTEST - 1e-9) {
            places.add(p);
        }
    }
}
