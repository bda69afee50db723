package rondel.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import rondel.compose.arrange.Place;
import rondel.compose.sheets.CopyTo;
import rondel.formats.fonts.UsualEditing;
import rondel.formats.job.JobFile;
import rondel.gang.copies.BroughtCopies;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Placing;
import rondel.operation.Targets;

/** Copies elements of one job to another, with the pictures they use. */
@Command(name = "copy", mixinStandardHelpOptions = true)
final class CopyCommand implements Callable<Integer> {

    @Mixin
    private JobChange change;

    @Option(names = "--from", required = true, paramLabel = "JOB")
    private Path from;

    @Option(names = "--only", required = true, split = ",", paramLabel = "ID", converter = TypedId.class)
    private List<ElementId> only;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1")
    private int sheet;

    @Override
    public Integer call() {
        Job source = JobFile.read(from);
        Targets.existing(source, only);
        List<Element> copied = CopyTo.lifted(source, only);
        change.make(List.of(from), job -> UsualEditing.editing()
                .apply(
                        new Place(
                                JobChange.sheet(job, sheet),
                                new Placing(job).withFreshIds(BroughtCopies.into(job, copied)),
                                List.copyOf(source.media().values())),
                        job));
        return 0;
    }
}
