package rondel.compose.sheets;

import java.util.ArrayList;
import java.util.List;
import rondel.job.Guide;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Takes a guide off a sheet.
 *
 * @param guide its number on the sheet, from 0 */
public record RemoveGuide(SheetId sheet, int guide) implements Operation {

    @Override
    public Job apply(Job job) {
        return job.withSheet(sheet, s -> {
            List<Guide> guides = new ArrayList<>(s.guides());
            if (guide < 0 || guide >= guides.size()) {
                throw Refusal.of("guide.none", guide);
            }
            guides.remove(guide);
            return s.withGuides(guides);
        });
    }

    @Override
    public String label() {
        return Words.of("operation.removeGuide");
    }
}
