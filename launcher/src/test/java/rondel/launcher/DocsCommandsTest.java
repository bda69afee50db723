package rondel.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;
import rondel.cli.RondelCommand;

/** Every command in README and docs is one that Rondel understands, with its options. (What the walks say is run by {@code WalksTest}.) */
class DocsCommandsTest {

    /** What the launcher's script does itself. */
    private static final Set<String> OF_THE_SCRIPT = Set.of("test", "bench", "package", "--help", "--version");

    private static final Pattern COMMAND = Pattern.compile("^ {4,}(?:\\./)?rondel +(.+)$");
    private static final Pattern WORD = Pattern.compile("\"([^\"]*)\"|'([^']*)'|(\\S+)");

    @Test
    void everyCommandInTheDocsIsUnderstood() throws IOException {
        List<String> faults = new ArrayList<>();
        int count = 0;
        for (Path page : pages()) {
            for (String line : Files.readAllLines(page)) {
                Matcher m = COMMAND.matcher(line);
                if (m.matches()) {
                    count++;
                    // What stands behind wide space or a comment sign is said about it.
                    String typed = m.group(1).replaceFirst("( {2,}| #|\\s+&$| \\\\$).*$", "");
                    fault(typed).ifPresent(f -> faults.add(page.getFileName() + ": " + typed + ": " + f));
                }
            }
        }
        assertThat(faults).isEmpty();
        assertThat(count).isGreaterThan(100);
    }

    private static List<Path> pages() throws IOException {
        Path root = Path.of("").toAbsolutePath().getParent();
        List<Path> pages = new ArrayList<>(List.of(root.resolve("README.md")));
        try (Stream<Path> docs = Files.list(root.resolve("docs"))) {
            docs.filter(f -> f.toString().endsWith(".md")).sorted().forEach(pages::add);
        }
        return pages;
    }

    private static java.util.Optional<String> fault(String typed) {
        List<String> words = new ArrayList<>();
        Matcher m = WORD.matcher(typed);
        while (m.find()) {
            words.add(Stream.of(m.group(1), m.group(2), m.group(3))
                    .filter(java.util.Objects::nonNull)
                    .findFirst()
                    .orElseThrow());
        }
        if (words.getFirst().equals("--language")) {
            words = words.subList(2, words.size());
        }
        if (OF_THE_SCRIPT.contains(words.getFirst()) || words.getFirst().endsWith(".rondel")) {
            return java.util.Optional.empty();
        }
        PrintStream nowhere = new PrintStream(new ByteArrayOutputStream());
        try {
            RondelCommand.line(nowhere, nowhere, Main.windowed()).parseArgs(words.toArray(String[]::new));
            return java.util.Optional.empty();
        } catch (CommandLine.ParameterException e) {
            return java.util.Optional.of(e.getMessage());
        }
    }
}
