package rondel.run.passes;

import java.util.Optional;
import rondel.job.Job;
import rondel.job.PassSettings;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Words;

/** Names a pass, leaves it out, marks it as done, or adds lines to it that help in the making. */
public record ChangePass(SheetId sheet, PassSettings pass) implements Operation {
    @Override
    public Job apply(Job job) {
        Passes.of(job, sheet, pass.key());
        return job.withRun(job.run().with(sheet, s -> s.with(pass.key(), p -> pass)));
    }

    /** What is changed of one pass, one thing after the other, is one edit. */
    @Override
    public Optional<Operation> mergedWith(Operation next) {
        return next instanceof ChangePass c
                        && c.sheet.equals(sheet)
                        && c.pass.key().equals(pass.key())
                ? Optional.of(next)
                : Optional.empty();
    }

    @Override
    public String label() {
        return Words.of("operation.changePass");
    }
}
