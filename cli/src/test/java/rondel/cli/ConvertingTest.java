package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

class ConvertingTest extends CommandLineFixture {

    private Path converted(Path from, String kind, Object... more) {
        Path out = folder.resolve("out");
        Object[] words = new Object[6 + more.length];
        System.arraycopy(new Object[] {"convert", from, "--to", kind, "-d", out}, 0, words, 0, 6);
        System.arraycopy(more, 0, words, 6, more.length);
        Run run = rondel(words);
        assertThat(run.code()).as(run.err()).isZero();
        return out.resolve("star." + kind);
    }

    @Test
    void aWidthIsTheWidthInEveryKindOfFile() throws IOException {
        Path star = file("star.svg", STAR);

        assertThat(Files.readString(converted(star, "svg", "--width", "3in")))
                .contains("width=\"76.2mm\"", "height=\"38.1mm\"");
        try (PDDocument pdf =
                Loader.loadPDF(converted(star, "pdf", "--width", "3in").toFile())) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isEqualTo(216);
            assertThat(pdf.getPage(0).getMediaBox().getHeight()).isEqualTo(108);
        }
        for (String kind : new String[] {"png", "jpg"}) {
            BufferedImage image = ImageIO.read(
                    converted(star, kind, "--width", "3in", "--ppi", 200).toFile());
            assertThat(image.getWidth()).isEqualTo(600);
            assertThat(image.getHeight()).isEqualTo(300);
        }
    }

    @Test
    void aPictureMayBeSoManyPixelsWide() throws IOException {
        BufferedImage image = ImageIO.read(
                converted(file("star.svg", STAR), "jpg", "--width", "64 px").toFile());

        assertThat(image.getWidth()).isEqualTo(64);
        assertThat(image.getHeight()).isEqualTo(32);
        assertThat(image.getRGB(1, 30) & 0xffffff).as("paper").isEqualTo(0xffffff);
        assertThat(image.getRGB(60, 4) & 255).as("sea green").isBetween(0x60, 0x78);
    }

    @Test
    void whatIsNotCarriedOverIsSaidForEachFile() throws IOException {
        Path odd = file("odd.svg", STAR.replace("<path ", "<path filter='url(#blur)' "));
        Path star = file("star.svg", STAR);
        Path out = folder.resolve("out");

        assertThat(rondel("convert", odd, star, "--to", "svg", "-d", out).out().lines())
                .hasSize(1)
                .allSatisfy(l -> assertThat(l).startsWith("odd.svg: "));
        JsonNode list = new ObjectMapper()
                .readTree(rondel("convert", odd, star, "--to", "svg", "-d", out, "--json", "--force")
                        .out());
        assertThat(list.at("/0/findings/0/sentence").asText()).isNotBlank();
        assertThat(list.at("/1/findings")).isEmpty();
    }

    @Test
    void widthsAndKindsThatCannotBeGetASentence() throws IOException {
        Path star = file("star.svg", STAR);
        Object[][] wrong = {{"svg", "0mm"}, {"pdf", "-3in"}, {"png", "wide"}, {"svg", "64px"}, {"bmp", "3in"}};
        for (Object[] w : wrong) {
            Run run = rondel("convert", star, "--to", w[0], "-d", folder.resolve("out"), "--width", w[1]);
            assertThat(run.code()).as("%s %s", w).isEqualTo(1);
            assertThat(run.err().lines()).as("%s %s", w).hasSize(1);
            assertThat(run.err()).doesNotContain("Exception");
        }
        assertThat(folder.resolve("out/star.bmp")).doesNotExist();
    }
}
