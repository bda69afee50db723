package rondel.compose.sheets;

import rondel.job.Job;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Chooses the unit that lengths are shown in; no geometry changes. */
public record SetUnit(LengthUnit unit) implements Operation {

    @Override
    public Job apply(Job job) {
        return job.withUnit(unit);
    }

    @Override
    public String label() {
        return Words.of("operation.unit");
    }
}
