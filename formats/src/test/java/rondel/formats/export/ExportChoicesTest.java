package rondel.formats.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Place;
import rondel.compose.lettering.AddText;
import rondel.formats.Fixtures;
import rondel.formats.artwork.Artwork;
import rondel.formats.files.Replacing;
import rondel.formats.page.Page;
import rondel.formats.png.PageRaster;
import rondel.formats.png.PixelSize;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.FontChoice;
import rondel.job.GroupElement;
import rondel.job.Lettering;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.TextAlign;
import rondel.job.TextElement;
import rondel.lines.check.Finding;
import rondel.text.Typesetter;

/** What there is to choose for one kind of file or another, and files of parts of a sheet. */
class ExportChoicesTest extends CardExports {

    @Test
    void piecesAndLevelsAreFilesOfTheirOwn() {
        assertThat(export("{name}.svg", card(ExportFormat.SVG).withEach(ExportRequest.Each.PIECE)))
                .hasSize(1);
        assertThat(export("{n}.png", card(ExportFormat.PNG).withEach(ExportRequest.Each.ELEMENT)))
                .hasSize(2);
        edit(new Group(List.of(id("Box"), id("Around")), "Sticker"));
        assertThat(export("one-{n}.svg", card(ExportFormat.SVG).withLevel(1))).hasSize(4);
        assertThat(export("two-{n}.svg", card(ExportFormat.SVG).withLevel(2))).hasSize(5);
        assertThatThrownBy(() -> card(ExportFormat.SVG).withLevel(0)).hasMessageContaining("count from 1");
    }

    private ElementId id(String name) {
        return job.everything()
                .filter(e -> e.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    @Test
    void anSvgIsGroupedByColourOrByPieceAndLooksTheSame() throws Exception {
        BufferedImage before = picture("before.png", card(ExportFormat.PNG));
        for (SvgChoice.Grouping grouping : SvgChoice.Grouping.values()) {
            String text = svg(
                    grouping + ".svg",
                    card(ExportFormat.SVG)
                            .withHow(FormatChoices.USUAL.withSvg(SvgChoice.USUAL.withGrouping(grouping))));
            Artwork again = Fixtures.svg(text);
            Page page = Fixtures.page(again);
            BufferedImage after = PageRaster.paint(
                    page.with(page.elements().stream()
                            .map(ExportChoicesTest::printed)
                            .toList()),
                    PixelSize.exactly(before.getWidth(), before.getHeight(), 300),
                    Fixtures.PICTURES);
            assertThat(after.getRGB(600, 700)).as(grouping.name()).isEqualTo(before.getRGB(600, 700));
            assertThat(after.getRGB(100, 100)).as(grouping.name()).isEqualTo(before.getRGB(100, 100));
            assertThat(text).contains("96/25.4 px of CSS");
        }
        String byColour = Files.readString(folder.resolve("COLOURS.svg"));
        assertThat(byColour.split("<g ", -1)).hasSizeGreaterThanOrEqualTo(4);
        assertThat(Files.readString(folder.resolve("PIECES.svg"))).contains("id=\"Box\"");
    }

    private static Element printed(Element e) {
        return e.children().isEmpty()
                ? e.with(t -> t.withHidden(e.role() != Role.PRINT))
                : ((GroupElement) e)
                        .withChildren(e.children().stream()
                                .map(ExportChoicesTest::printed)
                                .toList());
    }

    @Test
    void textLeavesAsTextWhereThatIsWanted() throws Exception {
        Lettering said = Lettering.plain("Low tide\nat noon", new FontChoice("Nunito", 600, false), 9)
                .withTracking(0.4)
                .withAlign(TextAlign.MIDDLE);
        edit(new AddText(
                CARD, 50, 100, said, Paint.solid(RED), Optional.of(new Typesetter(Fixtures.FONTS).outline(said))));
        String text = svg(
                "live.svg",
                card(ExportFormat.SVG).withHow(FormatChoices.USUAL.withSvg(SvgChoice.USUAL.withLiveText(true))));
        assertThat(text).contains("<text", "font-family=\"'Nunito'\"", "font-weight=\"600\"", "text-anchor=\"middle\"");
        Box before = Extent.of(job.sheets().getFirst().elements().getLast(), Affine.IDENTITY)
                .orElseThrow();
        List<Box> lines = new ArrayList<>();
        Fixtures.page(Fixtures.svg(text)).elements().forEach(e -> texts(e, Affine.IDENTITY, lines));
        assertThat(lines).hasSize(2);
        Box after = Box.around(lines).orElseThrow();
        assertThat(after.x()).isCloseTo(before.x(), within(0.3));
        assertThat(after.bottom()).isCloseTo(before.bottom(), within(0.3));
    }

    private static void texts(Element e, Affine around, List<Box> boxes) {
        if (e instanceof TextElement t) {
            Extent.of(t, around).ifPresent(boxes::add);
        }
        e.children().forEach(c -> texts(c, around.times(e.placement()), boxes));
    }

    @Test
    void picturesSayThatTheyAreSrgbAndAJpegIsAsGoodAsItIsWanted() throws Exception {
        byte[] png =
                Files.readAllBytes(export("tagged.png", card(ExportFormat.PNG)).getFirst());
        assertThat(new String(png, StandardCharsets.ISO_8859_1)).contains("sRGB");
        ExportRequest jpeg = card(ExportFormat.JPG);
        Path small = export("small.jpg", withQuality(jpeg.withTransparent(true), 0.3, BLUE))
                .getFirst();
        Path large = export("large.jpg", withQuality(jpeg, 1, Rgba.WHITE)).getFirst();
        assertThat(Files.size(small)).isLessThan(Files.size(large));
        assertThat(new String(Files.readAllBytes(small), StandardCharsets.ISO_8859_1))
                .contains("ICC_PROFILE");
        assertThatThrownBy(() -> withQuality(jpeg, 0, BLUE)).hasMessageContaining("from 5 to 100");
    }

    private static ExportRequest withQuality(ExportRequest jpeg, double quality, Rgba matte) {
        return jpeg.withHow(FormatChoices.USUAL.withJpeg(new JpegChoice(quality, matte)));
    }

    private List<String> said(String name, ExportRequest request) {
        return Exporting.write(
                        Exporting.outputs(job, request, folder.resolve(name)),
                        request,
                        Fixtures.PICTURES,
                        f -> Replacing.NOTHING)
                .stream()
                .map(Finding::code)
                .toList();
    }

    @Test
    void whatAFileCannotHoldIsSaidWhenItIsWritten() {
        Artwork photo = Fixtures.demo("pictures/beach-finds.jpg");
        edit(new Place(CARD, photo.elements(), photo.media()));
        assertThat(said("card.dxf", card(ExportFormat.DXF).withWhat(ExportWhat.ALL)))
                .containsExactly("dxfPictures");
        assertThat(said("lines.dxf", card(ExportFormat.DXF))).isEmpty();
        assertThat(said("card.svg", card(ExportFormat.SVG))).isEmpty();

        ExportRequest clear = card(ExportFormat.JPG).withTransparent(true);
        assertThat(said("clear.jpg", clear)).containsExactly("jpegOnWhite");
        assertThat(said("clear.png", card(ExportFormat.PNG).withTransparent(true)))
                .isEmpty();
        Rgba sand = new Rgba(233, 214, 178, 255);
        assertThat(said("on-sand.jpg", clear.withHow(FormatChoices.USUAL.withJpeg(new JpegChoice(0.9, sand)))))
                .isEmpty();
    }
}
