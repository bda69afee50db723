package rondel.formats.dxf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rondel.formats.artwork.Artwork;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.curve.Contour;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.StarShape;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.words.Refusal;

/** DXF out and in again, and as others write it. */
class DxfTest {

    private static Element shape(String name, Outline outline, Role role) {
        return new ShapeElement(
                Traits.named(name).withRole(role),
                outline,
                FillRule.EVEN_ODD,
                Paint.NONE,
                Optional.of(Stroke.plain(new Rgba(200, 20, 20, 255), 0.2)));
    }

    private static List<Element> drawing() {
        Outline wave = new OutlineBuilder()
                .moveTo(10, 70)
                .cubicTo(20, 60, 30, 80, 40, 70)
                .quadTo(45, 65, 50, 70)
                .lineTo(60, 70)
                .build();
        Element turned = GroupElement.of(
                Traits.named("Pair")
                        .withPlacement(Affine.translate(70, 20)
                                .times(Affine.rotate(30))
                                .times(Affine.scale(1.5, 1.5))),
                List.of(
                        shape("Heart", new HeartShape(10, 9).outline(), Role.KISS_CUT),
                        shape("Hole", OvalShape.of(2, 2).outline().transformed(Affine.translate(4, 3)), Role.CUT)));
        return List.of(
                shape("Star", StarShape.regular(5, 0.5, 20).outline().transformed(Affine.translate(5, 5)), Role.CUT),
                shape("Coin", OvalShape.of(12, 12).outline().transformed(Affine.translate(40, 8)), Role.CUT),
                shape("Egg", OvalShape.of(12, 17).outline().transformed(Affine.translate(40, 30)), Role.CUT),
                shape("Card", BoxShape.of(30, 20).outline().transformed(Affine.translate(5, 40)), Role.CUT),
                shape("Wave", wave, Role.SCORE),
                turned);
    }

    private static Page page(List<Element> elements) {
        return new Page("Drawing", 120, 90, Optional.empty(), elements, Map.of());
    }

    private static byte[] written(List<Element> elements, DxfVersion version, boolean blocks) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DxfWriter.write(page(elements), version, blocks, List.of(), out);
        return out.toByteArray();
    }

    private record Figures(double length, double area, Box box) {}

    private static Figures figures(List<Element> elements, Role role) {
        List<Outline> all = new ArrayList<>();
        elements.forEach(e -> take(e, Affine.IDENTITY, role, all));
        Outline joined = Outline.joined(all);
        double length = 0;
        double area = 0;
        for (Contour c : Contour.of(joined)) {
            area += c.closed() ? Math.abs(c.area()) : 0;
            for (var b : c.segments()) {
                for (int i = 0; i < 200; i++) {
                    length += b.at(i / 200.0).distanceTo(b.at((i + 1) / 200.0));
                }
            }
        }
        return new Figures(length, area, joined.bounds().orElseThrow());
    }

    private static void take(Element e, Affine around, Role role, List<Outline> all) {
        Affine own = around.times(e.placement());
        if (e instanceof ShapeElement s && s.role() == role) {
            all.add(s.outline().transformed(own));
        }
        e.children().forEach(c -> take(c, own, role, all));
    }

    private static void assertAlike(List<Element> a, List<Element> b, double within) {
        for (Role role : List.of(Role.CUT, Role.KISS_CUT, Role.SCORE)) {
            Figures fa = figures(a, role);
            Figures fb = figures(b, role);
            assertThat(fb.length()).as(role + " length").isCloseTo(fa.length(), within(within));
            assertThat(fb.area()).as(role + " area").isCloseTo(fa.area(), within(within * 20));
            assertThat(fb.box().width()).as(role + " width").isCloseTo(fa.box().width(), within(within));
            assertThat(fb.box().height())
                    .as(role + " height")
                    .isCloseTo(fa.box().height(), within(within));
        }
    }

    @ParameterizedTest
    @EnumSource(DxfVersion.class)
    void lengthsAreasAndExtentsComeBackInFiveRoundsWithoutDrift(DxfVersion version) throws Exception {
        List<Element> first = drawing();
        List<Element> now = first;
        for (int i = 0; i < 5; i++) {
            Artwork read = DxfReader.read(written(now, version, i % 2 == 1), "drawing.dxf");
            assertThat(read.findings())
                    .allMatch(f -> version == DxfVersion.R12 && f.code().equals("dxf.noUnit"));
            now = read.elements();
        }
        assertAlike(first, now, version == DxfVersion.R12 ? 0.02 : 0.001);
    }

    @Test
    void layersAreRolesAndGroupsAreBlocksByChoice() throws Exception {
        String apart = new String(written(drawing(), DxfVersion.R2000, false), StandardCharsets.UTF_8);
        assertThat(apart)
                .contains("\r\nCIRCLE\r\n", "\r\nSPLINE\r\n", "\r\nLWPOLYLINE\r\n")
                .doesNotContain("INSERT");
        String blocks = new String(written(drawing(), DxfVersion.R2000, true), StandardCharsets.UTF_8);
        assertThat(blocks).contains("INSERT", "PAIR", "KISS_CUT");
        List<Element> read =
                DxfReader.read(blocks.getBytes(StandardCharsets.UTF_8), "d.dxf").elements();
        assertThat(read.stream().flatMap(GroupElement::everything).map(Element::name))
                .contains("PAIR");
        assertThat(read.stream().flatMap(GroupElement::everything).map(Element::role))
                .contains(Role.CUT, Role.KISS_CUT, Role.SCORE);
    }

    private static String dxf(String units, String blocks, String entities) {
        return String.join(
                "\n",
                "0",
                "SECTION",
                "2",
                "HEADER",
                "9",
                "$ACADVER",
                "1",
                "AC1015",
                "9",
                "$INSUNITS",
                "70",
                units,
                "0",
                "ENDSEC",
                "0",
                "SECTION",
                "2",
                "BLOCKS",
                blocks,
                "0",
                "ENDSEC",
                "0",
                "SECTION",
                "2",
                "ENTITIES",
                entities,
                "0",
                "ENDSEC",
                "0",
                "EOF",
                "");
    }

    private static String groups(Object... codesAndValues) {
        StringBuilder all = new StringBuilder();
        for (Object o : codesAndValues) {
            all.append(all.isEmpty() ? "" : "\n").append(o);
        }
        return all.toString();
    }

    private static Artwork read(String dxf) {
        return DxfReader.read(dxf.getBytes(StandardCharsets.UTF_8), "made.dxf");
    }

    private static double area(Artwork a) {
        List<Outline> all = new ArrayList<>();
        for (Role r : Role.values()) {
            a.elements().forEach(e -> take(e, Affine.IDENTITY, r, all));
        }
        return Contour.of(Outline.joined(all)).stream()
                .mapToDouble(c -> Math.abs(c.area()))
                .sum();
    }

    @Test
    void inchesAreInchesAndLooseLinesBecomeOneOutline() {
        List<String> lines = new ArrayList<>();
        double[][] c = {{0, 0}, {2, 0}, {2, 1}, {0, 1}};
        for (int i = 0; i < 4; i++) {
            double[] a = c[i];
            double[] b = c[(i + 1) % 4];
            lines.add(groups(0, "LINE", 8, "Die Cut", 10, a[0], 20, a[1], 11, b[0], 21, b[1]));
        }
        Artwork box = read(dxf("1", groups(999, "none"), String.join("\n", lines)));
        assertThat(box.width()).isCloseTo(50.8, within(1e-9));
        assertThat(box.height()).isCloseTo(25.4, within(1e-9));
        List<Element> shapes = box.elements().stream()
                .flatMap(GroupElement::everything)
                .filter(ShapeElement.class::isInstance)
                .toList();
        assertThat(shapes).hasSize(1);
        assertThat(shapes.getFirst().role()).isEqualTo(Role.CUT);
        assertThat(area(box)).isCloseTo(50.8 * 25.4, within(1e-6));
    }

    @Test
    void bulgesArcsEllipsesAndWeightedSplinesHaveTheirAreas() {
        String round = groups(0, "LWPOLYLINE", 8, 0, 90, 2, 70, 1, 10, 0, 20, 0, 42, 1, 10, 10, 20, 0, 42, 1);
        assertThat(area(read(dxf("4", groups(999, ""), round)))).isCloseTo(Math.PI * 25, within(0.001));
        String ellipse = groups(0, "ELLIPSE", 8, 0, 10, 5, 20, 5, 11, 8, 21, 0, 40, 0.5, 41, 0, 42, 2 * Math.PI);
        assertThat(area(read(dxf("4", groups(999, ""), ellipse)))).isCloseTo(Math.PI * 32, within(0.002));
        double w = Math.sqrt(0.5);
        StringBuilder spline = new StringBuilder(groups(0, "SPLINE", 8, 0, 70, 5, 71, 2, 72, 12, 73, 9));
        for (double k : new double[] {0, 0, 0, 1, 1, 2, 2, 3, 3, 4, 4, 4}) {
            spline.append("\n40\n").append(k);
        }
        double[][] p = {{5, 0}, {5, 5}, {0, 5}, {-5, 5}, {-5, 0}, {-5, -5}, {0, -5}, {5, -5}, {5, 0}};
        for (int i = 0; i < 9; i++) {
            spline.append("\n41\n").append(i % 2 == 0 ? 1 : w);
        }
        for (double[] q : p) {
            spline.append("\n10\n").append(q[0]).append("\n20\n").append(q[1]);
        }
        assertThat(area(read(dxf("4", groups(999, ""), spline.toString())))).isCloseTo(Math.PI * 25, within(0.01));
    }

    @Test
    void blocksAreInsertedScaledTurnedAndInRows() {
        String block = groups(0, "BLOCK", 2, "TAG", 10, 1, 20, 1, 0, "CIRCLE", 8, 0, 10, 1, 20, 1, 40, 1, 0, "ENDBLK");
        Artwork tags = read(dxf(
                "4",
                block,
                groups(0, "INSERT", 8, "CUT", 2, "TAG", 10, 0, 20, 0, 41, 2, 42, 2, 50, 45, 70, 3, 44, 10)));
        assertThat(area(tags)).isCloseTo(3 * Math.PI * 4, within(0.005));
        assertThat(tags.width()).isCloseTo(20 * Math.sqrt(0.5) + 4, within(1e-3));
        assertThat(tags.elements().stream().flatMap(GroupElement::everything).filter(ShapeElement.class::isInstance))
                .extracting(Element::role)
                .containsOnly(Role.CUT);
    }

    @Test
    @Timeout(value = 30, unit = TimeUnit.SECONDS)
    void hostileFilesEndInASentence() {
        String self = groups(
                0, "BLOCK", 2, "A", 10, 0, 20, 0, 0, "INSERT", 8, 0, 2, "A", 10, 1, 20, 0, 0, "INSERT", 8, 0, 2, "A",
                10, 0, 20, 1, 0, "CIRCLE", 8, 0, 10, 0, 20, 0, 40, 1, 0, "ENDBLK");
        Artwork deep = read(dxf("4", self, groups(0, "INSERT", 8, 0, 2, "A", 10, 0, 20, 0)));
        assertThat(deep.findings()).extracting(f -> f.code()).containsAnyOf("dxf.deep", "dxf.many");
        String many = groups(0, "BLOCK", 2, "B", 10, 0, 20, 0, 0, "CIRCLE", 8, 0, 10, 0, 20, 0, 40, 1, 0, "ENDBLK");
        Artwork rows = read(
                dxf("4", many, groups(0, "INSERT", 8, 0, 2, "B", 10, 0, 20, 0, 70, 1_000_000_000, 71, 1_000_000_000)));
        assertThat(rows.findings()).extracting(f -> f.code()).contains("dxf.many");
        Stream.of(
                        "0\nSECTION\n2\nENTITIES",
                        "0\nSECTION\nabc\nENTITIES\n0\nEOF\n",
                        "AutoCAD Binary DXF\r\n",
                        dxf("4", groups(999, ""), groups(0, "SPLINE", 8, 0, 71, 900000000, 40, "NaN")),
                        dxf("4", groups(999, ""), groups(0, "TEXT", 8, 0, 1, "Hi")))
                .forEach(bad -> assertThatThrownBy(() -> read(bad)).isInstanceOf(Refusal.class));
        Random random = new Random(5);
        byte[] good =
                dxf("4", self, groups(0, "CIRCLE", 8, 0, 10, 0, 20, 0, 40, 5)).getBytes(StandardCharsets.UTF_8);
        for (int i = 0; i < 300; i++) {
            byte[] bad = good.clone();
            for (int k = 0; k < 4; k++) {
                bad[random.nextInt(bad.length)] = (byte) (32 + random.nextInt(90));
            }
            try {
                DxfReader.read(bad, "bad.dxf");
            } catch (Refusal e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }
}
