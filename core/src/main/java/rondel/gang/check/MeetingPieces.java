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

    private record Piece(CopyElement copy, Geometry shape, Box painted) {}

    MeetingPieces(Job job, Sheet sheet) {
        this.job = job;
        for (Element e : sheet.elements()) {
            if (e instanceof CopyElement c && !c.hidden()) {
                piece(c).ifPresent(p -> {
                    pieces.add(p);
                    tree.insert(p.shape.getEnvelopeInternal(), p);
                });
            }
        }
    }

    private Optional<Piece> piece(CopyElement c) {
        Affine at = c.placement();
        return TrueShape.of(job, c.of(), c.content())
                .map(g -> new AffineTransformation(at.a(), at.c(), at.e(), at.b(), at.d(), at.f()).transform(g))
                .map(g -> new Piece(c, g, PaintedExtent.of(c, Affine.IDENTITY).orElse(new Box(0, 0, 0, 0))));
    }

    @SuppressWarnings("unchecked")
    List<Finding> findings() {
        List<Finding> found = new ArrayList<>();
        if (pieces.size() < 2) {
            return found;
        }
        for (Piece a : pieces) {
            Box b = a.painted;
            Envelope own = new Envelope(a.shape.getEnvelopeInternal());
            own.expandBy(NEAR);
            boolean bleeds = !own.contains(new Envelope(b.x(), b.right(), b.y(), b.bottom()));
            Envelope reach = new Envelope(a.shape.getEnvelopeInternal());
            reach.expandToInclude(new Envelope(b.x(), b.right(), b.y(), b.bottom()));
            for (Piece other : (List<Piece>) tree.query(reach)) {
                if (other != a) {
                    meet(a, other, bleeds).ifPresent(f -> found.add(f.about(a.copy.id())));
                }
            }
        }
        return found;
    }

    private static Optional<Finding> meet(Piece a, Piece b, boolean bleeds) {
        boolean first = a.copy.id().value().compareTo(b.copy.id().value()) < 0;
        boolean near = a.shape.getEnvelopeInternal().intersects(b.shape.getEnvelopeInternal());
        boolean held =
                a.copy.keptByHand() || b.copy.keptByHand() || a.copy.planned().isEmpty();
        if (first && near && held && overlap(a, b)) {
            return Optional.of(Finding.of(Severity.ERROR, "piecesOverlap", a.copy.name(), b.copy.name()));
        }
        return bleeds && !near && box(a.painted).intersects(b.shape)
                ? Optional.of(Finding.of(Severity.WARNING, "bleedsInto", a.copy.name(), b.copy.name()))
                : Optional.empty();
    }

    private static boolean overlap(Piece a, Piece b) {
        return a.shape.intersects(b.shape) && a.shape.intersection(b.shape).getArea() > TOUCH;
    }

    private static Geometry box(Box b) {
        return new org.locationtech.jts.geom.GeometryFactory()
                .toGeometry(new Envelope(b.x() + NEAR, b.right() - NEAR, b.y() + NEAR, b.bottom() - NEAR));
    }
}
