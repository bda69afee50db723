package rondel.compose.sheets;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.Mm;
import rondel.job.Guide;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Moves one of a sheet's guides to another place.
 *
 * @param guide its number on the sheet, from 0 */
public record MoveGuide(SheetId sheet, int guide, @Mm double at) implements Operation {

    @Override
    public Job apply(Job job) {
        Targets.finite(at, "at");
        return job.withSheet(sheet, s -> {
            List<Guide> guides = new ArrayList<>(s.guides());
            if (guide < 0 || guide >= guides.size()) {
                throw Refusal.of("guide.none", guide);
            }
            guides.set(guide, new Guide(guides.get(guide).across(), at));
            return s.withGuides(guides);
        });
    }

    @Override
    public String label() {
        return Words.of("operation.moveGuide");
    }
}
