package rondel.lines.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.id;

import java.awt.geom.Ellipse2D;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Jobs;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;

/** A piece tells what it consists of. */
class PartsTest {

    private static ShapeElement lined(String id, Role role, Outline outline) {
        return new ShapeElement(
                Traits.named(id).withId(id(id)).withRole(role),
                outline,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(Rgba.BLACK, 0.1)));
    }

    private static Outline ring(double x, double y, double r) {
        return Outline.of(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r));
    }

    private static Outline line(double x1, double y1, double x2, double y2) {
        return new OutlineBuilder().moveTo(x1, y1).lineTo(x2, y2).build();
    }

    /** Two triangles in one box, of one area and one length, the one the mirror image of the other. */
    @Test
    void anOutlineIsNotDoubledByItsMirrorImage() {
        Outline triangle = new OutlineBuilder()
                .moveTo(30, 30)
                .lineTo(70, 30)
                .lineTo(30, 70)
                .close()
                .build();
        Outline mirrored = triangle.transformed(Affine.translate(100, 0).times(Affine.scale(-1, 1)));
        Job job = Jobs.of(
                group("pair", Affine.IDENTITY, lined("one", Role.CUT, triangle), lined("two", Role.CUT, mirrored)));

        assertThat(Parts.of(List.of(job.located(id("pair")))))
                .extracting(Part::kind)
                .doesNotContain(Part.Kind.DOUBLED);
    }

    @Test
    void outlinesHolesIslandsLinesAndPrintAreToldApartAndMeasuredOnTheSheet() {
        Job job = Jobs.of(group(
                "piece",
                Affine.scale(2, 2),
                box("art", 40, 40, 10, 10),
                lined("score", Role.SCORE, line(30, 50, 70, 50)),
                lined("slit", Role.CUT, line(35, 60, 45, 60)),
                lined("island", Role.CUT, ring(50, 50, 4)),
                lined("hole", Role.CUT, ring(50, 50, 10)),
                lined("outer", Role.KISS_CUT, ring(50, 50, 30)),
                lined("again", Role.CUT, ring(50, 50, 30))));
        List<Part> parts = Parts.of(List.of(job.located(id("piece"))));
        assertThat(parts)
                .extracting(p -> p.element().value() + " " + p.kind() + " " + p.depth())
                .containsExactly(
                        "outer OUTLINE 0",
                        "island OUTLINE 2",
                        "hole HOLE 1",
                        "again DOUBLED 0",
                        "slit LINE 1",
                        "score LINE 1",
                        "art ART 1");
        assertThat(parts.getFirst().box().width()).isCloseTo(120, within(1e-6));
        assertThat(parts.getFirst().length()).isCloseTo(2 * Math.PI * 60, within(0.1));
        assertThat(parts.get(5).length()).isCloseTo(80, within(1e-9));
    }

    @Test
    void aKissCutOnABackingThatIsCutOutLeavesNoHoleButOneInASticker() {
        Job job = Jobs.of(group(
                "sticker",
                Affine.IDENTITY,
                lined("backing", Role.CUT, ring(50, 50, 40)),
                lined("sticker line", Role.KISS_CUT, ring(50, 50, 30)),
                lined("eye", Role.KISS_CUT, ring(50, 50, 10))));
        assertThat(Parts.of(List.of(job.located(id("sticker")))))
                .extracting(p -> p.element().value() + " " + p.kind())
                .containsExactly("backing OUTLINE", "sticker line OUTLINE", "eye HOLE");
    }

    @Test
    void onlyGroupsWithLinesToBeMadeArePieces() {
        Job job = Jobs.of(
                group("printed", Affine.IDENTITY, box("a", 10, 10, 5, 5)),
                group("cut", Affine.IDENTITY, lined("b", Role.CUT, ring(50, 50, 5))),
                lined("alone", Role.CUT, ring(90, 50, 5)));
        assertThat(Parts.ofPiece(job.located(id("printed")))).isEmpty();
        assertThat(Parts.ofPiece(job.located(id("alone")))).isEmpty();
        assertThat(Parts.ofPiece(job.located(id("cut"))).orElseThrow()).hasSize(1);
    }
}
