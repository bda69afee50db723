package rondel.lines.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.lines.pieces.UsedPieces.UsedPiece;

class UsedPiecesTest {

    private static Element shape(String name, Role role, Box... boxes) {
        Outline outline =
                Outline.joined(List.of(boxes).stream().map(Outline::rectangle).toList());
        return new ShapeElement(
                Traits.named(name).withId(new ElementId(name)).withRole(role),
                outline,
                FillRule.EVEN_ODD,
                role == Role.PRINT ? Paint.solid(Rgba.BLACK) : Paint.NONE,
                role == Role.PRINT ? Optional.empty() : Optional.of(Stroke.plain(Rgba.BLACK, 0.2)));
    }

    private static Element group(String name, Element... children) {
        return GroupElement.of(Traits.named(name).withId(new ElementId(name)), List.of(children));
    }

    @Test
    void stickersArePeeledByTheirKissCutsAndNotByTheEdgeOfTheirSheet() {
        List<UsedPiece> pieces = UsedPieces.of(List.of(
                shape("Ground", Role.PRINT, new Box(0, 0, 100, 60)),
                group(
                        "Crab",
                        shape("crab art", Role.PRINT, new Box(12, 12, 16, 16)),
                        shape("crab line", Role.KISS_CUT, new Box(10, 10, 20, 20))),
                shape("gull art", Role.PRINT, new Box(52, 12, 16, 16)),
                shape("gull line", Role.KISS_CUT, new Box(50, 10, 20, 20)),
                shape("Edge", Role.CUT, new Box(0, 0, 100, 60))));
        assertThat(pieces).extracting(UsedPiece::name).containsExactly("Crab", "gull art");
        assertThat(pieces.getFirst().elements()).extracting(Element::name).containsExactly("crab art", "crab line");
        assertThat(pieces.getFirst().box().width()).isCloseTo(20, within(1e-9));
    }

    @Test
    void oneLineOfSeveralContoursIsAsManyPiecesAsLieApartAndHolesStayHoles() {
        List<UsedPiece> pieces = UsedPieces.of(List.of(shape(
                "Tags",
                Role.CUT,
                new Box(0, 0, 30, 20),
                new Box(10, 5, 5, 5),
                new Box(50, 0, 30, 20),
                new Box(60, 5, 5, 5))));
        assertThat(pieces).hasSize(2);
        for (UsedPiece piece : pieces) {
            assertThat(piece.outline().contours()).isEqualTo(2);
            assertThat(piece.elements()).hasSize(1);
            assertThat(((ShapeElement) piece.elements().getFirst()).outline().contours())
                    .isEqualTo(2);
        }
    }
}
