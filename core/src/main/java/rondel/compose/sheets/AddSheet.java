package rondel.compose.sheets;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Words;

/** Adds an empty sheet of exact size after the last one. */
public record AddSheet(
        @LeftOut("") String name, @Mm double width, @Mm double height) implements Operation {

    @Override
    public Job apply(Job job) {
        SheetSize.check(width, height);
        List<Sheet> all = new ArrayList<>(job.sheets());
        all.add(sheet(job));
        return job.withSheets(all).withNextNumber(number(job) + 1);
    }

    /** The sheet that it adds to a job. */
    public Sheet sheet(Job job) {
        return Sheet.of(id(number(job)), name, width, height);
    }

    private static long number(Job job) {
        long number = job.nextNumber();
        while (has(job, id(number))) {
            number++;
        }
        return number;
    }

    private static SheetId id(long number) {
        return new SheetId("sheet-" + number);
    }

    private static boolean has(Job job, SheetId id) {
        return job.sheets().stream().anyMatch(s -> s.id().equals(id));
    }

    @Override
    public String label() {
        return Words.of("operation.addSheet");
    }
}
