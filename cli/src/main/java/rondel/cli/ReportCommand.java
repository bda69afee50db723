package rondel.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import rondel.formats.report.Report;
import rondel.words.Words;

/** A report for whoever mends Rondel. */
@Command(name = "report", mixinStandardHelpOptions = true)
final class ReportCommand implements Callable<Integer> {

    private final PrintStream out;

    @Option(names = "-o", paramLabel = "FILE.zip")
    private Optional<Path> target = Optional.empty();

    @Mixin
    private Overwriting overwriting;

    ReportCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws IOException {
        Report report = Report.collected(Map.of());
        if (target.isPresent()) {
            report.write(target.get(), overwriting.check(target.get(), List.of()));
            report.parts().keySet().forEach(out::println);
            out.println(Words.of("report.saved", target.get()));
        } else {
            report.parts().forEach((name, text) -> {
                out.println("== " + name);
                out.println(text.stripTrailing());
            });
        }
        return 0;
    }
}
