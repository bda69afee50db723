package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Real jobs from start to finished files, as somebody would type them: the walks of the demo. What comes out is measured by readers
 *  that are not ours. */
class WalksTest extends CommandLineFixture {

    private static final String FOLDER = "/rondel/demo/";

    private static byte[] resource(String path) {
        try (InputStream in = WalksTest.class.getResourceAsStream(FOLDER + path)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    static Stream<String> walks() {
        return new String(resource("walks/index.txt"), StandardCharsets.UTF_8).lines();
    }

    @ParameterizedTest
    @MethodSource("walks")
    void aWalkComesOutAsItShould(String name) throws Exception {
        JsonNode walk = new ObjectMapper().readTree(resource("walks/" + name + ".json"));
        for (String listed : new String(resource("artwork/index.txt"), StandardCharsets.UTF_8)
                .lines()
                .toList()) {
            String art = listed.replaceFirst(" \\|.*", "");
            Path file = folder.resolve("art").resolve(art);
            Files.createDirectories(file.getParent());
            Files.write(file, resource("artwork/" + art));
        }
        for (var file : walk.path("files").properties()) {
            Files.writeString(folder.resolve(file.getKey()), file.getValue().toString());
        }
        for (JsonNode command : walk.get("commands")) {
            Run run = rondel((Object[]) words(command.asText()));
            assertThat(run.code()).as("%s: %s", command.asText(), run.err()).isZero();
        }
        for (JsonNode expected : walk.get("expect")) {
            if (expected.has("info")) {
                elements(expected);
            } else {
                file(folder.resolve(expected.get("file").asText()), expected);
            }
        }
    }

    /** Files are in the test's folder. */
    private String[] words(String command) {
        String[] words = command.split(" ");
        for (int i = 0; i < words.length; i++) {
            if (words[i].matches("[^-].*\\.(rondel|json|svg|png|jpg|pdf)") && !words[i].startsWith("--")) {
                words[i] = folder.resolve(words[i]).toString();
            }
        }
        return words;
    }

    private void elements(JsonNode expected) throws IOException {
        List<JsonNode> all = new ArrayList<>();
        info(folder.resolve(expected.get("info").asText())).get("sheets").forEach(s -> s.get("elements")
                .forEach(e -> collect(e, all)));
        List<JsonNode> meant = all.stream()
                .filter(e -> Stream.of("role", "kind", "name")
                        .allMatch(f -> !expected.has(f)
                                || e.get(f).asText().equals(expected.get(f).asText())))
                .toList();
        assertThat(meant).as("%s", expected).hasSizeGreaterThan(0);
        if (expected.has("count")) {
            assertThat(meant).as("%s", expected).hasSize(expected.get("count").asInt());
        }
        JsonNode one = meant.get(expected.path("index").asInt());
        for (String figure : List.of("x_mm", "y_mm", "width_mm", "height_mm")) {
            if (expected.has(figure)) {
                assertThat(one.get(figure).asDouble())
                        .as("%s of %s", figure, expected)
                        .isCloseTo(expected.get(figure).asDouble(), within(0.01));
            }
        }
    }

    private static void collect(JsonNode element, List<JsonNode> all) {
        all.add(element);
        element.get("children").forEach(c -> collect(c, all));
    }

    private static void file(Path file, JsonNode expected) throws IOException {
        assertThat(file).as("%s", expected).isNotEmptyFile();
        String ending = file.toString().substring(file.toString().lastIndexOf('.') + 1);
        switch (ending) {
            case "svg" -> svg(Files.readString(file), expected);
            case "pdf" -> pdf(file, expected);
            default -> {
                BufferedImage image = ImageIO.read(file.toFile());
                size(expected, "px", image.getWidth(), image.getHeight());
            }
        }
    }

    private static void svg(String text, JsonNode expected) {
        expected.path("has").forEach(t -> assertThat(text).contains(t.asText()));
        expected.path("lacks").forEach(t -> assertThat(text).doesNotContain(t.asText()));
        if (expected.has("paths")) {
            assertThat(text.split("<(path|rect|circle|ellipse|line|polygon) ", -1))
                    .hasSize(expected.get("paths").asInt() + 1);
        }
        if (expected.has("mm")) {
            String[] box =
                    text.replaceFirst("(?s).*viewBox=\"0 0 ([^\"]*)\".*", "$1").split(" ");
            size(expected, "mm", Double.parseDouble(box[0]), Double.parseDouble(box[1]));
        }
    }

    private static void pdf(Path file, JsonNode expected) throws IOException {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            assertThat(document.getNumberOfPages())
                    .isEqualTo(expected.path("pages").asInt(1));
            double mm = 25.4 / 72;
            size(
                    expected,
                    "mm",
                    document.getPage(0).getMediaBox().getWidth() * mm,
                    document.getPage(0).getMediaBox().getHeight() * mm);
        }
    }

    private static void size(JsonNode expected, String field, double width, double height) {
        Optional<JsonNode> size = Optional.ofNullable(expected.get(field));
        if (size.isPresent()) {
            assertThat(width).as("%s", expected).isCloseTo(size.get().get(0).asDouble(), within(0.01));
            assertThat(height).as("%s", expected).isCloseTo(size.get().get(1).asDouble(), within(0.01));
        }
    }
}
