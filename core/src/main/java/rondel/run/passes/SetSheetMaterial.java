package rondel.run.passes;

import java.util.Optional;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Words;

/** Says what the lines of a sheet are made of where no rule says otherwise.
 *
 * @param material by its name; what is usual where none is given */
public record SetSheetMaterial(SheetId sheet, Optional<String> material) implements Operation {
    @Override
    public Job apply(Job job) {
        job.sheet(sheet);
        return job.withRun(job.run().with(sheet, s -> s.withMaterial(material)));
    }

    @Override
    public String label() {
        return Words.of("operation.sheetMaterial");
    }
}
