package rondel.formats.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rondel.formats.Fixtures.page;
import static rondel.formats.Fixtures.written;

import java.awt.geom.PathIterator;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rondel.formats.Fixtures;
import rondel.formats.Pictures;
import rondel.formats.artwork.Artwork;
import rondel.formats.page.Page;
import rondel.formats.png.PageRaster;
import rondel.formats.png.PixelSize;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.job.Element;
import rondel.job.ShapeElement;
import rondel.job.TextElement;

class SvgRoundTripTest {

    static List<String> clipart() {
        return new String(Fixtures.resource("/rondel/formats/clipart/index.txt"), StandardCharsets.UTF_8)
                .lines()
                .toList();
    }

    static List<String> demo() {
        return Fixtures.demoArtwork();
    }

    private static Artwork clipart(String name) {
        return SvgReader.read(
                new ByteArrayInputStream(Fixtures.resource("/rondel/formats/clipart/" + name)), name, Fixtures.FONTS);
    }

    private static Artwork again(String svg) {
        return SvgReader.read(
                new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)), "again.svg", Fixtures.FONTS);
    }

    @ParameterizedTest
    @MethodSource("clipart")
    void clipArtLooksAsAnIndependentReaderDrawsItAndSoDoesWhatIsWritten(String name) throws Exception {
        BufferedImage reference = ImageIO.read(
                new ByteArrayInputStream(Fixtures.resource("/rondel/formats/clipart/" + name.replace(".svg", ".png"))));
        Page page = page(clipart(name));
        assertThat(Pictures.difference(paint(page), reference)).isLessThan(0.01);
        assertThat(Pictures.difference(paint(page(again(written(page)))), reference))
                .isLessThan(0.01);
    }

    private static BufferedImage paint(Page page) {
        return PageRaster.paint(page, PixelSize.ofWidth(page, 128), Fixtures.PICTURES);
    }

    @ParameterizedTest
    @MethodSource("demo")
    void tenTimesOutAndInAgainNothingDrifts(String name) {
        Artwork first = Fixtures.demo(name);
        String svg = written(page(first));
        String start = svg;
        Artwork read = first;
        for (int i = 0; i < 10; i++) {
            read = again(svg);
            svg = written(page(read));
        }
        assertThat(withoutWords(svg)).isEqualTo(withoutWords(start));
        assertThat(names(read.elements())).isEqualTo(names(first.elements()));
        List<double[]> before = points(first.elements(), Affine.IDENTITY);
        List<double[]> after = points(read.elements(), Affine.IDENTITY);
        assertThat(after).hasSameSizeAs(before);
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i)[0]).isCloseTo(before.get(i)[0], within(0.001));
            assertThat(after.get(i)[1]).isCloseTo(before.get(i)[1], within(0.001));
        }
    }

    /** Less the file's own title, and the words that outlines of text are labelled with the first time. */
    private static String withoutWords(String svg) {
        return svg.replaceFirst("<title>.*?</title>", "").replaceAll(" aria-label=\"[^\"]*\"", "");
    }

    private static List<String> names(List<Element> elements) {
        return elements.stream().map(e -> e.name() + names(e.children())).toList();
    }

    private static List<double[]> points(List<Element> elements, Affine toPage) {
        List<double[]> all = new ArrayList<>();
        for (Element e : elements) {
            Affine own = toPage.times(e.placement());
            switch (e) {
                case ShapeElement s -> collect(s.outline().iterator(own.toAwt(), FillRule.NON_ZERO), all);
                case TextElement t -> collect(t.outline().iterator(own.toAwt(), FillRule.NON_ZERO), all);
                default -> all.addAll(points(e.children(), own));
            }
        }
        return all;
    }

    private static void collect(PathIterator it, List<double[]> all) {
        double[] c = new double[6];
        for (; !it.isDone(); it.next()) {
            int type = it.currentSegment(c);
            int count = type == PathIterator.SEG_CLOSE
                    ? 0
                    : type == PathIterator.SEG_QUADTO ? 2 : type == PathIterator.SEG_CUBICTO ? 3 : 1;
            for (int i = 0; i < count; i++) {
                all.add(new double[] {c[2 * i], c[2 * i + 1]});
            }
        }
    }

    @Test
    void theWrittenFileStatesItsSizeInMmAndHasNoClassesOrScripts() {
        String svg = written(page(Fixtures.demo("creatures/octopus.svg")));
        assertThat(svg)
                .contains("width=\"62mm\"", "viewBox=\"0 0 62 62\"")
                .doesNotContain("class=", "<script", "<style");
    }
}
