package rondel.compose.sheets;

import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Says whether lines grow with what is scaled, or keep their width. */
public record SetLinesScale(boolean scale) implements Operation {

    @Override
    public Job apply(Job job) {
        return job.withLinesScale(scale);
    }

    @Override
    public String label() {
        return Words.of("operation.linesScale");
    }
}
