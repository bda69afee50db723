package rondel.run.passes;

import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.PassKey;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Words;

/** Makes some lines of a pass in one of their own, of the same material.
 *
 * @param elements of the sheet, with all that they hold */
public record SplitPass(SheetId sheet, PassKey from, List<ElementId> elements) implements Operation {

    public SplitPass {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Passes.of(job, sheet, from);
        return new MoveLines(sheet, elements, part(job)).moved(job);
    }

    /** The pass that is split off: the next number that is free. */
    public PassKey part(Job job) {
        int number = job.run().of(sheet).passes().stream()
                .map(p -> p.key())
                .filter(k -> k.material().equals(from.material()) && k.role() == from.role())
                .mapToInt(PassKey::number)
                .max()
                .orElse(0);
        return new PassKey(from.material(), from.role(), Math.max(1, number + 1));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.splitPass");
    }
}
