package rondel.compose.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.operation.Operation;
import rondel.words.Refusal;

class OutlineEditTest {

    private static final ElementId LEAF = new ElementId("leaf");
    private static final ElementId STICKS = new ElementId("sticks");
    private Job job = SampleJob.make();

    private List<Contour> edit(ElementId id, Operation operation) {
        job = operation.apply(job);
        return Contour.of(((ShapeElement) job.located(id).element()).outline());
    }

    private List<Contour> edit(Operation operation) {
        return edit(LEAF, operation);
    }

    @Test
    void anAddedPointChangesNothingElse() {
        double area =
                edit(new ReverseOutline(LEAF, OptionalInt.empty())).getFirst().area();
        Contour after = edit(new AddPoint(LEAF, 0, 1, 0.25)).getFirst();

        assertThat(after.segments()).hasSize(5);
        assertThat(after.area()).isCloseTo(area, within(1e-9));
    }

    @Test
    void aPointMovesToAPlaceOnTheSheetAndAwayAgain() {
        Contour moved = edit(new MovePoint(LEAF, 0, 2, 40, 42)).getFirst();
        assertThat(ContourEdit.point(moved, 2)).isEqualTo(new Point(40, 42));

        Contour gone = edit(new RemovePoint(LEAF, 0, 2)).getFirst();
        assertThat(gone.segments()).hasSize(3);
        assertThat(Math.abs(gone.area())).isCloseTo(200, within(1e-9));
    }

    @Test
    void aSmoothPointGoesStraightOnAndACornerIsOneAgain() {
        Contour smooth = edit(new ShapePoint(LEAF, 0, 1, true)).getFirst();
        assertThat(smooth.segments().get(0).cornerWith(smooth.segments().get(1)))
                .isCloseTo(180, within(1e-6));

        Contour corner = edit(new ShapePoint(LEAF, 0, 1, false)).getFirst();
        assertThat(corner.segments()).allMatch(b -> b.order() == 1);
        assertThat(corner.segments().get(0).cornerWith(corner.segments().get(1)))
                .isCloseTo(90, within(1e-6));
    }

    @Test
    void aPointInTheMiddleOfACurveCanGoAndTheCurveIsAsItWas() {
        edit(new MoveHandle(LEAF, 0, 1, 1, 45, 14));
        Bezier before = edit(new MoveHandle(LEAF, 0, 1, 2, 42, 26))
                .getFirst()
                .segments()
                .get(1);
        edit(new AddPoint(LEAF, 0, 1, 0.3));
        Bezier after = edit(new RemovePoint(LEAF, 0, 2)).getFirst().segments().get(1);

        for (double t = 0; t <= 1; t += 0.1) {
            assertThat(after.at(t).distanceTo(before.at(t))).isLessThan(0.7);
        }
    }

    @Test
    void anOutlineIsOpenedSplitAndJoinedAgain() {
        assertThat(edit(new OpenOutline(LEAF, 0, 1))).singleElement().matches(c -> !c.closed());
        assertThat(edit(new SplitOutline(LEAF, 0, 2, OptionalInt.empty()))).hasSize(2);
        Contour joined = edit(new JoinContours(LEAF, 0, 1, 0.1)).getFirst();

        assertThat(joined.segments()).hasSize(4);
        assertThat(Math.abs(joined.area())).isCloseTo(400, within(1e-9));
    }

    @Test
    void linesWhoseEndsNearlyMeetAreJoinedInTheMiddle() {
        Contour joined = edit(STICKS, new JoinContours(STICKS, 0, 1, 0.1)).getFirst();

        assertThat(joined.segments()).hasSize(2);
        assertThat(joined.segments().getFirst().end().x()).isCloseTo(140.01, within(1e-9));
    }

    @Test
    void whatHasNoPointsToEditIsRefusedInASentence() {
        assertThatThrownBy(() -> edit(new AddPoint(LEAF, 3, 0, 0.5))).hasMessageContaining("no contour 3");
        assertThatThrownBy(() -> edit(new MovePoint(LEAF, 0, 9, 1, 1))).hasMessageContaining("no point 9");
        assertThatThrownBy(() -> edit(new ReverseOutline(new ElementId("wording"), OptionalInt.empty())))
                .hasMessageContaining("make outlines");
        assertThatThrownBy(() -> edit(new ReverseOutline(new ElementId("rim"), OptionalInt.empty())))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("follows other artwork");
    }

    @Test
    void anyEditsInAnyOrderLeaveAnOutlineOrSayWhyNot() {
        Random random = new Random(7);
        int done = 0;
        for (int i = 0; i < 2000; i++) {
            int contour = random.nextInt(3);
            int point = random.nextInt(6);
            Operation edit =
                    switch (random.nextInt(9)) {
                        case 0 -> new AddPoint(LEAF, contour, point, random.nextDouble(0.05, 0.95));
                        case 1 -> new MovePoint(LEAF, contour, point, random.nextInt(100), random.nextInt(100));
                        case 2 -> new MoveHandle(LEAF, contour, point, 1 + random.nextInt(2), random.nextInt(100), 50);
                        case 3 -> new RemovePoint(LEAF, contour, point);
                        case 4 -> new ShapePoint(LEAF, contour, point, random.nextBoolean());
                        case 5 -> new OpenOutline(LEAF, contour, point);
                        case 6 -> new SplitOutline(LEAF, contour, point, OptionalInt.of(random.nextInt(5)));
                        case 7 -> new JoinContours(LEAF, contour, random.nextInt(3), random.nextDouble());
                        default -> new ReverseOutline(LEAF, OptionalInt.of(contour));
                    };
            try {
                assertThat(edit(edit)).isNotEmpty();
                done++;
            } catch (Refusal sentence) {
                assertThat(sentence.getMessage()).endsWith(".");
            }
        }
        assertThat(done).isGreaterThan(500);
    }
}
