package rondel.compose.arrange;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import rondel.fields.Mm;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Stroke;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Gives the lines of shapes and texts another paint, another width on the sheet, another side of the edge they go around; dashes, ends and corners stay as
 *  each has them. What has no line gets a plain one. */
public record ChangeStroke(
        List<ElementId> elements, Optional<Paint> paint, @Mm OptionalDouble width, Optional<Stroke.Position> position)
        implements Operation {

    /** A line where there was none, in mm. */
    public static final double USUAL_WIDTH = 0.5;

    public ChangeStroke {
        elements = List.copyOf(elements);
    }

    public ChangeStroke(List<ElementId> elements, Optional<Paint> paint, OptionalDouble width) {
        this(elements, paint, width, Optional.empty());
    }

    @Override
    public Job apply(Job job) {
        if (paint.isEmpty() && width.isEmpty() && position.isEmpty()) {
            throw Refusal.of("stroke.nothing");
        }
        if (width.isPresent() && !(width.getAsDouble() > 0 && Double.isFinite(width.getAsDouble()))) {
            throw Refusal.of("stroke.notPositive");
        }
        UnaryOperator<Optional<Stroke>> change = line -> {
            Stroke now = line.orElse(Stroke.plain(Rgba.BLACK, width.orElse(USUAL_WIDTH)));
            return Optional.of(now.withPaint(paint.orElse(now.paint()))
                    .withWidth(width.orElse(now.width()))
                    .withPosition(position.orElse(now.position())));
        };
        return Tree.replace(
                job, Targets.unlocked(job, elements), (e, toSheet) -> Painting.restroked(e, toSheet, change));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.stroke");
    }
}
