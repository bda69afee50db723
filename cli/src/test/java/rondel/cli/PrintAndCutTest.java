package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Passes, print and cut, from the job to what came out, all by commands and over real lines. */
@Timeout(value = 120, unit = TimeUnit.SECONDS)
class PrintAndCutTest extends CommandLineFixture {

    /** A stand-in on a thread of its own. */
    private static final class Machine {
        private final ByteArrayOutputStream said = new ByteArrayOutputStream();
        private final CompletableFuture<Integer> end;

        Machine(Object... args) {
            String[] words = java.util.Arrays.stream(args).map(Object::toString).toArray(String[]::new);
            PrintStream out = new PrintStream(said, true, StandardCharsets.UTF_8);
            end = CompletableFuture.supplyAsync(() -> RondelCommand.run(words, out, out, Map.of()));
        }

        String address() throws Exception {
            Pattern port = Pattern.compile("listens on port (\\d+)");
            for (int i = 0; i < 400; i++) {
                Matcher m = port.matcher(said.toString(StandardCharsets.UTF_8));
                if (m.find()) {
                    return "localhost:" + m.group(1);
                }
                Thread.sleep(25);
            }
            throw new AssertionError(said.toString(StandardCharsets.UTF_8));
        }

        void join() throws Exception {
            assertThat(end.get(60, TimeUnit.SECONDS))
                    .as(said.toString(StandardCharsets.UTF_8))
                    .isZero();
        }
    }

    private static JsonNode json(Run run) throws Exception {
        assertThat(run.code()).as(run.err()).isZero();
        return new ObjectMapper().readTree(run.out());
    }

    @Test
    void theNamePlateIsTwoLoadsEachCutAsItWasDrawn() throws Exception {
        Path job = demo("name-plate.rondel");
        JsonNode passes = json(rondel("passes", job, "--json"));
        assertThat(passes).hasSize(2);
        assertThat(passes.get(0).get("name").asText()).isEqualTo("Gold film: cut");
        assertThat(passes.get(1).get("load").asText()).contains("roll of Deep blue film");
        for (int pass = 1; pass <= 2; pass++) {
            Path out = folder.resolve("cut-" + pass);
            Machine cutter = new Machine("cutter", "--port", 0, "--out", out, "--once");
            JsonNode cut = json(rondel("cut", job, "--pass", pass, "--to", cutter.address(), "--json"));
            cutter.join();
            assertThat(cut.get("end").asText()).isEqualTo("done");
            JsonNode result = json(rondel("compare", job, out.resolve("cut-1.svg"), "--pass", pass, "--json"));
            assertThat(result.get("largest_mm").asDouble()).isLessThan(0.08);
            assertThat(result.get("mean_mm").asDouble()).isLessThan(0.02);
            assertThat(result.get("open").asInt()).isZero();
            assertThat(out.resolve("cut-1.png")).isNotEmptyFile();
            assertThat(new ObjectMapper()
                            .readTree(out.resolve("cut-1.json").toFile())
                            .get("seconds")
                            .asDouble())
                    .isCloseTo(cut.get("seconds").asDouble(), org.assertj.core.data.Percentage.withPercentage(5));
        }
    }

    @Test
    void stickersPrintedAskewAndLoadedAskewAreCutWhereTheyWerePrinted() throws Exception {
        Path job = demo("sticker-run.rondel");
        Path out = folder.resolve("out");
        Machine printer =
                new Machine("printer", "--port", 0, "--out", out, "--misfeed", "0.6,-0.4,0.15,1.002", "--once");
        assertThat(rondel("print", job, "--sheet", 2, "--to", printer.address()).code())
                .isZero();
        printer.join();
        Path print = out.resolve("print-1.png");

        Machine cutter = new Machine(
                "cutter", "--port", 0, "--out", out, "--misfeed", "1.5,-0.8,0.6,1", "--loaded", print, "--once");
        String address = cutter.address();
        JsonNode found = json(rondel("register", job, "--sheet", 2, "--scan", out.resolve("bed.png"), "--json"));
        assertThat(found.get("residual_mm").asDouble()).isLessThan(0.05);
        JsonNode cut = json(rondel(
                "cut", job, "--sheet", 2, "--pass", 2, "--to", address, "--scan", out.resolve("bed.png"), "--json"));
        cutter.join();
        assertThat(cut.get("lines").asInt()).isEqualTo(24);

        JsonNode onPrint = json(
                rondel("compare", job, out.resolve("cut-1.svg"), "--sheet", 2, "--pass", 2, "--scan", print, "--json"));
        assertThat(onPrint.get("largest_mm").asDouble()).isLessThan(0.15);
        JsonNode without = json(rondel("compare", job, out.resolve("cut-1.svg"), "--sheet", 2, "--pass", 2, "--json"));
        assertThat(without.get("largest_mm").asDouble()).isGreaterThan(0.5);
    }

    @Test
    void aPassIsWrittenToAFileAndWhatCantBeIsASentence() throws Exception {
        Path job = demo("name-plate.rondel");
        Path file = folder.resolve("gold.hpgl");
        assertThat(rondel("cut", job, "--pass", 1, "-o", file).code()).isZero();
        assertThat(file).content(StandardCharsets.US_ASCII).startsWith("IN;SP1;VS20;FS90;");
        assertThat(rondel("cut", job, "--pass", 1, "-o", file).code()).isEqualTo(1);

        Path own = folder.resolve("materials.json");
        assertThat(rondel("materials", "--list", own, "--add", "Brass", "--like", "Foil", "--speed", 40)
                        .code())
                .isZero();
        Path slow = folder.resolve("slow.hpgl");
        assertThat(rondel("cut", job, "--pass", 1, "-o", slow, "--material", "brass", "--materials", own)
                        .code())
                .isZero();
        assertThat(slow).content(StandardCharsets.US_ASCII).startsWith("IN;SP1;VS4;");

        assertThat(rondel("cut", job, "--pass", 9, "-o", folder.resolve("x.hpgl"))
                        .err())
                .contains("there is no pass 9");
        assertThat(rondel("cut", demo("sticker-run.rondel"), "--sheet", 2, "--pass", 1, "-o", folder.resolve("y"))
                        .err())
                .contains("is printed, not cut");
        Run dead = rondel("cut", job, "--pass", 1, "--to", "localhost:1");
        assertThat(dead.code()).isEqualTo(1);
        assertThat(dead.err()).contains("Nothing listens");
        assertThat(rondel("register", job, "--sheet", 1, "--scan", file).code()).isEqualTo(1);
    }

    @Test
    void aLineThatIsDroppedCanBeTakenUp() throws Exception {
        Path job = demo("name-plate.rondel");
        Path out = folder.resolve("dropped");
        Machine cutter = new Machine("cutter", "--port", 0, "--out", out, "--drop-after", 3000, "--once");
        Run broken = rondel("cut", job, "--pass", 2, "--to", cutter.address());
        assertThat(broken.code()).as(broken.err()).isEqualTo(1);
        Matcher from = Pattern.compile("--from (\\d+)").matcher(broken.err());
        assertThat(from.find()).as(broken.err()).isTrue();
        assertThat(rondel("cut", job, "--pass", 2, "--to", cutter.address(), "--from", from.group(1))
                        .code())
                .isZero();
        cutter.join();
        assertThat(json(rondel("compare", job, out.resolve("cut-1.svg"), "--pass", 2, "--json"))
                        .get("open")
                        .asInt())
                .isZero();
    }

    @Test
    void thePageThatIsPrintedHasItsSize() throws Exception {
        Path pdf = folder.resolve("page.pdf");
        assertThat(rondel("print", demo("sticker-run.rondel"), "--sheet", 2, "-o", pdf, "--ruler")
                        .code())
                .isZero();
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getPage(0).getMediaBox().getWidth()).isEqualTo(612);
            assertThat(document.getPage(0).getMediaBox().getHeight()).isEqualTo(792);
        }
        Path list = folder.resolve("printers.json");
        assertThat(rondel(
                                "printers",
                                "--list",
                                list,
                                "--name",
                                "Desk",
                                "--measured",
                                "180.72x180mm",
                                "--square",
                                "180mm",
                                "--json")
                        .out())
                .contains("1.004");
        assertThat(rondel(
                                "print",
                                "--test-page",
                                "8.5x11in",
                                "-o",
                                folder.resolve("t.pdf"),
                                "--scale-of",
                                "desk",
                                "--printers",
                                list)
                        .code())
                .isZero();
    }
}
