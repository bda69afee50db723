package rondel.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.artwork.Artwork;
import rondel.formats.reading.ArtworkReader;
import rondel.words.Refusal;

/** Each gets one clear sentence, never an exception of another kind, and nothing is fetched. */
class BadInputTest {

    private static final String SVG =
            "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink'"
                    + " width='10mm' height='10mm' viewBox='0 0 10 10'>";

    @TempDir
    private Path folder;

    private void refused(String name, byte[] bytes, String... parts) throws Exception {
        Path file = Files.write(folder.resolve(name), bytes);
        assertThatThrownBy(() -> new ArtworkReader(Fixtures.FONTS).read(file))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining(name)
                .hasMessageContainingAll(parts.length == 0 ? new String[] {name} : parts)
                .satisfies(e -> assertThat(e.getMessage()).doesNotContain("\n").hasSizeBetween(20, 400));
    }

    private void refused(String name, String text, String... parts) throws Exception {
        refused(name, text.getBytes(StandardCharsets.UTF_8), parts);
    }

    @Test
    void truncatedFiles() throws Exception {
        refused("cut.svg", SVG + "<g><path d='M0 0", "breaks off");
        byte[] png = Fixtures.resource("/rondel/demo/artwork/pictures/sea-wash.png");
        refused("cut.png", Arrays.copyOf(png, png.length / 2), "cut short");
        refused("head.png", Arrays.copyOf(png, 20));
        refused("empty.svg", "");
    }

    @Test
    void filesThatAreNoPictures() throws Exception {
        refused("notes.png", "a shopping list", "not a picture");
        refused("page.html", "<html><body/></html>", "not SVG");
        refused("other.jpg", new byte[] {(byte) 0xff, (byte) 0xd8, 1, 2, 3});
        assertThatThrownBy(() -> new ArtworkReader(Fixtures.FONTS).read(folder.resolve("none.svg")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("not there");
    }

    @Test
    void aFileWithAWrongEndingIsReadAsWhatItIsAndThatIsSaid() throws Exception {
        Path file = Files.writeString(folder.resolve("drawing.png"), SVG + "<rect width='5' height='5'/></svg>");
        Artwork artwork = new ArtworkReader(Fixtures.FONTS).read(file);
        assertThat(artwork.elements()).hasSize(1);
        assertThat(artwork.findings()).singleElement().satisfies(f -> assertThat(f.sentence())
                .contains("drawing.png", "SVG"));
    }

    @Test
    void aStyleSheetElsewhereIsNotFetchedAndThatIsSaid() throws Exception {
        String imported = SVG + "<style>@import url('http://localhost:9/a.css'); rect{fill:#f00}</style>";
        String linked = "<?xml-stylesheet href='http://localhost:9/a.css'?>" + SVG;
        for (String start : List.of(imported, linked)) {
            Path file = Files.writeString(folder.resolve("styled.svg"), start + "<rect width='5' height='5'/></svg>");
            Artwork artwork = new ArtworkReader(Fixtures.FONTS).read(file);
            assertThat(artwork.elements()).hasSize(1);
            assertThat(artwork.findings()).singleElement().satisfies(f -> assertThat(f.sentence())
                    .contains("style sheet"));
        }
    }

    @Test
    void aLinkedPictureIsLeftOutAndSaidWhereThereIsMore() throws Exception {
        Path file = Files.writeString(
                folder.resolve("linked.svg"),
                SVG + "<image href='sea.png' width='5' height='5'/><rect width='4' height='4'/></svg>");
        Artwork artwork = new ArtworkReader(Fixtures.FONTS).read(file);
        assertThat(artwork.elements()).singleElement().satisfies(e -> assertThat(e.kind())
                .isEqualTo("shape"));
        assertThat(artwork.findings())
                .singleElement()
                .satisfies(f -> assertThat(f.sentence()).contains("sea.png").contains("left out"));
    }

    @Test
    void externalEntitiesAndEntitiesWithoutEnd() throws Exception {
        Path secret = Files.writeString(folder.resolve("secret.txt"), "tide");
        refused(
                "pull.svg",
                "<!DOCTYPE svg [<!ENTITY x SYSTEM '" + secret.toUri() + "'>]>" + SVG + "<text>&x;</text></svg>",
                "another file");
        StringBuilder laughs = new StringBuilder("<!DOCTYPE svg [<!ENTITY a0 'ha'>");
        for (int i = 1; i < 40; i++) {
            laughs.append("<!ENTITY a")
                    .append(i)
                    .append(" '")
                    .append(("&a" + (i - 1) + ";").repeat(10))
                    .append("'>");
        }
        refused("laughs.svg", laughs + "]>" + SVG + "<text>&a39;</text></svg>", "entities");
    }

    @Test
    void aDrawingThatMultipliesItselfByUse() throws Exception {
        StringBuilder svg = new StringBuilder(SVG + "<defs><rect id='u0' width='1' height='1'/>");
        for (int i = 1; i < 12; i++) {
            svg.append("<g id='u").append(i).append("'>");
            svg.append(("<use href='#u" + (i - 1) + "'/>").repeat(10)).append("</g>");
        }
        refused("uses.svg", svg + "</defs><use href='#u11'/></svg>", "more elements");
    }

    @Test
    void linksToOtherFiles() throws Exception {
        refused(
                "web.svg",
                SVG + "<image href='http://localhost:9/x.png' width='5' height='5'/></svg>",
                "opens no links");
        refused(
                "disk.svg",
                SVG + "<image xlink:href='file:///etc/passwd' width='5' height='5'/></svg>",
                "opens no links");
        refused("reuse.svg", SVG + "<use href='other.svg#a'/></svg>", "opens no links");
    }

    @Test
    void sizesAndNumbersThatCannotBe() throws Exception {
        refused(
                "vast.svg",
                "<svg xmlns='http://www.w3.org/2000/svg' width='1000000000px' height='10px'><rect width='5' height='5'/></svg>",
                "m");
        refused("nan.svg", SVG + "<path d='M NaN 0 L 5 5'/></svg>", "not finite");
        refused("inf.svg", SVG + "<rect width='1e999' height='5'/></svg>", "not finite");
        refused(
                "turn.svg",
                SVG + "<g transform='rotate(Infinity)'><rect width='5' height='5'/></g></svg>",
                "not finite");
        refused("points.svg", SVG + "<polygon points='0,0 5,NaN 3,3'/></svg>", "not finite");
        refused("box.svg", SVG.replace("0 0 10 10", "0 0 1e999 10") + "</svg>", "not finite");
        refused("view.svg", SVG.replace("0 0 10 10", "0 0 Infinity 10") + "</svg>", "not finite");
    }

    @Test
    void tenThousandNestedGroups() throws Exception {
        refused(
                "deep.svg",
                SVG + "<g>".repeat(10_000) + "<rect width='5' height='5'/>" + "</g>".repeat(10_000) + "</svg>",
                "more than 400 deep");
    }
}
