package rondel.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.compose.template.Blanks;
import rondel.formats.job.FillInJson;
import rondel.formats.job.JobFile;

/** Lists what there is to fill in when a job is used as a template. */
@Command(name = "blanks", mixinStandardHelpOptions = true)
final class BlanksCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(paramLabel = "JOB")
    private Path file;

    @Option(names = "--json")
    private boolean json;

    BlanksCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        Blanks blanks = Blanks.of(JobFile.read(file));
        if (json) {
            out.println(Json.text(FillInJson.write(blanks)));
            return 0;
        }
        blanks.texts().forEach(t -> out.println(t.element() + "  " + t.name() + "  “" + t.content() + "”"));
        blanks.slots().forEach(w -> out.println(w.element() + "  " + w.name()));
        blanks.colours().forEach(c -> out.println(c.hex()));
        return 0;
    }
}
