package rondel.run.stitch;

import rondel.job.Cloth;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Words;

/** Says what a sheet is sewn on. */
public record SetCloth(SheetId sheet, Cloth cloth) implements Operation {

    @Override
    public Job apply(Job job) {
        job.sheet(sheet);
        return job.withRun(job.run().with(sheet, s -> s.withSewing(w -> w.withCloth(cloth))));
    }

    @Override
    public String label() {
        return Words.of("operation.setCloth");
    }
}
