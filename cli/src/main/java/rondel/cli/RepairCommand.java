package rondel.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.files.Replacing;
import rondel.formats.job.JobFile;
import rondel.formats.job.JobRepair;
import rondel.formats.picture.PictureLevels;
import rondel.words.Words;

/** Gets out of a damaged job what can be got out. */
@Command(name = "repair", mixinStandardHelpOptions = true)
final class RepairCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(index = "0", paramLabel = "JOB")
    private Path file;

    @Option(names = "-o", paramLabel = "OUT", required = true)
    private Path target;

    @Mixin
    private Overwriting overwriting;

    RepairCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        Replacing over = overwriting.check(target, List.of(file));
        JobRepair.Repaired repaired = JobRepair.of(file);
        JobFile.write(repaired.job(), target, over, PictureLevels.usual());
        JobFile.read(target); // what is written opens, or that is said here
        repaired.told().forEach(out::println);
        out.println(Words.of(repaired.told().isEmpty() ? "repair.whole" : "repair.done", target));
        return 0;
    }
}
