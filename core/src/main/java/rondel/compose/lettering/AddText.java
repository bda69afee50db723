package rondel.compose.lettering;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Place;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.Paint;
import rondel.job.SheetId;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Puts live text on a sheet, in front of all else.
 *
 * @param x where its first baseline starts, or is centred or ends, as it is aligned
 * @param outline what the lettering is shaped to; a recipe may leave it out, then it is shaped with the fonts at hand */
public record AddText(
        SheetId sheet, @Mm double x, @Mm double y, Lettering lettering, Paint fill, Optional<Outline> outline)
        implements Operation {

    @Override
    public Job apply(Job job) {
        return place().apply(job);
    }

    private Place place() {
        Affine at = Affine.translate(Targets.finite(x, "x"), Targets.finite(y, "y"));
        TextElement text = new TextElement(
                Traits.named("").withPlacement(at), lettering, SetText.shaped(outline), fill, Optional.empty());
        return new Place(sheet, List.of(text), List.of());
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return place().selects(before, after);
    }

    @Override
    public String label() {
        return Words.of("operation.addText");
    }
}
