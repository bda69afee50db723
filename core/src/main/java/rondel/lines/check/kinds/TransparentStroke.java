package rondel.lines.check.kinds;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.SetStroke;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.operation.Targets;

/** A line with a role in the making that can be seen through: programs leave it out, or take it for another colour. */
public record TransparentStroke() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.shown().stream()
                .filter(p -> p.element().role() != Role.PRINT && p.element().role() != Role.GUIDE)
                .flatMap(p -> seenThrough(p.element()).stream()
                        .map(s -> Finding.of(Severity.WARNING, "transparentStroke", Targets.display(p.element()))
                                .about(p.element().id())
                                .mendedBy(Fix.of(new SetStroke(
                                        List.of(p.element().id()),
                                        Optional.of(solid(s, p.toSheet().meanScale())))))))
                .toList();
    }

    private static Optional<Stroke> seenThrough(Element e) {
        return e instanceof ShapeElement s
                ? s.stroke()
                        .filter(k ->
                                k.paint() instanceof Paint.Solid c && c.colour().alpha() < 255)
                : Optional.empty();
    }

    /** The same line in its full colour, with its width as it is on the sheet. */
    private static Stroke solid(Stroke s, double scale) {
        Paint.Solid paint = (Paint.Solid) s.paint();
        return new Stroke(
                Paint.solid(paint.colour().withAlpha(255)),
                s.width() * scale,
                s.cap(),
                s.join(),
                s.miterLimit(),
                s.dashes(),
                s.dashOffset(),
                s.position());
    }
}
