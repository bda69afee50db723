package rondel.compose.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.util.Optional;
import java.util.OptionalDouble;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import rondel.compose.sheets.SetLinesScale;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.words.Refusal;

class PinnedTest {

    private static final Offset<Double> EXACT = within(1e-9);

    /** A cluster of 100 x 50 with a box of 1.5 in in its middle, which is pinned. */
    private final Job job = new Pin(ids("box"), true)
            .apply(Jobs.of(group(
                    "cluster",
                    Affine.IDENTITY,
                    box("left", 0, 0, 10, 50),
                    box("right", 90, 0, 10, 50),
                    box("box", 30, 5, 38.1, 38.1))));

    private static Resize width(double mm, String... ids) {
        return new Resize(
                ids(ids), OptionalDouble.of(mm), OptionalDouble.empty(), true, Anchor.TOP_LEFT, Resize.Frame.OWN);
    }

    @Test
    void growingAGroupKeepsPinnedPiecesAtTheirSizeAndScalesTheirPlace() {
        Job grown = width(200, "cluster").apply(job);
        assertThat(boxOf(grown, "cluster").width()).isCloseTo(200, EXACT);
        assertThat(boxOf(grown, "cluster").x()).isCloseTo(0, EXACT);
        assertThat(boxOf(grown, "box").width()).isCloseTo(38.1, EXACT);
        assertThat(boxOf(grown, "box").centre().x()).isCloseTo(2 * (30 + 19.05), EXACT);
        assertThat(boxOf(grown, "left").width()).isCloseTo(20, EXACT);
    }

    @Test
    void theWholeComesOutExactEvenWhereAPinnedPieceReachesItsEdge() {
        Job edge = new Pin(ids("right"), true).apply(job);
        Job grown = width(260, "cluster").apply(edge);
        assertThat(boxOf(grown, "cluster").width()).isCloseTo(260, EXACT);
        assertThat(boxOf(grown, "right").width()).isCloseTo(10, EXACT);
        Job turned = new Rotate(ids("cluster"), 30, Anchor.CENTRE).apply(edge);
        Job sized = width(260, "cluster").apply(turned);
        assertThat(new TurnTo(ids("cluster"), 0).apply(sized).located(id("cluster")))
                .satisfies(l -> assertThat(
                                rondel.job.Extent.onSheet(l).orElseThrow().width())
                        .isCloseTo(260, EXACT));
    }

    @Test
    void aGroupCannotBeSmallerThanWhatIsPinnedInIt() {
        assertThatThrownBy(() -> width(30, "cluster").apply(job))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("pinned");
        assertThat(boxOf(width(60, "cluster").apply(job), "cluster").width()).isCloseTo(60, EXACT);
    }

    @Test
    void aPinnedThingInsideATurnedGroupOfAScaledGroupKeepsItsSizeAndItsTurn() {
        Job nested = new Pin(ids("pin"), true)
                .apply(Jobs.of(group(
                        "outer",
                        Affine.scale(2, 2),
                        group("inner", Affine.rotate(20), box("pin", 10, 10, 8, 4)),
                        box("other", 60, 60, 20, 20))));
        Box before = boxOf(nested, "pin");
        double turn = nested.located(id("pin")).ownToSheet().rotation();
        Job grown = new Resize(
                        ids("outer"),
                        OptionalDouble.of(300),
                        OptionalDouble.of(90),
                        false,
                        Anchor.CENTRE,
                        Resize.Frame.OWN)
                .apply(nested);
        assertThat(boxOf(grown, "pin").width()).isCloseTo(before.width(), EXACT);
        assertThat(boxOf(grown, "pin").height()).isCloseTo(before.height(), EXACT);
        assertThat(grown.located(id("pin")).ownToSheet().rotation()).isCloseTo(turn, EXACT);
        assertThat(boxOf(grown, "outer").width()).isCloseTo(300, EXACT);
        assertThat(boxOf(grown, "outer").height()).isCloseTo(90, EXACT);
    }

    @Test
    void aPinnedThingIsStillSizedByItselfAndCanBeUnpinned() {
        assertThat(boxOf(width(50, "box").apply(job), "box").width()).isCloseTo(50, EXACT);
        Job free = new Pin(ids("box"), false).apply(job);
        assertThat(boxOf(width(200, "cluster").apply(free), "box").width()).isCloseTo(76.2, EXACT);
    }

    @Test
    void linesGrowWithWhatIsScaledOrKeepTheirWidthAsTheJobSays() {
        Job lined = new SetStroke(ids("cluster"), Optional.of(Stroke.plain(Rgba.BLACK, 0.5))).apply(job);
        Job grown = width(200, "cluster").apply(lined);
        assertThat(lineOf(grown, "left")).isCloseTo(1, EXACT);
        assertThat(lineOf(grown, "box")).isCloseTo(0.5, EXACT);
        Job kept = width(200, "cluster").apply(new SetLinesScale(false).apply(lined));
        assertThat(lineOf(kept, "left")).isCloseTo(0.5, EXACT);
        Job stretched = new Resize(
                        ids("left"),
                        OptionalDouble.of(40),
                        OptionalDouble.of(10),
                        false,
                        Anchor.CENTRE,
                        Resize.Frame.OWN)
                .apply(new SetLinesScale(false).apply(lined));
        assertThat(lineOf(stretched, "left")).isCloseTo(0.5, EXACT);
        assertThat(boxOf(stretched, "left").width()).isCloseTo(40, EXACT);
    }

    @Test
    void severalAreScaledByAFactorTogether() {
        Job two = Jobs.of(box("a", 10, 10, 20, 20), box("b", 50, 30, 10, 10));
        Job half = new Scale(ids("a", "b"), 0.5, 1, Anchor.RIGHT).apply(two);
        assertThat(boxOf(half, "a")).isEqualTo(new Box(35, 10, 10, 20));
        assertThat(boxOf(half, "b").right()).isCloseTo(60, EXACT);
        assertThatThrownBy(() -> new Scale(ids("a"), 0, 1, Anchor.LEFT).apply(two))
                .isInstanceOf(Refusal.class);
    }

    private static double lineOf(Job job, String id) {
        ShapeElement s = (ShapeElement) job.located(id(id)).element();
        return s.stroke().orElseThrow().width()
                * job.located(id(id)).ownToSheet().meanScale();
    }
}
