package rondel.run.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Extent;

class PrintRulerTest {

    private static final Box A4 = new Box(4, 4, 202, 289);

    private static Box box(List<Element> ruler) {
        return ruler.stream()
                .map(e -> Extent.of(e, Affine.IDENTITY).orElseThrow())
                .reduce(Box::union)
                .orElseThrow();
    }

    private static Box along(Box reach, Box... taken) {
        return box(PrintRuler.along(reach, List.of(taken), Optional.empty()));
    }

    @Test
    void itIsAHundredMillimetresInTheMiddleOfTheLowerEdge() {
        Box ruler = along(A4);
        assertThat(ruler.width()).isCloseTo(100, within(1e-9));
        assertThat(ruler.centre().x()).isCloseTo(105, within(1e-9));
        assertThat(ruler.bottom()).isBetween(A4.bottom() - 0.1, A4.bottom() + 0.1);
    }

    @Test
    void itGoesWhereNothingElseIsPrinted() {
        Box lower = new Box(0, 280, 210, 17);
        Box upper = new Box(0, 0, 210, 17);
        assertThat(along(A4, lower).bottom()).isLessThan(12.2);
        Box upright = along(A4, lower, upper);
        assertThat(upright.height()).isCloseTo(100, within(1e-9));
        assertThat(upright.right()).isLessThan(12.2);
        Box right = along(A4, lower, upper, new Box(0, 0, 20, 297));
        assertThat(right.x()).isGreaterThan(197);
        assertThat(right.centre().y()).isCloseTo(148.5, within(0.1));
    }

    @Test
    void aSmallSheetHasAsManyWholeTensAsFitAndATinyOneNone() {
        assertThat(along(new Box(0, 0, 47, 80)).width()).isCloseTo(40, within(1e-9));
        assertThat(PrintRuler.along(new Box(0, 0, 11, 11), List.of(), Optional.empty()))
                .isEmpty();
        assertThat(PrintRuler.along(new Box(0, 0, 1, 1), List.of(), Optional.empty()))
                .isEmpty();
    }
}
