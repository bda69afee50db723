package rondel.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;
import rondel.cli.RondelCommand;

/** Every command in README and docs is one that Rondel understands, with its options. (What the walks say is run by {@code WalksTest}.) */
class DocsCommandsTest {

    @Test
    void everyCommandInTheDocsIsUnderstood() throws IOException {
        List<String> faults = new ArrayList<>();
        int count = 0;
        for (Path page : pages()) {
            for (String line : Files.readAllLines(page)) {
                Matcher m = DocsPage.COMMAND.matcher(line);
                if (m.matches()) {
                    count++;
                    String typed = DocsPage.typed(m.group(1));
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
        try (Stream<Path> docs = Files.walk(root.resolve("docs"))) {
            docs.filter(f -> f.toString().endsWith(".md")).sorted().forEach(pages::add);
        }
        return pages;
    }

    private static java.util.Optional<String> fault(String typed) {
        List<String> words = DocsPage.words(typed);
        if (words.getFirst().equals("--language")) {
            words = words.subList(2, words.size());
        }
        if (DocsPage.ELSEWHERE.contains(words.getFirst())
                || words.getFirst().startsWith("--")
                || words.getFirst().endsWith(".rondel")) {
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
