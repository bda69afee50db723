package rondel.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class WindingsTest {

    @Test
    void aDiscIsGoneRoundOnceTwoTwiceAndAHoleNotAtAll() {
        Path2D rings = new Path2D.Double();
        rings.append(new Ellipse2D.Double(0, 0, 100, 100), false);
        rings.append(new Ellipse2D.Double(25, 25, 50, 50), false);
        Windings both = new Windings(rings, 0.01);

        assertThat(both.around(50, 50)).isEqualTo(2);
        assertThat(both.around(10, 50)).isEqualTo(1);
        assertThat(both.around(-1, 50)).isZero();
        assertThat(both.around(101, 50)).isZero();
        assertThat(new Windings(new Path2D.Double(), 0.01).around(0, 0)).isZero();
    }

    /** Open contours are closed, and lines may cross: as Java 2D fills them. */
    @Test
    void placesLieInsideAsJava2dSays() {
        SplittableRandom random = new SplittableRandom(4);
        for (int run = 0; run < 30; run++) {
            Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
            for (int c = 0; c < 3; c++) {
                path.moveTo(random.nextInt(50), random.nextInt(50));
                for (int i = 0; i < 6; i++) {
                    path.lineTo(random.nextInt(50), random.nextInt(50));
                }
                if (c == 1) {
                    path.closePath();
                }
            }
            Windings windings = new Windings(path, 0.01);
            for (int i = 0; i < 200; i++) {
                double x = 50 * random.nextDouble();
                double y = 50 * random.nextDouble();
                assertThat(windings.around(x, y) != 0).isEqualTo(path.contains(x, y));
            }
        }
    }
}
