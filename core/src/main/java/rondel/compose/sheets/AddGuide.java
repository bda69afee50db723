package rondel.compose.sheets;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.Mm;
import rondel.geometry.Axis;
import rondel.job.Guide;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Lays a guide on a sheet: an upright one at x for HORIZONTAL, a level one at y for VERTICAL. */
public record AddGuide(SheetId sheet, Axis axis, @Mm double at) implements Operation {

    @Override
    public Job apply(Job job) {
        Targets.finite(at, "at");
        return job.withSheet(sheet, s -> {
            List<Guide> guides = new ArrayList<>(s.guides());
            guides.add(new Guide(axis, at));
            return s.withGuides(guides);
        });
    }

    @Override
    public String label() {
        return Words.of("operation.addGuide");
    }
}
