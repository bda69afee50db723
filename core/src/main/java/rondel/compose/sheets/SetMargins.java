package rondel.compose.sheets;

import rondel.fields.Mm;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Sets how far print runs past a sheet's trim, and how far inside it things should stay. */
public record SetMargins(
        SheetId sheet, @Mm double bleed, @Mm double safeMargin) implements Operation {

    @Override
    public Job apply(Job job) {
        double longest = Math.max(job.sheet(sheet).width(), job.sheet(sheet).height());
        if (!(bleed >= 0 && safeMargin >= 0 && bleed <= longest && safeMargin <= longest)) {
            throw Refusal.of("sheet.badMargin");
        }
        return job.withSheet(sheet, s -> s.withMargins(bleed, safeMargin));
    }

    @Override
    public String label() {
        return Words.of("operation.margins");
    }
}
