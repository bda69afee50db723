package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** What the Lines stage does, by recipes and the command line. */
class LinesByRecipeTest extends CommandLineFixture {

    @Test
    void checksSayWhatWouldGoWrongAndMendIt() throws IOException {
        Path job = page();
        Path open = file(
                "open.svg",
                "<svg xmlns='http://www.w3.org/2000/svg' width='50mm' height='50mm' viewBox='0 0 50 50'>"
                        + "<path id='Cut' d='M5 5h40v40h-40V5.5' fill='none' stroke='#000'/></svg>");
        String id = placed(job, open);
        Path role =
                file("role.json", "[{\"operation\": \"set-role\", \"elements\": [\"" + id + "\"], \"role\": \"cut\"}]");
        assertThat(rondel("apply", job, role).code()).isZero();
        JsonNode found =
                new ObjectMapper().readTree(rondel("check", job, "--json").out());
        assertThat(found.get(0).get("code").asText()).isEqualTo("openCut");
        assertThat(found.get(0).at("/fix/operation").asText()).isEqualTo("join-ends");
        Run mended = rondel("check", job, "--mend", "--json");
        assertThat(mended.code()).as(mended.err()).isZero();
        assertThat(new ObjectMapper().readTree(mended.out())).isEmpty();
    }

    /** A line that crosses itself is mended into two that touch, which is told and has no fix; what comes after is mended too. */
    @Test
    void everythingThatCanBeIsMendedInOneStepThoughSomeFindingsStay() throws IOException {
        Path job = page();
        Path lines = file(
                "lines.svg",
                "<svg xmlns='http://www.w3.org/2000/svg' width='90mm' height='50mm' viewBox='0 0 90 50'>"
                        + "<path d='M5 5L25 25V5L5 25Z' fill='none' stroke='#d00'/>"
                        + "<path d='M35 5h20v20h-20V5.4' fill='none' stroke='#d00'/>"
                        + "<path d='M60 5L85 5.6L60 6.2L58 6Z' fill='none' stroke='#d00' stroke-opacity='.4'/></svg>");
        placed(job, lines);
        apply(job, """
                [{"operation": "roles-by-look", "rules": [{"colour": "#dd0000", "role": "cut"}]}]
                """);

        List<String> before = codes(rondel("check", job, "--json"));
        Run mended = rondel("check", job, "--mend", "--json");

        assertThat(before).contains("selfCrossing", "openCut", "spikes", "transparentStroke");
        assertThat(mended.code()).as(mended.err()).isZero();
        assertThat(codes(mended)).containsOnly("touchingCuts");
    }

    private static List<String> codes(Run check) throws IOException {
        return new ObjectMapper().readTree(check.out()).findValuesAsText("code");
    }

    /** A cut file in two flat groups: its lines get their roles by their look, and come out piece by piece, each told in parts. */
    @Test
    void aCutFileIsGivenRolesAndRegroupedByRecipeAndInfoTellsEachPiecesParts() throws IOException {
        Path job = page();
        Path cuts = file(
                "cuts.svg",
                "<svg xmlns='http://www.w3.org/2000/svg' width='90mm' height='40mm' viewBox='0 0 90 40' fill='none'>"
                        + "<g id='Cut' stroke='#b00' stroke-width='.2'><path d='M2 2h36v36h-36z'/><path d='M52 2h36v36h-36z'/>"
                        + "<path d='M60 10h8v8h-8z'/></g>"
                        + "<g id='Fold' stroke='#b00' stroke-width='.6'><path d='M2 20h36'/><path d='M52 30h36'/></g></svg>");
        assertThat(rondel("place", job, cuts).code()).isZero();
        Path recipe = file(
                "recipe.json",
                "[{\"operation\": \"roles-by-look\", \"rules\": [{\"width\": 0.2, \"role\": \"cut\"},"
                        + " {\"colour\": \"#bb0000\", \"role\": \"score\"}]},"
                        + " {\"operation\": \"regroup\", \"by\": \"piece\"}]");
        Run applied = rondel("apply", job, recipe);
        assertThat(applied.code()).as(applied.err()).isZero();
        JsonNode pieces = info(job).at("/sheets/0/elements");
        assertThat(pieces).hasSize(2);
        List<String> told = new ArrayList<>();
        for (JsonNode piece : pieces) {
            StringBuilder parts = new StringBuilder();
            piece.get("parts").forEach(p -> parts.append(p.get("kind").asText())
                    .append(' ')
                    .append(p.get("role").asText())
                    .append(' ')
                    .append(Math.round(p.get("length_mm").asDouble()))
                    .append("; "));
            told.add(parts.toString());
        }
        assertThat(told)
                .containsExactlyInAnyOrder(
                        "outline cut 144; line score 36; ", "outline cut 144; hole cut 32; line score 36; ");
    }

    /** A sticker from a picture: its backdrop goes, and a line at a stated distance goes around what is left. */
    @Test
    void aPictureBecomesAStickerWithALineAtAnExactDistance() throws IOException {
        BufferedImage picture = new BufferedImage(400, 400, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = picture.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(238, 236, 230));
        g.fillRect(0, 0, 400, 400);
        g.setColor(new Color(31, 111, 107));
        g.fillOval(100, 100, 200, 200);
        g.dispose();
        Path png = folder.resolve("disc.png");
        ImageIO.write(picture, "png", png.toFile());
        Path job = page();
        String id = placed(job, png, "--at", "1in,1in", "--width", "40mm");

        apply(job, """
                [{"operation": "clear-backdrop", "elements": ["%1$s"]},
                 {"operation": "make-halo", "elements": ["%1$s"], "spread": "each"},
                 {"operation": "trace", "elements": ["%1$s"]}]
                """.formatted(id));

        List<JsonNode> cuts = everything(info(job).at("/sheets/0/elements")).stream()
                .filter(e -> e.get("role").asText().contains("cut"))
                .toList();
        assertThat(cuts).hasSize(1);
        assertThat(cuts.getFirst().get("width_mm").asDouble()).isCloseTo(20 + 4, within(0.1));
        assertThat(cuts.getFirst().get("x_mm").asDouble()).isCloseTo(25.4 + 10 - 2, within(0.1));
        List<JsonNode> traced = everything(info(job).at("/sheets/0/elements")).stream()
                .filter(e -> e.get("kind").asText().equals("shape") && !cuts.contains(e))
                .toList();
        assertThat(traced).isNotEmpty();
        assertThat(traced.getFirst().get("width_mm").asDouble()).isCloseTo(20, within(0.15));
    }

    /** Overlapping letters cut as one, follow their wording, and are a plain shape in the end. */
    @Test
    void letteringIsUnitedStaysLiveAndIsMadePermanent() throws IOException {
        Path job = page();
        apply(job, """
                [{"operation": "add-text", "sheet": "sheet-1", "x": "2in", "y": "2in", "fill": "#1f6f6b",
                  "lettering": {"content": "tide", "font": {"family": "Great Vibes"}, "size": 20}}]
                """);
        String id = info(job).at("/sheets/0/elements/0/id").asText();
        apply(job, "[{\"operation\": \"unite-live\", \"elements\": [\"" + id + "\"]}]");
        double before = union(job).get("width_mm").asDouble();
        apply(job, """
                [{"operation": "set-text", "element": "%s",
                  "lettering": {"content": "tide and tide", "font": {"family": "Great Vibes"}, "size": 20}}]
                """.formatted(id));
        double after = union(job).get("width_mm").asDouble();
        assertThat(after).isGreaterThan(2 * before);

        apply(
                job,
                "[{\"operation\": \"make-permanent\", \"elements\": [\""
                        + union(job).get("id").asText() + "\"]}]");

        List<JsonNode> left = everything(info(job).at("/sheets/0/elements"));
        assertThat(left).hasSize(1);
        assertThat(left.getFirst().get("kind").asText()).isEqualTo("shape");
        assertThat(left.getFirst().get("width_mm").asDouble()).isCloseTo(after, within(1e-6));
    }

    private JsonNode union(Path job) throws IOException {
        return everything(info(job).at("/sheets/0/elements")).stream()
                .filter(e -> e.get("kind").asText().equals("shape"))
                .findFirst()
                .orElseThrow();
    }

    /** A silhouette is filled with copies, which lie in it, the same each time; the finding-free sheet goes out. */
    @Test
    void anOutlineIsFilledByRecipeTheSameEachTime() throws IOException {
        Path job = page();
        Path drawings = file(
                "drawings.svg",
                "<svg xmlns='http://www.w3.org/2000/svg' width='120mm' height='100mm' viewBox='0 0 120 100'>"
                        + "<circle id='Pond' cx='50' cy='50' r='45'/><ellipse id='Pebble' cx='110' cy='10' rx='8' ry='6'/></svg>");
        String group = placed(job, drawings, "--at", "10mm,10mm");
        apply(job, "[{\"operation\": \"ungroup\", \"elements\": [\"" + group + "\"]}]");
        JsonNode elements = info(job).at("/sheets/0/elements");
        String fill = """
                [{"operation": "fill-outline", "outline": "%s", "drawings": ["%s"],
                  "settings": {"from": 6, "to": 20, "gap": 1, "seed": 3, "rounds": 24}}]
                """.formatted(
                elements.get(0).get("id").asText(), elements.get(1).get("id").asText());
        Path other = folder.resolve("other.rondel");
        Files.copy(job, other);

        apply(job, fill);
        apply(other, fill);

        assertThat(info(job)).isEqualTo(info(other));
        JsonNode pond = info(job).at("/sheets/0/elements/0");
        assertThat(pond.get("hidden").asBoolean()).isTrue();
        JsonNode copies = info(job).at("/sheets/0/elements/1/children");
        assertThat(copies).hasSizeGreaterThan(12);
        for (JsonNode copy : copies) {
            double cx = copy.get("x_mm").asDouble()
                    + copy.get("width_mm").asDouble() / 2
                    - pond.get("x_mm").asDouble()
                    - 45;
            double cy = copy.get("y_mm").asDouble()
                    + copy.get("height_mm").asDouble() / 2
                    - pond.get("y_mm").asDouble()
                    - 45;
            assertThat(Math.hypot(cx, cy)).isLessThan(45 - 2);
        }
        Path svg = folder.resolve("pond.svg");
        assertThat(rondel("export", job, "-o", svg).code()).isZero();
        assertThat(Files.readString(svg)).doesNotContain("id=\"Pond\"").contains("Filling");
    }

    private static List<JsonNode> everything(JsonNode elements) {
        List<JsonNode> all = new ArrayList<>();
        for (JsonNode e : elements) {
            all.add(e);
            all.addAll(everything(e.get("children")));
        }
        return all;
    }
}
