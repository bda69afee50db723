package rondel.compose.sheets;

import java.util.Optional;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Words;

/** Gives a sheet a paper colour, or makes it transparent. */
public record SetPaper(SheetId sheet, Optional<Rgba> paper) implements Operation {

    @Override
    public Job apply(Job job) {
        return job.withSheet(sheet, s -> s.withPaper(paper));
    }

    @Override
    public String label() {
        return Words.of("operation.paper");
    }
}
