package rondel.run.passes;

import java.util.List;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Forgets what was said of the passes of a sheet: their order, what was joined, split off, skipped or marked as done. */
public record PutPassesBack(SheetId sheet) implements Operation {
    @Override
    public Job apply(Job job) {
        if (job.run().of(sheet).passes().isEmpty()) {
            throw Refusal.of("pass.nothingSaid");
        }
        return job.withRun(job.run().with(sheet, s -> s.withPasses(List.of(), false)));
    }

    @Override
    public String label() {
        return Words.of("operation.putPassesBack");
    }
}
