package rondel.run.passes;

import java.util.List;
import java.util.stream.Stream;
import rondel.job.Job;
import rondel.job.PassKey;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes the lines of one pass in another, by that one's material and tool.
 *
 * @param into the pass that stays */
public record JoinPasses(SheetId sheet, PassKey into, PassKey other) implements Operation {
    @Override
    public Job apply(Job job) {
        if (into.equals(other)) {
            throw Refusal.of("pass.joinedToItself");
        }
        Pass stays = Passes.of(job, sheet, into);
        Pass goes = Passes.of(job, sheet, other);
        if (stays.isPrint() || goes.isPrint()) {
            throw Refusal.of("pass.printAlone");
        }
        if (stays.isStitch() != goes.isStitch()) {
            throw Refusal.of("pass.stitchAlone");
        }
        return job.withRun(job.run().with(sheet, s -> s.with(other, p -> p.withJoined(List.of()))
                .with(
                        into,
                        p -> p.withJoined(Stream.of(p.joined(), s.of(other).joined(), List.of(other))
                                .flatMap(List::stream)
                                .distinct()
                                .toList()))));
    }

    @Override
    public String label() {
        return Words.of("operation.joinPasses");
    }
}
