package rondel.compose.sheets;

import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Names the job. */
public record SetTitle(String title) implements Operation {

    @Override
    public Job apply(Job job) {
        return job.withTitle(title);
    }

    @Override
    public String label() {
        return Words.of("operation.title");
    }
}
