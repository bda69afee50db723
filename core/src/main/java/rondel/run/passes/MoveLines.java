package rondel.run.passes;

import java.util.List;
import java.util.stream.Stream;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.PassKey;
import rondel.job.PassSettings;
import rondel.job.Role;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes the lines of elements in another pass, whatever the rules say.
 *
 * @param elements of the sheet, with all that they hold */
public record MoveLines(SheetId sheet, List<ElementId> elements, PassKey pass) implements Operation {

    public MoveLines {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return moved(job);
    }

    /** The job with the lines in that pass, which need not be there yet. */
    Job moved(Job job) {
        if (elements.isEmpty()) {
            throw Refusal.of("pass.noLines");
        }
        if (pass.role() == Role.PRINT) {
            throw Refusal.of("pass.printAlone");
        }
        boolean made = SheetLines.of(job.sheet(sheet)).stream()
                .anyMatch(l -> l.elements().stream().anyMatch(elements::contains));
        if (!made) {
            throw Refusal.of("pass.noLines");
        }
        return job.withRun(job.run().with(sheet, s -> {
            List<PassSettings> without = s.passes().stream()
                    .map(p -> p.withLines(p.lines().stream()
                            .filter(e -> !elements.contains(e))
                            .toList()))
                    .toList();
            return s.withPasses(without, s.ordered())
                    .with(
                            pass,
                            p -> p.withLines(Stream.concat(p.lines().stream(), elements.stream())
                                    .distinct()
                                    .toList()));
        }));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.moveLines");
    }
}
