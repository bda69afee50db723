package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** A folder to run the command line in. */
abstract class CommandLineFixture {

    static final String STAR =
            "<svg xmlns='http://www.w3.org/2000/svg' width='50mm' height='25mm' viewBox='0 0 100 50'>"
                    + "<g id='Star'><path id='Body' fill='#1f6f6b' d='M0 0h100v50z'/></g></svg>";

    @TempDir
    Path folder;

    /** Nothing is read from, or left in, the folders of whoever runs the tests. */
    @BeforeEach
    final void ownFoldersAside() {
        System.setProperty("rondel.state", folder.resolve("state").toString());
    }

    @AfterEach
    final void ownFoldersAsBefore() {
        System.clearProperty("rondel.state");
    }

    record Run(int code, String out, String err) {}

    final Run rondel(Object... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        String[] words = java.util.Arrays.stream(args).map(Object::toString).toArray(String[]::new);
        int code = RondelCommand.run(
                words,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8),
                Map.of());
        return new Run(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    final Path file(String name, String content) throws IOException {
        return Files.writeString(folder.resolve(name), content);
    }

    final JsonNode info(Path job) throws IOException {
        return new ObjectMapper().readTree(rondel("info", job, "--json").out);
    }

    final Path page() {
        Path job = folder.resolve("page.rondel");
        assertThat(rondel("new", "-o", job, "--sheet", "12x12in", "--title", "Tide page").code)
                .isZero();
        return job;
    }

    /** Places a file on a job that was empty.
     *
     * @return the id of what was placed */
    final String placed(Path job, Path file, String... how) throws IOException {
        Object[] words =
                Stream.concat(Stream.of("place", job, file), Stream.of(how)).toArray();
        assertThat(rondel(words).code()).isZero();
        return info(job).at("/sheets/0/elements/0/id").asText();
    }

    /** Applies a recipe, which must be done. */
    final void apply(Path job, String recipe) throws IOException {
        Run applied = rondel("apply", job, file("recipe.json", recipe));
        assertThat(applied.code()).as(applied.err()).isZero();
    }

    /** A job of the demo, as a file. */
    final Path demo(String name) throws Exception {
        Path file = folder.resolve(name);
        try (var in = CommandLineFixture.class.getResourceAsStream("/rondel/demo/jobs/" + name)) {
            Files.copy(in, file);
        }
        return file;
    }
}
