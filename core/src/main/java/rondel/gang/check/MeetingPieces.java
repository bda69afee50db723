package rondel.gang.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.gang.plan.TrueShape;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.paint.PaintedExtent;

/** Copies on a sheet of stock whose true shapes overlap, and copies whose print runs into a neighbour's piece. */
final class MeetingPieces {

    /** Shapes that share less are said to touch, in mm²: flattened curves do. */
    private static final double TOUCH = 0.02;

    private static final double NEAR = 0.05;

    private final Job job;
    private final List<Piece> pieces = new ArrayList<>();
    private final STRtree tree = new STRtree();

    /** A copy with what it takes of the stock; its shape is moved there only where a neighbour is near.
     *
     * @param unmoved about the middle of its design
     * @param around its shape, on the sheet; larger than needed where it is turned freely */
    private record Piece(CopyElement copy, Geometry unmoved, Envelope around, Box painted) {

        Geometry shape() {
            Affine at = copy.placement();
            return new AffineTransformation(at.a(), at.c(), at.e(), at.b(), at.d(), at.f()).transform(unmoved);
        }

        /** Around all that it prints too. */
        Envelope reach() {
            Envelope all = new Envelope(around);
            all.expandToInclude(new Envelope(painted.x(), painted.right(), painted.y(), painted.bottom()));
            return all;
        }

        boolean bleeds() {
            Envelope own = new Envelope(around);
            own.expandBy(NEAR);
            return !own.contains(new Envelope(painted.x(), painted.right(), painted.y(), painted.bottom()));
        }
    }

    MeetingPieces(Job job, Sheet sheet) {
        this.job = job;
        for (Element e : sheet.elements()) {
            if (e instanceof CopyElement c && !c.hidden()) {
                piece(c).ifPresent(p -> {
                    pieces.add(p);
                    tree.insert(p.around, p);
                });
            }
        }
    }

    private Optional<Piece> piece(CopyElement c) {
        return TrueShape.of(job, c.of(), c.content()).map(g -> {
            Envelope e = g.getEnvelopeInternal();
            Box on = new Box(e.getMinX(), e.getMinY(), e.getWidth(), e.getHeight()).transformed(c.placement());
            return new Piece(
                    c,
                    g,
                    new Envelope(on.x(), on.right(), on.y(), on.bottom()),
                    PaintedExtent.of(c, Affine.IDENTITY).orElse(on));
        });
    }

    @SuppressWarnings("unchecked")
    List<Finding> findings() {
        List<Finding> found = new ArrayList<>();
        if (pieces.size() < 2) {
            return found;
        }
        for (Piece a : pieces) {
            for (Piece other : (List<Piece>) tree.query(a.reach())) {
                if (other != a) {
                    meet(a, other).ifPresent(f -> found.add(f.about(a.copy.id())));
                }
            }
        }
        return found;
    }

    private static Optional<Finding> meet(Piece a, Piece b) {
        boolean first = a.copy.id().value().compareTo(b.copy.id().value()) < 0;
        boolean near = a.around.intersects(b.around);
        boolean held =
                a.copy.keptByHand() || b.copy.keptByHand() || a.copy.planned().isEmpty();
        if (first && near && held && overlap(a.shape(), b.shape())) {
            return Optional.of(Finding.of(Severity.ERROR, "piecesOverlap", a.copy.name(), b.copy.name()));
        }
        return !near && a.bleeds() && box(a.painted).intersects(b.shape())
                ? Optional.of(Finding.of(Severity.WARNING, "bleedsInto", a.copy.name(), b.copy.name()))
                : Optional.empty();
    }

    private static boolean overlap(Geometry a, Geometry b) {
        return a.intersects(b) && a.intersection(b).getArea() > TOUCH;
    }

    private static Geometry box(Box b) {
        return new org.locationtech.jts.geom.GeometryFactory()
                .toGeometry(new Envelope(b.x() + NEAR, b.right() - NEAR, b.y() + NEAR, b.bottom() - NEAR));
    }
}
