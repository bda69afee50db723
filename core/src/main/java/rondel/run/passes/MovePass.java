package rondel.run.passes;

import java.util.ArrayList;
import java.util.List;
import rondel.job.Job;
import rondel.job.PassKey;
import rondel.job.PassSettings;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Words;

/** Makes a pass earlier or later than it was.
 *
 * @param place among the passes of the sheet, from 1; one beyond the last is the last */
public record MovePass(SheetId sheet, PassKey pass, int place) implements Operation {
    @Override
    public Job apply(Job job) {
        List<PassSettings> all = new ArrayList<>();
        Passes.of(job, sheet).forEach(p -> all.add(p.settings()));
        PassSettings moved = Passes.of(job, sheet, pass).settings();
        all.remove(moved);
        all.add(Math.clamp(place - 1, 0, all.size()), moved);
        return job.withRun(job.run().with(sheet, s -> {
            // What was joined into others, or has no lines just now, is still remembered.
            s.passes().stream()
                    .filter(p -> all.stream().noneMatch(a -> a.key().equals(p.key())))
                    .forEach(all::add);
            return s.withPasses(all, true);
        }));
    }

    @Override
    public String label() {
        return Words.of("operation.movePass");
    }
}
