package rondel.compose.sheets;

import rondel.fields.LeftOut;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Names a sheet. */
public record RenameSheet(SheetId sheet, @LeftOut("") String name) implements Operation {

    @Override
    public Job apply(Job job) {
        if (name.isBlank()) {
            throw Refusal.of("sheet.noName");
        }
        return job.withSheet(sheet, s -> s.withName(name.strip()));
    }

    @Override
    public String label() {
        return Words.of("operation.renameSheet");
    }
}
