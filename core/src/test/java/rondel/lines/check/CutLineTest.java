package rondel.lines.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import rondel.compose.arrange.Place;
import rondel.geometry.Blots;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.text.FontBook;
import rondel.units.LengthUnit;

class CutLineTest {

    private static CutLine cut(boolean closed, double... xy) {
        OutlineBuilder path = new OutlineBuilder().moveTo(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            path.lineTo(xy[i], xy[i + 1]);
        }
        Outline outline = (closed ? path.close() : path).build();
        Job blank = Job.blank("Cuts", LengthUnit.MM, 200, 200);
        Job job = new Place(
                        blank.sheets().getFirst().id(),
                        List.of(new ShapeElement(
                                Traits.named("line").withRole(Role.CUT),
                                outline,
                                FillRule.NON_ZERO,
                                Paint.NONE,
                                Optional.of(Stroke.plain(Rgba.BLACK, 0.2)))),
                        List.of())
                .apply(blank);
        return new Checked(job, new FontBook(List.of(), Map.of()), Limits.USUAL)
                .cutLines()
                .getFirst();
    }

    private static Polygon blot(SplittableRandom random) {
        Point place = new Point(60 + 30 * random.nextDouble(), 60 + 30 * random.nextDouble());
        double size = 5 + 35 * random.nextDouble();
        return Blots.at(place, 3 + random.nextInt(7), 0.4 * size, size, random);
    }

    private static CutLine around(Geometry polygon) {
        Coordinate[] all = polygon.getCoordinates();
        double[] xy = new double[2 * all.length - 2];
        for (int i = 0; i < all.length - 1; i++) {
            xy[2 * i] = all[i].x;
            xy[2 * i + 1] = all[i].y;
        }
        return cut(true, xy);
    }

    /** Two closed lines cross where their insides share something and each has something of its own. */
    @RepeatedTest(5)
    void closedLinesCrossWhereTheirAreasOverlap(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
        int crossing = 0;
        for (int i = 0; i < 60; i++) {
            Polygon a = blot(random);
            Polygon b = blot(random);
            boolean overlap = a.overlaps(b);
            assertThat(around(a).crosses(around(b))).isEqualTo(overlap);
            assertThat(around(b).crosses(around(a))).isEqualTo(overlap);
            crossing += overlap ? 1 : 0;
        }
        assertThat(crossing).isBetween(10, 55);
    }

    @Test
    void neighboursThatShareASideOrACornerDoNotCross() {
        CutLine square = cut(true, 50, 50, 70, 50, 70, 70, 50, 70);

        assertThat(square.crosses(cut(true, 70, 50, 90, 50, 90, 70, 70, 70))).isFalse();
        assertThat(square.crosses(cut(true, 70, 70, 90, 70, 90, 90, 70, 90))).isFalse();
        assertThat(square.crosses(cut(true, 50, 50, 60, 50, 60, 60, 50, 60))).isFalse();
        assertThat(square.crosses(cut(true, 60, 50, 80, 50, 80, 70, 60, 70))).isTrue();
    }

    @Test
    void openLinesCrossWhereBothGoOn() {
        CutLine line = cut(false, 50, 50, 70, 70);
        CutLine square = cut(true, 50, 50, 70, 50, 70, 70, 50, 70);

        assertThat(line.crosses(cut(false, 50, 70, 70, 50))).isTrue();
        assertThat(line.crosses(cut(false, 50, 70, 60, 60))).isFalse();
        assertThat(cut(false, 60, 60, 70, 60).crosses(square)).isFalse();
        assertThat(square.crosses(cut(false, 60, 60, 75, 60))).isTrue();
    }

    /** Started elsewhere, the other way round, with a corner more: still the same line; its mirror image is another. */
    @Test
    void aLineIsDoubledHoweverItIsDrawn() {
        CutLine line = cut(true, 50, 50, 80, 50, 80, 60, 50, 90);

        assertThat(line.doubles(cut(true, 80, 60, 80, 50, 65, 50, 50, 50, 50, 90)))
                .isTrue();
        assertThat(line.doubles(cut(true, 50, 50, 80, 50, 80, 90, 50, 60))).isFalse();
        assertThat(cut(false, 50, 50, 70, 70).doubles(cut(false, 70, 70, 50, 50)))
                .isTrue();
        assertThat(cut(false, 50, 50, 70, 70).doubles(cut(false, 50, 70, 70, 50)))
                .isFalse();
    }
}
