package rondel.compose.outline;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Place;
import rondel.fields.LeftOut;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
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
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts an outline of one's own on a sheet, in front of all else.
 *
 * @param outline in mm on the sheet */
public record AddOutline(
        SheetId sheet,
        Outline outline,
        @LeftOut("") String name,
        @LeftOut("none") Paint fill,
        Optional<Stroke> stroke,
        @LeftOut("print") Role role)
        implements Operation {

    @Override
    public Job apply(Job job) {
        if (outline.bounds().isEmpty()) {
            throw Refusal.of("outline.empty");
        }
        Targets.drawable(stroke);
        return place().apply(job);
    }

    private Place place() {
        Traits traits = Traits.named(name).withRole(role);
        return new Place(sheet, List.of(new ShapeElement(traits, outline, FillRule.NON_ZERO, fill, stroke)), List.of());
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return place().selects(before, after);
    }

    @Override
    public String label() {
        return Words.of("operation.addOutline");
    }
}
