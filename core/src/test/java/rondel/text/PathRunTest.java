package rondel.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.geometry.shape.OvalShape;

class PathRunTest {

    private static Point start(Affine at) {
        return at.apply(Point.ORIGIN);
    }

    private static double turn(Affine at) {
        return Math.toDegrees(Math.atan2(at.b(), at.a()));
    }

    @Test
    void aCircleIsRunAroundAtItsRadiusAndGoesOnAfterOneTurn() {
        PathRun circle = PathRun.of(OvalShape.of(40, 40).outline());
        assertThat(circle.length()).isCloseTo(40 * Math.PI, within(0.02));
        for (double d = -150; d < 300; d += 7.3) {
            Affine at = circle.at(d);
            assertThat(start(at).distanceTo(new Point(20, 20))).isCloseTo(20, within(0.006));
            assertThat(at.determinant()).isCloseTo(1, within(1e-9));
            Point ahead = start(circle.at(d + circle.length()));
            assertThat(ahead.distanceTo(start(at))).isLessThan(1e-6);
        }
    }

    @Test
    void anOpenLineGoesStraightOnBeyondItsEnds() {
        PathRun line = PathRun.of(
                new OutlineBuilder().moveTo(0, 0).lineTo(10, 0).lineTo(10, 5).build());
        assertThat(line.length()).isCloseTo(15, within(1e-9));
        assertThat(start(line.at(-4))).isEqualTo(new Point(-4, 0));
        assertThat(turn(line.at(3))).isZero();
        assertThat(start(line.at(12))).isEqualTo(new Point(10, 2));
        assertThat(turn(line.at(12))).isEqualTo(90);
        assertThat(start(line.at(20))).isEqualTo(new Point(10, 10));
    }

    @Test
    void whatGoesNowhereIsAPointThatGoesOnToTheRight() {
        Outline dot = new OutlineBuilder().moveTo(5, 6).close().build();
        Outline stub = new OutlineBuilder().moveTo(5, 6).lineTo(5, 6).build();
        for (Outline nowhere : new Outline[] {dot, stub}) {
            assertThat(start(PathRun.of(nowhere).at(3))).isEqualTo(new Point(8, 6));
            assertThat(turn(PathRun.of(nowhere).at(-2))).isZero();
        }
        assertThat(start(PathRun.of(Outline.EMPTY).at(2))).isEqualTo(new Point(2, 0));
    }

    @Test
    void onlyTheFirstContourIsRunAlong() {
        Outline two = OvalShape.of(10, 10).outline().plus(OvalShape.of(90, 90).outline());
        assertThat(PathRun.of(two).length()).isCloseTo(10 * Math.PI, within(0.02));
    }
}
