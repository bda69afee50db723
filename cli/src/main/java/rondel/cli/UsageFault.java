package rondel.cli;

import java.util.List;
import java.util.stream.Collectors;
import picocli.CommandLine;
import picocli.CommandLine.MissingParameterException;
import picocli.CommandLine.Model.ArgSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.TypeConversionException;
import picocli.CommandLine.UnmatchedArgumentException;
import rondel.words.Words;

/** A command line that can't be understood: one sentence in the words of the language, then what was meant perhaps, or what the command takes. */
final class UsageFault implements CommandLine.IParameterExceptionHandler {

    @Override
    public int handleParseException(ParameterException e, String[] args) {
        CommandLine line = e.getCommandLine();
        line.getErr().println(sentence(e));
        List<String> meant = e instanceof UnmatchedArgumentException u ? u.getSuggestions() : List.of();
        if (meant.isEmpty()) {
            line.usage(line.getErr());
        } else {
            line.getErr().println(Words.of("usage.meant", String.join(", ", meant)));
        }
        return CommandLine.ExitCode.USAGE;
    }

    private static String sentence(ParameterException e) {
        if (e instanceof UnmatchedArgumentException unmatched) {
            List<String> unknown = unmatched.getUnmatched();
            return Words.of(
                    unmatched.isUnknownOption() ? "usage.noOption" : "usage.tooMuch", String.join(" ", unknown));
        }
        if (e instanceof MissingParameterException missing) {
            return missing.getMissing().isEmpty()
                    ? e.getMessage()
                    : Words.of(
                            "usage.missing",
                            missing.getMissing().stream().map(UsageFault::label).collect(Collectors.joining(", ")));
        }
        if (e.getArgSpec() != null && e.getValue() != null) {
            String why = e.getCause() instanceof TypeConversionException t ? " " + t.getMessage() : "";
            return Words.of("usage.noValue", e.getValue(), label(e.getArgSpec())) + why;
        }
        return e.getMessage();
    }

    private static String label(ArgSpec arg) {
        return arg instanceof OptionSpec option ? option.longestName() : arg.paramLabel();
    }
}
