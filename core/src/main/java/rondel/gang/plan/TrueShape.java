package rondel.gang.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.lines.combine.Opaque;
import rondel.lines.combine.Silhouette;

/** What a copy takes of the stock: the inside of its cut lines where it has any, less the holes that they leave, else what it covers; of a piece of
 *  paper, all of it. */
public final class TrueShape {

    /** How far chords may be from the true curves, in mm. */
    public static final double FLATNESS = 0.02;

    private static final double OPAQUE = 0.5;

    /** From which share of the design's box on lines are said to go around it. */
    private static final double AROUND = 0.5;

    private TrueShape() {}

    /** About the middle of the design's box; nothing where it takes no room. */
    public static Optional<Geometry> of(Job job, Design design, CopyContent content) {
        Geometry shape = content.once(TrueShape.class, g -> measured(job, design, content, g));
        return shape.isEmpty() ? Optional.empty() : Optional.of(shape);
    }

    private static Geometry measured(Job job, Design design, CopyContent content, GroupElement group) {
        if (design.isPaper()) {
            return FlatArea.of(Outline.rectangle(content.box()), FLATNESS);
        }
        Optional<Geometry> cut =
                cut(group, Role.CUT).or(() -> cut(group, Role.KISS_CUT)).filter(g -> goesAround(g, content));
        if (cut.isPresent()) {
            return cut.get();
        }
        Outline covered = Overlay.united(new Silhouette(true, new Opaque(job, OPAQUE)::of)
                .of(group.with(t -> t.withHidden(false)), Affine.IDENTITY));
        return FlatArea.of(covered, FLATNESS);
    }

    /** Whether lines go around the design, and are not holes in it only. */
    private static boolean goesAround(Geometry cut, CopyContent content) {
        Envelope e = cut.getEnvelopeInternal();
        return e.getArea() >= content.box().width() * content.box().height() * AROUND;
    }

    /** The area inside lines of a role: a line inside another leaves a hole. */
    private static Optional<Geometry> cut(GroupElement group, Role role) {
        List<Outline> lines = new ArrayList<>();
        take(group, Affine.IDENTITY, role, lines);
        if (lines.isEmpty()) {
            return Optional.empty();
        }
        Outline all = Overlay.of(List.of(new Operand(Outline.joined(lines), FillRule.EVEN_ODD)))
                .unite();
        Geometry area = FlatArea.of(all, FLATNESS);
        return area.isEmpty() || area.getArea() < FLATNESS ? Optional.empty() : Optional.of(area);
    }

    private static void take(Element e, Affine around, Role role, List<Outline> lines) {
        if (e.hidden()) {
            return;
        }
        Affine own = around.times(e.placement());
        switch (e) {
            case ShapeElement s when s.role() == role -> lines.add(s.outline().transformed(own));
            case GroupElement g -> g.children().forEach(c -> take(c, own, role, lines));
            case CopyElement c -> c.content().group().children().forEach(x -> take(x, own, role, lines));
            default -> {}
        }
    }
}
