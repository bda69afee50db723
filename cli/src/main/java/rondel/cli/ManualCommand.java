package rondel.cli;

import java.io.PrintStream;
import java.util.LinkedHashSet;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.ArgSpec;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;
import picocli.CommandLine.Spec;
import rondel.formats.report.Release;

/** The manual page of all commands, in the macros of man(7). */
@Command(name = "manual", mixinStandardHelpOptions = true)
final class ManualCommand implements Callable<Integer> {

    private final PrintStream out;

    @Spec
    private CommandSpec spec;

    ManualCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        CommandSpec root = spec.root();
        out.println(".TH RONDEL 1 \"\" \"Rondel " + Release.VERSION + "\" \"\"");
        out.println(".SH NAME");
        out.println("rondel \\- " + text(String.join(" ", root.usageMessage().description())));
        out.println(".SH SYNOPSIS");
        out.println(".B rondel\n.RI [ JOB ]\n.br\n.B rondel\n.I COMMAND\n.RI [ OPTION ...]");
        out.println(".SH COMMANDS");
        for (CommandLine command : new LinkedHashSet<>(root.subcommands().values())) {
            tell(command.getCommandSpec());
        }
        out.println(".SH FILES");
        out.println(".I $XDG_STATE_HOME/rondel\n, else\n.I ~/.local/state/rondel");
        return 0;
    }

    private void tell(CommandSpec command) {
        out.println(".SS " + text(command.qualifiedName().replaceFirst("^rondel ", "")));
        out.println(text(String.join(" ", command.usageMessage().description())));
        for (PositionalParamSpec p : command.positionalParameters()) {
            tell(p.paramLabel(), p);
        }
        for (OptionSpec o : command.options()) {
            if (!o.usageHelp() && !o.versionHelp()) {
                boolean takes = o.arity().max() > 0;
                tell(String.join(", ", o.names()) + (takes ? "=" + o.paramLabel() : ""), o);
            }
        }
        for (CommandLine inner : new LinkedHashSet<>(command.subcommands().values())) {
            tell(inner.getCommandSpec());
        }
    }

    private void tell(String name, ArgSpec arg) {
        out.println(".TP\n.B " + text(name));
        out.println(text(String.join(" ", arg.description())));
    }

    /** As troff takes it: hyphens that are minus signs, backslashes, and no macro by chance. */
    private static String text(String plain) {
        String escaped = plain.replace("\\", "\\e").replace("-", "\\-");
        return escaped.startsWith(".") || escaped.startsWith("'")
                ? "\\&" + escaped
                : escaped.isEmpty() ? "\\&" : escaped;
    }
}
