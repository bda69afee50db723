package rondel.compose.sheets;

import rondel.fields.Mm;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Words;

/** Gives a sheet an exact size; what is on it keeps its size and its distance from the top left corner. */
public record SetSheetSize(
        SheetId sheet, @Mm double width, @Mm double height) implements Operation {

    @Override
    public Job apply(Job job) {
        SheetSize.check(width, height);
        return job.withSheet(sheet, s -> s.withSize(width, height));
    }

    @Override
    public String label() {
        return Words.of("operation.sheetSize");
    }
}
