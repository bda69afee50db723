package rondel.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AffineBoxTest {

    private static Affine random(Random random) {
        return Affine.rotate(random.nextDouble(360))
                .times(Affine.scale(random.nextDouble(0.2, 3), random.nextDouble(0.2, 3)))
                .times(Affine.translate(random.nextDouble(-50, 50), random.nextDouble(-50, 50)));
    }

    @Test
    void mapsCombineAsTheJdksDo() {
        Random random = new Random(2);
        for (int i = 0; i < 200; i++) {
            Affine a = random(random);
            Affine b = random(random);
            AffineTransform jdk = a.toAwt();
            jdk.concatenate(b.toAwt());
            Point p = new Point(random.nextDouble(100), random.nextDouble(100));
            java.awt.geom.Point2D expected = jdk.transform(new java.awt.geom.Point2D.Double(p.x(), p.y()), null);
            Point got = a.times(b).apply(p);
            assertThat(got.x()).isCloseTo(expected.getX(), within(1e-9));
            assertThat(got.y()).isCloseTo(expected.getY(), within(1e-9));
            assertThat(Affine.of(a.toAwt())).isEqualTo(a);
        }
    }

    @Test
    void aMapAndItsInverseComeBack() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            Affine a = random(random);
            Point p = new Point(random.nextDouble(100), random.nextDouble(100));
            assertThat(a.inverse().orElseThrow().apply(a.apply(p)).distanceTo(p))
                    .isLessThan(1e-9);
        }
        assertThat(Affine.scale(0, 1).inverse()).isEmpty();
        assertThat(new Affine(1, 2, 2, 4, 0, 0).inverse()).isEmpty();
        assertThat(new Affine(Double.NaN, 0, 0, 1, 0, 0).isFinite()).isFalse();
    }

    @Test
    void theAngleOfAMapIsTheOneItTurnsBy() {
        for (double degrees = -179; degrees <= 180; degrees += 7.5) {
            assertThat(Affine.rotate(degrees).times(Affine.scale(2, 5)).rotation())
                    .isCloseTo(degrees, within(1e-9));
        }
        assertThat(Affine.rotate(30).meanScale()).isCloseTo(1, within(1e-12));
        assertThat(Affine.scale(2, 8).meanScale()).isCloseTo(4, within(1e-12));
        assertThat(Affine.rotate(30).times(Affine.scale(2, 2)).keepsCircles()).isTrue();
        assertThat(Affine.scale(2, 2.1).keepsCircles()).isFalse();
    }

    @Test
    void boxesUniteMeetAndHold() {
        Box a = new Box(0, 0, 10, 20);
        Box b = new Box(5, 15, 10, 20);
        assertThat(a.union(b)).isEqualTo(new Box(0, 0, 15, 35));
        assertThat(a.intersection(b)).contains(new Box(5, 15, 5, 5));
        assertThat(a.intersection(b.moved(100, 0))).isEmpty();
        assertThat(a.intersects(b)).isTrue();
        assertThat(a.union(b).contains(a)).isTrue();
        assertThat(a.contains(b)).isFalse();
        assertThat(a.contains(new Point(10, 20))).isTrue();
        assertThat(Box.between(7, 9, 2, 3)).isEqualTo(new Box(2, 3, 5, 6));
        assertThat(Box.around(List.of())).isEmpty();
        assertThat(a.grown(-20).width()).isZero();
    }

    @Test
    void theBoxAroundATurnedBoxHoldsItsCorners() {
        Random random = new Random(4);
        Box box = new Box(3, 4, 20, 7);
        for (int i = 0; i < 100; i++) {
            Affine a = random(random);
            Box around = box.transformed(a).grown(1e-9);
            for (Anchor corner : List.of(Anchor.TOP_LEFT, Anchor.TOP_RIGHT, Anchor.BOTTOM_LEFT, Anchor.BOTTOM_RIGHT)) {
                assertThat(around.contains(a.apply(box.at(corner)))).isTrue();
            }
        }
    }

    @Test
    void everyAnchorIsOppositeItsOpposite() {
        for (Anchor anchor : Anchor.values()) {
            assertThat(anchor.opposite().opposite()).isEqualTo(anchor);
            assertThat(anchor.across() + anchor.opposite().across()).isEqualTo(1);
            assertThat(anchor.down() + anchor.opposite().down()).isEqualTo(1);
        }
    }

    @Test
    void spansTellHowLongTheyAreAndWhetherTheyFace() {
        Span span = Axis.HORIZONTAL.of(new Box(5, 1, 10, 2));
        assertThat(span).isEqualTo(new Span(5, 15));
        assertThat(span.length()).isEqualTo(10);
        assertThat(span.at(0.25)).isEqualTo(7.5);
        assertThat(span.overlaps(new Span(15, 20))).isFalse();
        assertThat(span.overlaps(new Span(14, 20))).isTrue();
        assertThat(Axis.VERTICAL.other()).isEqualTo(Axis.HORIZONTAL);
        assertThat(Axis.VERTICAL.move(3).apply(1, 1)).isEqualTo(new Point(1, 4));
    }
}
