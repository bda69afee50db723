package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import rondel.formats.job.JobFile;
import rondel.job.Role;

class CommandLineTest extends CommandLineFixture {

    @Test
    void aJobIsMadePlacedOnChangedAndSentOutAtExactSizes() throws IOException {
        Path job = page();
        Path star = file("star.svg", STAR);
        assertThat(rondel("place", job, star, "--at", "1in,2in", "--width", "3in")
                        .code())
                .isZero();
        JsonNode sheet = info(job).at("/sheets/0");
        assertThat(sheet.get("width_mm").asDouble()).isEqualTo(304.8);
        JsonNode placed = sheet.at("/elements/0");
        assertThat(placed.get("name").asText()).isEqualTo("star");
        assertThat(placed.get("x_mm").asDouble()).isEqualTo(25.4);
        assertThat(placed.get("y_mm").asDouble()).isEqualTo(50.8);
        assertThat(placed.get("width_mm").asDouble()).isEqualTo(76.2);
        assertThat(placed.at("/children/0/name").asText()).isEqualTo("Body");

        String id = placed.get("id").asText();
        Path recipe = file(
                "recipe.json",
                "[{\"operation\":\"resize\",\"elements\":[\"" + id + "\"],\"width\":\"3 5/8 in\",\"keep_ratio\":true},"
                        + "{\"operation\":\"turn-to\",\"elements\":[\"" + id + "\"],\"angle\":30},"
                        + "{\"operation\":\"rename\",\"elements\":[\"" + id + "\"],\"name\":\"Kite\"}]");
        Path changed = folder.resolve("changed.rondel");
        assertThat(rondel("apply", job, recipe, "-o", changed).err()).isEmpty();
        assertThat(info(job).at("/sheets/0/elements/0/name").asText()).isEqualTo("star");
        assertThat(info(changed).at("/sheets/0/elements/0/name").asText()).isEqualTo("Kite");
        assertThat(info(changed).at("/sheets/0/elements/0/rotation_deg").asDouble())
                .isCloseTo(30, within(1e-9));

        for (String kind : new String[] {"svg", "pdf", "png", "jpg"}) {
            Path out = folder.resolve("page." + kind);
            assertThat(rondel("export", job, "-o", out, "--ppi", 100).code()).isZero();
            assertThat(out).isNotEmptyFile();
        }
        assertThat(Files.readString(folder.resolve("page.svg"))).contains("width=\"304.8mm\"", "id=\"Body\"");
        Path only = folder.resolve("only.svg");
        assertThat(rondel("export", job, "-o", only, "--only", id).code()).isZero();
        assertThat(Files.readString(only)).contains("width=\"76.2");
    }

    @Test
    void severalFilesLieBesideEachOtherAndElementsAreCopiedToAnotherJob() throws IOException {
        Path job = page();
        rondel("place", job, file("a.svg", STAR), file("b.svg", STAR), file("c.svg", STAR));
        JsonNode all = info(job).at("/sheets/0/elements");
        assertThat(all.get(1).get("x_mm").asDouble() - all.get(0).get("x_mm").asDouble())
                .isCloseTo(all.get(0).get("width_mm").asDouble() + 6.35, within(1e-6));
        Path other = folder.resolve("other.rondel");
        rondel("new", "-o", other, "--sheet", "letter");
        assertThat(rondel(
                                "copy",
                                other,
                                "--from",
                                job,
                                "--only",
                                all.get(2).get("id").asText())
                        .code())
                .isZero();
        assertThat(info(other).at("/sheets/0/elements/0/x_mm").asDouble())
                .isCloseTo(all.get(2).get("x_mm").asDouble(), within(1e-9));
    }

    @Test
    void fontsAndGlyphsAreListed() {
        assertThat(rondel("fonts").out()).contains("Great Vibes", "Nunito  400, 700");
        assertThat(rondel("glyphs", "Great Vibes", "--find", "M").out()).contains("U+004D", "492");
        assertThat(rondel("glyphs", "Grate Vibes").err()).contains("no font family");
    }

    @Test
    void artworkLargerThanTheSheetIsScaledWithANote() throws IOException {
        Path job = folder.resolve("card.rondel");
        rondel("new", "-o", job, "--sheet", "4x6in");
        Run placed = rondel(
                "place", job, file("wide.svg", STAR.replace("50mm", "500mm").replace("25mm", "250mm")));
        assertThat(placed.out()).contains("wide", "scaled");
        assertThat(info(job).at("/sheets/0/elements/0/width_mm").asDouble()).isCloseTo(101.6, within(1e-6));
    }

    @Test
    void oneBadFileDoesNotStopTheRest() throws IOException {
        Path good = file("good.svg", STAR);
        Path bad = file("bad.svg", "<svg");
        Path out = folder.resolve("out");
        Run run = rondel("convert", bad, good, "--to", "png", "--width", "256px", "-d", out, "--json");
        assertThat(run.code()).isEqualTo(1);
        assertThat(run.err().lines()).hasSize(1).first().asString().contains("bad.svg");
        JsonNode list = new ObjectMapper().readTree(run.out());
        assertThat(list.get(0).has("error")).isTrue();
        assertThat(list.get(1).get("output").asText()).endsWith("good.png");
        assertThat(javax.imageio.ImageIO.read(out.resolve("good.png").toFile()).getWidth())
                .isEqualTo(256);
    }

    @Test
    void filesOfTheSameNameDoNotOverwriteEachOther() throws IOException {
        Files.createDirectories(folder.resolve("more"));
        Path out = folder.resolve("out");
        Run run = rondel(
                "convert",
                file("a.svg", STAR),
                file("more/a.svg", STAR),
                file("a-2.svg", STAR),
                "--to",
                "svg",
                "-d",
                out);
        assertThat(run.code()).isZero();
        try (var files = Files.list(out)) {
            assertThat(files).hasSize(3);
        }
    }

    @Test
    void whatFailsSaysSoInOneLineAndLeavesTheJobAlone() throws IOException {
        Path job = page();
        byte[] before = Files.readAllBytes(job);
        Path evil = file("evil.svg", STAR.replaceFirst("(?s)<g .*</g>", "<image href='http://localhost:9/x.png'/>"));
        Path recipe = file("recipe.json", "[{\"operation\":\"delete\",\"elements\":[\"nobody\"]}]");
        Run[] runs = {
            rondel("place", job, evil),
            rondel("place", job, folder.resolve("nothing.svg")),
            rondel("apply", job, recipe),
            rondel("apply", job, file("no.json", "{")),
            rondel("export", job, "-o", folder.resolve("no/where.svg")),
            rondel("export", job, "-o", folder.resolve("page.xyz")),
            rondel("export", job, "-o", folder.resolve("page.png"), "--sheet", 7),
            rondel("info", recipe),
            rondel("new", "-o", folder.resolve("big.rondel"), "--sheet", "9000x10in")
        };
        for (Run run : runs) {
            assertThat(run.code()).isEqualTo(1);
            assertThat(run.err().lines()).hasSize(1);
            assertThat(run.err()).doesNotContain("Exception").hasSizeGreaterThan(20);
        }
        assertThat(Files.readAllBytes(job)).isEqualTo(before);
    }

    @Test
    void whatIsPlacedGetsTheRolesThatTheJobsRulesSay() throws IOException {
        Path job = page();
        Path rule = file(
                "rule.json", "[{\"operation\":\"roles-by-look\",\"rules\":[{\"dashed\":false,\"role\":\"cut\"}]}]");
        assertThat(rondel("apply", job, rule).err()).isEmpty();
        Path lined = file(
                "lined.svg",
                "<svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='20mm' viewBox='0 0 20 20'>"
                        + "<rect x='2' y='2' width='9' height='9' fill='none' stroke='#123456'/></svg>");
        assertThat(rondel("place", job, lined).code()).isZero();
        assertThat(JobFile.read(job).everything().map(e -> e.role())).contains(Role.CUT);
    }

    @Test
    void wrongUsageIsCodeTwo() {
        assertThat(rondel("new", "--sheet", "12x12in").code()).isEqualTo(2);
        assertThat(rondel("new", "-o", folder.resolve("x.rondel"), "--sheet", "twelve")
                        .code())
                .isEqualTo(2);
        assertThat(rondel("levitate").code()).isEqualTo(2);
        assertThat(rondel("--help").code()).isZero();
    }

    @Test
    void everyOperationIsListedWithAnExample() throws IOException {
        JsonNode list =
                new ObjectMapper().readTree(rondel("operations", "--json").out());
        assertThat(list.size()).isGreaterThan(20);
        assertThat(rondel("operations").out()).contains("set-stroke", "turn-to");
    }

    @Test
    void theShelfKeepsFindsDescribesAndPlacesThings() throws IOException {
        Path shelf = folder.resolve("shelf");
        Path star = file("star.svg", STAR);
        assertThat(rondel("shelf", "--shelf", shelf, "add", star, "--set", "Night", "--tags", "sky,gold")
                        .out())
                .contains("Night/star.svg");
        assertThat(rondel(
                                "shelf",
                                "--shelf",
                                shelf,
                                "describe",
                                "Night/star.svg",
                                "--licence",
                                "personal_use",
                                "--favourite")
                        .code())
                .isZero();
        JsonNode found = new ObjectMapper()
                .readTree(rondel("shelf", "--shelf", shelf, "find", "gol", "--json")
                        .out());
        assertThat(found).hasSize(1);
        assertThat(found.get(0).get("licence").asText()).isEqualTo("personal-use");
        assertThat(found.get(0).get("favourite").asBoolean()).isTrue();
        Path job = page();
        assertThat(rondel("shelf", "--shelf", shelf, "place", job, "Night/star.svg")
                        .code())
                .isZero();
        JsonNode placed = info(job).at("/sheets/0/elements/0");
        assertThat(placed.get("width_mm").asDouble()).isCloseTo(50, within(1e-9));
        assertThat(rondel(
                                "shelf",
                                "--shelf",
                                shelf,
                                "save",
                                job,
                                "--only",
                                placed.get("id").asText(),
                                "--title",
                                "Sky")
                        .out())
                .contains("sky.rondel");
        assertThat(rondel("shelf", "--shelf", shelf, "take-off", "Night/star.svg")
                        .code())
                .isZero();
        Run gone = rondel("shelf", "--shelf", shelf, "place", job, "Night/star.svg");
        assertThat(gone.code()).isEqualTo(1);
        assertThat(gone.err().lines()).hasSize(1);
        assertThat(rondel("shelf").code()).isEqualTo(2);
    }

    @Test
    void aTemplateIsListedAndFilledIn() throws IOException {
        Path job = page();
        Path add = file("add.json", """
                [{"operation": "add-text", "sheet": "sheet-1", "x": "2in", "y": "2in", "fill": "#1f6f6b",
                  "lettering": {"content": "Guest", "font": {"family": "Nunito"}, "size": 10}}]
                """);
        Run added = rondel("apply", job, add);
        assertThat(added.code()).as(added.err()).isZero();
        JsonNode blanks =
                new ObjectMapper().readTree(rondel("blanks", job, "--json").out());
        String id = blanks.at("/texts/0/id").asText();
        assertThat(blanks.at("/colours/0").asText()).isEqualTo("#1f6f6b");
        Path values =
                file("values.json", "{\"texts\": {\"" + id + "\": \"Ann\"}, \"colours\": {\"#1f6f6b\": \"#b8442f\"}}");
        Path out = folder.resolve("ann.rondel");
        Run filled = rondel("fill-in", job, values, "-o", out);
        assertThat(filled.code()).as(filled.err()).isZero();
        JsonNode after =
                new ObjectMapper().readTree(rondel("blanks", out, "--json").out());
        assertThat(after.at("/texts/0/content").asText()).isEqualTo("Ann");
        assertThat(after.at("/colours/0").asText()).isEqualTo("#b8442f");
        Run wrong = rondel("fill-in", job, file("no.json", "{\"texts\": {\"nobody\": \"x\"}}"));
        assertThat(wrong.code()).isEqualTo(1);
        assertThat(wrong.err()).contains("nobody");
    }
}
