package rondel.compose.shape;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Place;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.geometry.shape.PlainShape;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Puts a plain shape on a sheet, in front of all else.
 *
 * @param x where the left side of its frame lies; for lines, the origin of their points */
public record AddShape(
        SheetId sheet,
        PlainShape shape,
        @Mm @LeftOut("0") double x,
        @Mm @LeftOut("0") double y,
        @LeftOut("") String name,
        @LeftOut("#ffffff") Paint fill,
        Optional<Stroke> stroke,
        @LeftOut("print") Role role)
        implements Operation {

    @Override
    public Job apply(Job job) {
        Targets.drawable(stroke);
        return place().apply(job);
    }

    private Place place() {
        Affine at = Affine.translate(Targets.finite(x, "x"), Targets.finite(y, "y"));
        Traits traits = Traits.named(name).withPlacement(at).withRole(role);
        return new Place(sheet, List.of(ShapeElement.of(traits, shape, fill, stroke)), List.of());
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return place().selects(before, after);
    }

    @Override
    public String label() {
        return Words.of("operation.addShape");
    }
}
