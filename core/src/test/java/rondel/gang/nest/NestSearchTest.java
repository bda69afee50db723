package rondel.gang.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import rondel.job.NestResult.Place;
import rondel.job.NestSettings;
import rondel.job.NestSettings.Grain;
import rondel.job.NestSettings.Turns;
import rondel.job.Stock;
import rondel.words.Refusal;

/** True shapes packed on stock, checked on their true outlines. */
class NestSearchTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double EXACT = 0.001;

    private static NestSettings with(Turns turns, double gutter, int rounds) {
        return new NestSettings(gutter, 0, turns, true, Grain.ANY, 1, rounds);
    }

    private static NestSearch.Sheet sheet(double width, double length) {
        return new NestSearch.Sheet(Stock.Grain.NONE, 10, 20, width, length);
    }

    private static Geometry box(double w, double h) {
        return FACTORY.toGeometry(new Envelope(-w / 2, w / 2, -h / 2, h / 2));
    }

    private static Geometry placed(Geometry shape, Place p) {
        return AffineTransformation.rotationInstance(Math.toRadians(p.turn()))
                .translate(p.x(), p.y())
                .transform(shape);
    }

    private static void areApart(List<Geometry> shapes, List<Place> places, double gutter, NestSearch.Sheet area) {
        for (int i = 0; i < shapes.size(); i++) {
            Geometry a = placed(shapes.get(i), places.get(i));
            Envelope e = a.getEnvelopeInternal();
            assertThat(e.getMinX()).isGreaterThan(area.x() - EXACT);
            assertThat(e.getMinY()).isGreaterThan(area.y() - EXACT);
            assertThat(e.getMaxX()).isLessThan(area.x() + area.width() + EXACT);
            assertThat(e.getMaxY()).isLessThan(area.y() + area.length() + EXACT);
            for (int j = i + 1; j < shapes.size(); j++) {
                if (places.get(i).sheet() == places.get(j).sheet()) {
                    Geometry b = placed(shapes.get(j), places.get(j));
                    assertThat(a.distance(b)).isGreaterThan(gutter - EXACT);
                    assertThat(a.buffer(-0.01).intersects(b)).isFalse();
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Turns.class)
    void piecesNeverOverlapAndKeepTheGutterOnTheirTrueOutlines(Turns turns) {
        List<Geometry> shapes = WavyGrid.pieces(120, 160, 4, 4, 3);
        NestSearch.Sheet strip = sheet(140, 800);
        NestSearch.Found found = new NestSearch(shapes, List.of(strip), with(turns, 1.5, 2)).run(f -> {});
        areApart(shapes, found.places(), 1.5, strip);
    }

    @Test
    void piecesThatWereCutOutOfOneSheetFitItAgain() {
        List<Geometry> shapes = WavyGrid.pieces(200, 280, 5, 8, 5);
        NestSearch.Found found =
                new NestSearch(shapes, List.of(sheet(200, 2000)), with(Turns.QUARTER, 0, 15)).run(f -> {});
        assertThat(200 * 280 / (200 * found.lastUsed())).isGreaterThan(0.99);
        areApart(shapes, found.places(), 0, sheet(200, 2000));
    }

    @Test
    void aJigsawWithAGutterUsesMostOfTheStock() {
        List<Geometry> shapes = WavyGrid.pieces(200, 280, 3, 4, 5);
        NestSearch.Found found =
                new NestSearch(shapes, List.of(sheet(210, 2000)), with(Turns.QUARTER, 0.5, 8)).run(f -> {});
        assertThat(200 * 280 / (210 * found.lastUsed())).isGreaterThan(0.7);
        areApart(shapes, found.places(), 0.5, sheet(210, 2000));
    }

    @Test
    void smallPiecesLieInTheHolesOfLargeOnesUnlessTheyMayNot() {
        Geometry frame = box(80, 80).difference(box(60, 60));
        List<Geometry> shapes = new ArrayList<>(List.of(frame));
        shapes.addAll(Collections.nCopies(4, box(25, 25)));
        NestSearch.Found found = new NestSearch(shapes, List.of(sheet(84, 400)), with(Turns.NONE, 2, 10)).run(f -> {});
        assertThat(found.lastUsed()).isLessThan(84);
        NestSettings whole = new NestSettings(2, 0, Turns.NONE, false, Grain.ANY, 1, 4);
        assertThat(new NestSearch(shapes, List.of(sheet(84, 400)), whole)
                        .run(f -> {})
                        .lastUsed())
                .isGreaterThan(100);
    }

    @Test
    void theSameSeedAndRoundsGiveTheSame() {
        List<Geometry> shapes = WavyGrid.pieces(120, 160, 2, 5, 4);
        NestSettings settings = with(Turns.FREE, 1, 2);
        assertThat(new NestSearch(shapes, List.of(sheet(130, 600)), settings).run(f -> {}))
                .isEqualTo(new NestSearch(shapes, List.of(sheet(130, 600)), settings).run(f -> {}));
    }

    @Test
    void asFewSheetsAsPossibleAreUsed() {
        // By their boxes, half of these triangles do not fit on two sheets; turned against each other, all do.
        Geometry triangle = FACTORY.createPolygon(new Coordinate[] {
            new Coordinate(-30, -30), new Coordinate(30, -30), new Coordinate(-30, 30), new Coordinate(-30, -30)
        });
        List<Geometry> shapes = Collections.nCopies(12, triangle);
        List<NestSearch.Sheet> sheets = Collections.nCopies(12, sheet(126, 126));
        NestSearch.Found found = new NestSearch(shapes, sheets, with(Turns.HALF, 1, 20)).run(f -> {});
        assertThat(found.sheets()).isEqualTo(2);
        areApart(shapes, found.places(), 1, sheet(126, 126));
    }

    @Test
    void whereTheStockHasAGrainPiecesStandAlongItOrAcross() {
        List<Geometry> shapes = Collections.nCopies(6, box(20, 50));
        NestSearch.Sheet grained = new NestSearch.Sheet(Stock.Grain.DOWN, 0, 0, 110, 600);
        NestSettings across = new NestSettings(1, 0, Turns.FREE, true, Grain.ACROSS, 1, 1);
        assertThat(new NestSearch(shapes, List.of(grained), across).run(f -> {}).places())
                .allSatisfy(p -> assertThat(p.turn() % 180).isEqualTo(90));
        NestSettings along = new NestSettings(1, 0, Turns.QUARTER, true, Grain.ALONG, 1, 1);
        assertThat(new NestSearch(shapes, List.of(grained), along).run(f -> {}).places())
                .allSatisfy(p -> assertThat(p.turn() % 180).isEqualTo(0));
    }

    @Test
    void aSearchThatIsStoppedGivesWhatItHas() throws Exception {
        List<Geometry> shapes = WavyGrid.pieces(200, 280, 5, 6, 6);
        NestSearch search = new NestSearch(shapes, List.of(sheet(200, 2000)), with(Turns.QUARTER, 0.5, 10_000));
        List<Double> lengths = Collections.synchronizedList(new ArrayList<>());
        NestSearch.Found found = search.run(f -> {
            lengths.add(f.lastUsed());
            if (lengths.size() == 5) {
                search.stop();
            }
        });
        assertThat(lengths).isSortedAccordingTo(Collections.reverseOrder());
        areApart(shapes, found.places(), 0.5, sheet(200, 2000));
    }

    @Test
    void aPieceThatFitsNowhereIsRefused() {
        assertThatThrownBy(() ->
                        new NestSearch(List.of(box(300, 300)), List.of(sheet(200, 200)), with(Turns.QUARTER, 0, 1)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("larger");
    }
}
