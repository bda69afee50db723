package rondel.cli;

import java.io.PrintStream;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.OperationKind;
import rondel.formats.job.MediaStore;
import rondel.formats.job.OperationJson;
import rondel.formats.recipe.OperationReference;

/** Lists every operation, from the code. */
@Command(name = "operations", mixinStandardHelpOptions = true)
final class OperationsCommand implements Callable<Integer> {

    private final PrintStream out;

    @Option(names = "--json")
    private boolean json;

    @Option(names = "--markdown")
    private boolean markdown;

    OperationsCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        if (markdown) {
            out.print(OperationReference.markdown());
        } else if (json) {
            out.println(Json.text(new OperationJson(MediaStore.inline()).catalogue()));
        } else {
            for (OperationKind kind : OperationCatalogue.kinds()) {
                out.printf("%-16s %s%n", kind.name(), kind.summary());
            }
        }
        return 0;
    }
}
