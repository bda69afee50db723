package rondel.run.stitch;

import java.util.Optional;
import rondel.job.Hoop;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Words;

/** Holds a sheet in a hoop, whose field the sheet becomes; or in none, which leaves it as it is. */
public record SetHoop(SheetId sheet, Optional<Hoop> hoop) implements Operation {

    @Override
    public Job apply(Job job) {
        Job sized = hoop.map(h -> job.withSheet(sheet, s -> s.withSize(h.width(), h.height())))
                .orElse(job);
        sized.sheet(sheet);
        return sized.withRun(sized.run().with(sheet, s -> s.withSewing(w -> w.withHoop(hoop))));
    }

    @Override
    public String label() {
        return Words.of("operation.setHoop");
    }
}
