package rondel.formats.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Place;
import rondel.compose.shape.AddShape;
import rondel.formats.Fixtures;
import rondel.formats.job.JobFile;
import rondel.formats.page.Page;
import rondel.formats.pdf.PdfWriter;
import rondel.formats.png.PageRaster;
import rondel.formats.png.PixelSize;
import rondel.formats.svg.OtherReader;
import rondel.geometry.Point;
import rondel.geometry.shape.ArrowShape;
import rondel.geometry.shape.BalloonShape;
import rondel.geometry.shape.BannerShape;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.Corners;
import rondel.geometry.shape.Edge;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.LineShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.PlainShape;
import rondel.geometry.shape.PolygonShape;
import rondel.geometry.shape.PolylineShape;
import rondel.geometry.shape.RingShape;
import rondel.geometry.shape.StarShape;
import rondel.geometry.shape.TagShape;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.units.LengthUnit;

class PlainShapesInFilesTest {

    private static final SheetId SHEET = new SheetId("sheet-1");
    private static final Edge SCALLOPS = new Edge(Edge.Style.SCALLOPED, 6, 3);

    private static Stream<PlainShape> shapes() {
        return Stream.of(
                BoxShape.of(40, 30),
                new BoxShape(40, 30, Corners.all(Corners.Style.ROUND, 4.7625), Edge.USUAL),
                new BoxShape(40, 30, new Corners(Corners.Style.CUT, 4, 0, 3, 2), Edge.USUAL),
                new BoxShape(40, 30, Corners.USUAL, SCALLOPS),
                OvalShape.of(40, 30),
                OvalShape.of(40, 40),
                new OvalShape(40, 30, SCALLOPS),
                new LineShape(0, 5, 40, 30),
                new PolylineShape(List.of(new Point(0, 0), new Point(20, 30), new Point(40, 1.23456789)), false),
                new PolylineShape(List.of(new Point(0, 0), new Point(20, 30), new Point(40, 5)), true),
                new PolygonShape(40, 30, 6),
                new StarShape(40, 30, 5, 0.5),
                new HeartShape(40, 30),
                new TagShape(40, 30, 6, 4, 5),
                new BannerShape(40, 30, 8),
                new ArrowShape(40, 30, 15, 10),
                new RingShape(40, 30, 5),
                new BalloonShape(40, 30, 4, 8, 6, 0.3, 0.1));
    }

    private static Job with(PlainShape shape, double x, double y, Optional<Stroke> stroke) {
        Job job = Job.blank("Shapes", LengthUnit.IN, 76.2, 76.2);
        return WhatFollows.editing()
                .apply(new AddShape(SHEET, shape, x, y, "It", Paint.solid(Rgba.WHITE), stroke, Role.PRINT), job);
    }

    private static Page page(Job job) {
        return Page.ofSheet(job, SHEET).withoutPaper();
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void aShapeComesBackFromSvgAndFromTheJobAsWhatItWas(PlainShape shape, @TempDir Path folder) {
        Job job = with(shape, 12.345, 20.1, Optional.of(Stroke.plain(Rgba.BLACK, 0.5)));
        Element read = Fixtures.svg(Fixtures.written(page(job))).elements().getFirst();
        Job placed = WhatFollows.editing()
                .apply(new Place(SHEET, List.of(read), List.of()), Job.blank("", LengthUnit.MM, 76.2, 76.2));
        ShapeElement back = (ShapeElement) placed.sheets().getFirst().elements().getFirst();

        assertThat(back.plain()).isPresent();
        assertThat(back.plain().get().getClass()).isEqualTo(shape.getClass());
        assertThat(back.plain().get().outline().isNear(shape.outline(), 1e-9)).isTrue();
        assertThat(back.outline()
                        .transformed(back.placement())
                        .bounds()
                        .orElseThrow()
                        .x())
                .isCloseTo(12.345 + shape.outline().bounds().orElseThrow().x(), within(1e-9));

        Path file = folder.resolve("shapes.rondel");
        JobFile.write(job, file, Fixtures.PICTURES);
        assertThat(JobFile.read(file)).isEqualTo(job);
    }

    @ParameterizedTest
    @CsvSource({"rect, 1", "circle, 6", "ellipse, 5", "line, 8", "polyline, 9", "polygon, 10"})
    void theStandardsOwnElementIsWrittenWhereThereIsOne(String tag, int number) {
        PlainShape shape = shapes().skip(number - 1).findFirst().orElseThrow();

        assertThat(Fixtures.written(page(with(shape, 5, 5, Optional.empty())))).contains("<" + tag + " ");
    }

    @Test
    void aTypedSizeStandsInTheFileAsItWasTyped() {
        Job job = with(BoxShape.of(2.615 * 25.4, 3.42 * 25.4), 5, 5, Optional.empty());

        assertThat(Fixtures.written(page(job))).contains("width=\"66.421\" height=\"86.868\"");
    }

    /** An inch and a half with a border of two points inside is an inch and a half over all, outside two times two points more. */
    @ParameterizedTest
    @CsvSource({"INSIDE, 1.5", "CENTRE, 1.5277778", "OUTSIDE, 1.5555556"})
    void aBordersPositionShowsAlikeInEveryKindOfFile(Stroke.Position position, double inches) throws Exception {
        Stroke border = Stroke.plain(Rgba.BLACK, 2 * 25.4 / 72).withPosition(position);
        BoxShape box = new BoxShape(38.1, 38.1, Corners.all(Corners.Style.ROUND, 3), Edge.USUAL);
        Page page = page(with(box, 19.05, 19.05, Optional.of(border)));

        assertThat(inkWidth(PageRaster.paint(page, PixelSize.atPpi(page, 1200), Fixtures.PICTURES), true) / 1200.0)
                .isCloseTo(inches, within(0.0015));
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        PdfWriter.write(page, Fixtures.PICTURES, pdf);
        try (PDDocument document = Loader.loadPDF(pdf.toByteArray())) {
            assertThat(inkWidth(new PDFRenderer(document).renderImageWithDPI(0, 1200, ImageType.RGB), false) / 1200.0)
                    .isCloseTo(inches, within(0.002));
        }
        String svg = Fixtures.written(page);
        assertThat(inkWidth(OtherReader.seen(svg, 76.2), false) * 3.0 / OtherReader.SIDE)
                .isCloseTo(inches, within(0.02));
        assertThat(OtherReader.difference(OtherReader.seen(svg, 76.2), OtherReader.painted(page)))
                .isLessThan(0.001);
        ShapeElement back = (ShapeElement) Fixtures.svg(svg).elements().getFirst();
        assertThat(back.stroke().map(Stroke::position)).contains(position);
        assertThat(back.plain()).isPresent();
    }

    /** The widest row of dark pixels. */
    private static int inkWidth(BufferedImage image, boolean transparent) {
        int left = image.getWidth();
        int right = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int p = image.getRGB(x, y);
                boolean dark = (p >> 8 & 255) < 128 && (!transparent || p >>> 24 > 128);
                left = dark ? Math.min(left, x) : left;
                right = dark ? Math.max(right, x + 1) : right;
            }
        }
        return right - left;
    }

    @Test
    void aRectangleOfAnotherProgramIsABoxAndOneThatLiesStretchedStaysAsItIs() {
        Element box = Fixtures.drawing("<rect x='3' y='4' width='20' height='10' rx='2'/>")
                .elements()
                .getFirst();
        Element askew = Fixtures.drawing("<g transform='scale(2 1)'><rect width='20' height='10' rx='2'/></g>")
                .elements()
                .getFirst()
                .children()
                .getFirst();

        assertThat(((ShapeElement) box).plain()).isPresent();
        assertThat(((ShapeElement) askew).plain()).isEmpty();
    }
}
