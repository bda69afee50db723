package rondel.cli;

import java.io.PrintStream;
import java.util.concurrent.Callable;
import picocli.AutoComplete;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** What shells complete, as a script for bash and zsh. */
@Command(name = "completion", mixinStandardHelpOptions = true)
final class CompletionCommand implements Callable<Integer> {

    private final PrintStream out;

    @Spec
    private CommandSpec spec;

    CompletionCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        out.print(AutoComplete.bash("rondel", spec.root().commandLine()));
        return 0;
    }
}
