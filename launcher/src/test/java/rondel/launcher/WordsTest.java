package rondel.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rondel.words.Words;

/** Every word that the sources ask for is in the bundle. */
class WordsTest {

    private static final Pattern DIRECT =
            Pattern.compile("(?:Words|Refusal)\\s*\\.of\\(\\s*\"([A-Za-z0-9.-]+[A-Za-z0-9])\"");
    private static final Pattern FINDING = Pattern.compile(
            "(?:findings\\s*\\.(?:warn|note)\\(|Finding\\.of\\(Severity\\.[A-Z]+,)\\s*\"([A-Za-z0-9.-]+)\"");
    private static final Pattern COMMAND =
            Pattern.compile("(?:\\badd|\\boperation|\\bnudge)\\(\\s*\"([A-Za-z]+)\", \"");

    @Test
    void noKeyIsMissing() throws IOException {
        Set<String> missing = new TreeSet<>();
        Path root = Path.of("").toAbsolutePath().getParent();
        try (Stream<Path> files = Files.walk(root)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java"))
                    .filter(f -> f.toString().contains("/src/main/"))
                    .toList()) {
                String source = Files.readString(file);
                collect(DIRECT, "", source, missing);
                collect(FINDING, "finding.", source, missing);
                if (file.toString().endsWith("Commands.java")) {
                    collect(COMMAND, "command.", source, missing);
                }
            }
        }
        assertThat(missing).isEmpty();
    }

    private static void collect(Pattern pattern, String prefix, String source, Set<String> missing) {
        Matcher m = pattern.matcher(source);
        while (m.find()) {
            if (!Words.has(prefix + m.group(1))) {
                missing.add(prefix + m.group(1));
            }
        }
    }
}
