package rondel.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** Level lines of made grids. */
class LevelLinesTest {

    private static Outline of(int[][] values, double level) {
        return LevelLines.of(
                values[0].length,
                values.length,
                (y, row) -> System.arraycopy(values[y], 0, row, 0, row.length),
                level,
                0);
    }

    /** How much of a pixel a disc covers, about: its edge is a slope one pixel wide. */
    private static int[][] disc(int side, double cx, double cy, double r) {
        int[][] values = new int[side][side];
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                double ahead = r - Math.hypot(x + 0.5 - cx, y + 0.5 - cy);
                values[y][x] = (int) Math.round(255 * Math.clamp(ahead + 0.5, 0, 1));
            }
        }
        return values;
    }

    @RepeatedTest(8)
    void aSoftEdgeIsFoundToAPartOfAPixel(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double cx = 40 + random.nextDouble();
        double cy = 40 + random.nextDouble();
        double r = 12 + 20 * random.nextDouble();
        List<Contour> contours = Contour.of(of(disc(84, cx, cy, r), 127.5));
        assertThat(contours).hasSize(1);
        for (Bezier b : contours.getFirst().segments()) {
            assertThat(b.start().distanceTo(new Point(cx, cy))).isCloseTo(r, within(0.12));
        }
        assertThat(Math.abs(contours.getFirst().area())).isCloseTo(Math.PI * r * r, within(0.02 * r * r));
    }

    @Test
    void aHoleRunsTheOtherWayAndWhatTouchesTheBorderIsClosedThere() {
        int[][] values = disc(60, 30, 30, 25);
        int[][] inner = disc(60, 30, 30, 10);
        for (int y = 0; y < 60; y++) {
            for (int x = 0; x < 60; x++) {
                values[y][x] -= inner[y][x];
            }
        }
        List<Contour> ring = Contour.of(of(values, 127.5));
        assertThat(ring).hasSize(2);
        assertThat(ring.get(0).area() * ring.get(1).area()).isNegative();
        int[][] full = new int[20][30];
        Arrays.stream(full).forEach(row -> Arrays.fill(row, 255));
        List<Contour> border = Contour.of(of(full, 127.5));
        assertThat(border).hasSize(1);
        assertThat(Math.abs(border.getFirst().area())).isCloseTo(600, within(2.5));
    }

    /** Whatever the grid, contours are closed, and what they go around is what lies above the level. */
    @RepeatedTest(12)
    void aRandomGridIsPartedAsItsPixelsAre(RepetitionInfo run) {
        Random random = new Random(40 + run.getCurrentRepetition());
        int[][] values = new int[24][31];
        for (int[] row : values) {
            for (int x = 0; x < row.length; x++) {
                row[x] = random.nextInt(256);
            }
        }
        double level = 20.5 + random.nextInt(210);
        Outline lines = of(values, level);
        java.awt.Shape inside = lines.toShape(rondel.geometry.FillRule.NON_ZERO);
        for (int y = 0; y < values.length; y++) {
            for (int x = 0; x < values[0].length; x++) {
                if (Math.abs(values[y][x] - level) > 4) {
                    assertThat(inside.contains(x + 0.5, y + 0.5))
                            .as(x + ", " + y)
                            .isEqualTo(values[y][x] > level);
                }
            }
        }
        assertThat(Contour.of(lines)).allMatch(Contour::closed);
    }

    /** A hard edge that is softened first is followed as a slope, without the steps of its pixels. */
    @Test
    void aHardEdgeThatIsSoftenedLosesItsSteps() {
        int[][] hard = new int[80][80];
        for (int y = 0; y < 80; y++) {
            for (int x = 0; x < 80; x++) {
                hard[y][x] = Math.hypot(x + 0.5 - 40, y + 0.5 - 40) < 30 ? 255 : 0;
            }
        }
        LevelLines.Rows rows = (y, row) -> System.arraycopy(hard[y], 0, row, 0, row.length);
        Outline soft = LevelLines.of(80, 80, new Softened(rows, 80, 80), 127.5, 0);
        for (Bezier b : Contour.of(soft).getFirst().segments()) {
            assertThat(b.start().distanceTo(new Point(40, 40))).isCloseTo(30, within(0.55));
        }
        double stepped = turned(of(hard, 127.5));
        assertThat(turned(soft)).isLessThan(0.7 * stepped);
    }

    /** How much a line turns on its way, in all. */
    private static double turned(Outline outline) {
        List<Bezier> segments = Contour.of(outline).getFirst().segments();
        double sum = 0;
        for (int i = 0; i < segments.size(); i++) {
            Point a = segments.get(i).tangent(1);
            Point b = segments.get((i + 1) % segments.size()).tangent(0);
            sum += Math.abs(Math.atan2(a.x() * b.y() - a.y() * b.x(), a.x() * b.x() + a.y() * b.y()));
        }
        return sum;
    }

    @Test
    void whereTwoSpotsMeetAtACornerTheMeanOfTheFourDecidesWhetherTheyAreOne() {
        int[][] falling = {{0, 0, 0, 0}, {0, 200, 0, 0}, {0, 0, 200, 0}, {0, 0, 0, 0}};
        int[][] rising = {{0, 0, 0, 0}, {0, 0, 200, 0}, {0, 200, 0, 0}, {0, 0, 0, 0}};
        for (int[][] spots : new int[][][] {falling, rising}) {
            assertThat(Contour.of(of(spots, 60.5))).hasSize(1);
            assertThat(Contour.of(of(spots, 140.5))).hasSize(2);
        }
    }
}
