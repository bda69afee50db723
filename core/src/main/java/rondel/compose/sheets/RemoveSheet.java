package rondel.compose.sheets;

import java.util.List;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Takes a sheet off the job, with all that is on it; the last sheet stays. */
public record RemoveSheet(SheetId sheet) implements Operation {

    @Override
    public Job apply(Job job) {
        Sheet gone = job.sheet(sheet);
        List<Sheet> left = job.sheets().stream().filter(s -> s != gone).toList();
        if (left.isEmpty()) {
            throw Refusal.of("sheet.onlyOne", gone.name());
        }
        return job.withSheets(left);
    }

    @Override
    public String label() {
        return Words.of("operation.removeSheet");
    }
}
