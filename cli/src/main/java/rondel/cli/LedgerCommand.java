package rondel.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.job.JobFile;
import rondel.formats.ledger.LedgerFiles;
import rondel.handoff.ledger.Ledger;
import rondel.handoff.ledger.LedgerEntry;
import rondel.words.Words;

/** What a job contains from whom. */
@Command(name = "ledger", mixinStandardHelpOptions = true)
final class LedgerCommand implements Callable<Integer> {

    private final PrintStream out;
    private final PrintStream err;

    @Parameters(index = "0", paramLabel = "JOB")
    private Path file;

    @Option(names = "--csv")
    private boolean csv;

    @Option(names = "--json")
    private boolean json;

    LedgerCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    @Override
    public Integer call() {
        List<LedgerEntry> entries =
                Ledger.of(JobFile.read(file), FontsAtHand.usual().get());
        if (json) {
            out.println(Json.text(LedgerFiles.json(entries)));
        } else if (csv) {
            out.print(LedgerFiles.csv(entries));
        } else {
            for (LedgerEntry e : entries) {
                out.println(Words.of(
                        "ledger.line",
                        Words.of("ledger.kind." + e.kind()),
                        e.thing(),
                        e.maker().isBlank() ? "-" : e.maker(),
                        Words.of("licence." + e.licence()),
                        String.valueOf(e.uses())));
            }
        }
        List<String> held = entries.stream()
                .filter(e -> !e.forSale())
                .map(LedgerEntry::thing)
                .distinct()
                .toList();
        if (!held.isEmpty()) {
            err.println(Words.of("ledger.notForSale", String.join(", ", held)));
        }
        return 0;
    }
}
