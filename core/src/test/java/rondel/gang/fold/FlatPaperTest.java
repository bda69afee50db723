package rondel.gang.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.job.FaceName;
import rondel.job.Folding.Kind;
import rondel.job.Folding.Turning;
import rondel.words.Refusal;

/** Folded on paper geometry: what lies on what, and how it stands then. */
class FlatPaperTest {

    private static final double EXACT = 0.01;

    private static Face face(java.util.List<Face> faces, FaceName name) {
        return faces.stream().filter(f -> f.name() == name).findFirst().orElseThrow();
    }

    private static void same(Point a, Point b) {
        assertThat(a.distanceTo(b)).as("%s and %s", a, b).isCloseTo(0, within(EXACT));
    }

    @Test
    void aTagFoldedAlongItsLineHasFrontAndBackOnEachOtherBothUpright() {
        FlatPaper tag = FlatPaper.of(Kind.TAG, 50, 80, Turning.LONG_EDGE);
        assertThat(tag.height()).isEqualTo(160);
        Face front = face(tag.outside(), FaceName.FRONT);
        Face back = face(tag.outside(), FaceName.BACK);
        // Folding mirrors what is above the line down behind the front; seen from behind, left and right change places.
        Affine folded = new Affine(1, 0, 0, -1, 0, 2 * 80);
        Affine fromBehind = new Affine(-1, 0, 0, 1, 50, 0);
        for (double[] p : new double[][] {{0, 0}, {50, 0}, {50, 80}, {0, 80}, {13, 20}}) {
            Point seen = fromBehind.times(folded).times(back.toPage()).apply(p[0], p[1]);
            Point there = front.toPage().apply(p[0], p[1]);
            same(seen, there);
        }
    }

    @ParameterizedTest
    @EnumSource(Turning.class)
    void theInsideOfACardLiesBehindItsOutsideInRegisterForBothWaysOfTurning(Turning turning) {
        for (Kind kind : new Kind[] {Kind.HALF_SIDE, Kind.HALF_TOP, Kind.GATE, Kind.TRI_FOLD}) {
            FlatPaper card = FlatPaper.of(kind, 127, 177.8, turning);
            Affine through = card.insideToOutside(turning);
            FaceName[] behind =
                    switch (kind) {
                        case HALF_SIDE -> new FaceName[] {FaceName.INSIDE_LEFT, FaceName.FRONT};
                        case HALF_TOP -> new FaceName[] {FaceName.INSIDE_TOP, FaceName.FRONT};
                        case GATE -> new FaceName[] {FaceName.INSIDE_MIDDLE, FaceName.BACK};
                        default -> new FaceName[] {FaceName.INSIDE_LEFT, FaceName.FRONT};
                    };
            Face in = face(card.inside(), behind[0]);
            Face out = face(card.outside(), behind[1]);
            Point middleIn = through.times(in.toPage()).apply(in.width() / 2, in.height() / 2);
            Point middleOut = out.toPage().apply(out.width() / 2, out.height() / 2);
            same(middleIn, middleOut);
            // Opened about an upright fold, the inside stands as the outside does; opened upwards, its foot is at the
            // fold above the front.
            Point top = through.times(in.toPage()).apply(in.width() / 2, 0);
            boolean upwards = kind == Kind.HALF_TOP;
            assertThat(top.y() > middleIn.y()).as("%s %s", kind, turning).isEqualTo(upwards);
        }
    }

    @ParameterizedTest
    @EnumSource(Turning.class)
    void everyFaceStandsInsideOfThePaperAndTheyMeetAtTheFolds(Turning turning) {
        for (Kind kind : Kind.values()) {
            FlatPaper paper = FlatPaper.of(kind, 90, 60, turning);
            for (java.util.List<Face> page : java.util.List.of(paper.outside(), paper.inside())) {
                double area = 0;
                for (Face f : page) {
                    area += f.width() * f.height();
                    for (double[] p : new double[][] {{0, 0}, {f.width(), f.height()}}) {
                        Point at = f.toPage().apply(p[0], p[1]);
                        assertThat(at.x()).isBetween(-EXACT, paper.width() + EXACT);
                        assertThat(at.y()).isBetween(-EXACT, paper.height() + EXACT);
                    }
                }
                assertThat(page.isEmpty() || Math.abs(area - paper.width() * paper.height()) < EXACT)
                        .as("%s", kind)
                        .isTrue();
            }
            assertThat(paper.folds()).hasSize(kind == Kind.GATE || kind == Kind.TRI_FOLD ? 2 : 1);
        }
    }

    @Test
    void aFlapThatIsFoldedInwardsIsNarrower() {
        FlatPaper leaflet = FlatPaper.of(Kind.TRI_FOLD, 99, 210, Turning.SHORT_EDGE);
        assertThat(face(leaflet.outside(), FaceName.FLAP).width()).isEqualTo(98);
        assertThat(leaflet.width()).isEqualTo(296);
    }

    @Test
    void whatHasNoSizeIsRefused() {
        assertThatThrownBy(() -> FlatPaper.of(Kind.HALF_TOP, 0, 10, Turning.LONG_EDGE))
                .isInstanceOf(Refusal.class);
    }
}
