package rondel.cli;

import java.io.PrintStream;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import rondel.formats.report.Release;
import rondel.words.Refusal;
import rondel.words.Words;

/** The commands that need no window. */
@Command(name = "rondel", mixinStandardHelpOptions = true, version = "Rondel " + Release.VERSION)
public final class RondelCommand implements Callable<Integer> {

    @CommandLine.Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        spec.commandLine().usage(spec.commandLine().getOut());
        return CommandLine.ExitCode.USAGE;
    }

    /** Runs a command line.
     *
     * @param others further commands, which the launcher adds: those that need a window
     * @return 0, 1 for what failed with one line on {@code err}, or 2 for wrong usage */
    public static int run(String[] args, PrintStream to, PrintStream errors, Map<String, Object> others) {
        PrintStream out = PlainOutput.over(to);
        PrintStream err = PlainOutput.over(errors);
        CommandLine line = line(out, err, others)
                .setOut(new java.io.PrintWriter(out, true))
                .setErr(new java.io.PrintWriter(err, true))
                .setParameterExceptionHandler(new UsageFault())
                .setExecutionExceptionHandler((e, c, parsed) -> failed(e, err));
        int code = executed(line, args, err);
        out.flush();
        err.flush();
        return code;
    }

    /** All commands with what they take, in the words of the language. */
    public static CommandLine line(PrintStream out, PrintStream err, Map<String, Object> others) {
        CommandLine line = new CommandLine(new RondelCommand())
                .addSubcommand(new NewCommand(out))
                .addSubcommand(new PlaceCommand(out))
                .addSubcommand(new InfoCommand(out))
                .addSubcommand(new ApplyCommand())
                .addSubcommand(new VersionsCommand(out))
                .addSubcommand(new OperationsCommand(out))
                .addSubcommand(new ConvertCommand(out, err))
                .addSubcommand(new ExportCommand(out, err))
                .addSubcommand(new CopyCommand())
                .addSubcommand(new MaterialsCommand(out))
                .addSubcommand(new PassesCommand(out))
                .addSubcommand(new CutCommand(out, err))
                .addSubcommand(new CompareCommand(out))
                .addSubcommand(new CutterCommand(out))
                .addSubcommand(new RegisterCommand(out))
                .addSubcommand(new LedgerCommand(out, err))
                .addSubcommand(new StitchCommand(out, err))
                .addSubcommand(new StitcherCommand(out))
                .addSubcommand(new ThreadsCommand(out))
                .addSubcommand(new HandOffCommand(out, err))
                .addSubcommand(new PublishCommand(out, err))
                .addSubcommand(new ShopCommand(out))
                .addSubcommand(new PrintCommand(out))
                .addSubcommand(new PrintersCommand(out))
                .addSubcommand(new PrinterCommand(out))
                .addSubcommand(new FontsCommand(out))
                .addSubcommand(new GlyphsCommand(out))
                .addSubcommand(new CheckCommand(out, err))
                .addSubcommand(new ShelfCommand(out, err))
                .addSubcommand(new StocksCommand(out))
                .addSubcommand(new GangCommand(out))
                .addSubcommand(new NamesCommand(out))
                .addSubcommand(new BlanksCommand(out))
                .addSubcommand(new FillInCommand())
                .addSubcommand(new ReportCommand(out))
                .addSubcommand(new RepairCommand(out))
                .addSubcommand(new ManualCommand(out))
                .addSubcommand(new CompletionCommand(out));
        others.forEach(line::addSubcommand);
        return line.setResourceBundle(new UsageWords()).setCaseInsensitiveEnumValuesAllowed(true);
    }

    private static int executed(CommandLine line, String[] args, PrintStream err) {
        try {
            return line.execute(args);
        } catch (OutOfMemoryError e) {
            err.println(Words.of("cli.outOfMemory"));
            return CommandLine.ExitCode.SOFTWARE;
        } catch (StackOverflowError e) {
            return failed(e, err);
        }
    }

    private static int failed(Throwable e, PrintStream err) {
        err.println(e instanceof Refusal ? e.getMessage() : Words.of("cli.unexpected", e));
        return CommandLine.ExitCode.SOFTWARE;
    }
}
