package rondel.run.registration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rondel.gang.marks.RegistrationMarks;
import rondel.gang.marks.RegistrationMarks.Mark;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.words.Refusal;

class MarkSearchTest {

    private static final Box SHEET = new Box(0, 0, 105, 148);
    private static final List<Mark> MARKS = RegistrationMarks.of(SHEET);
    private static final List<Point> CORNERS =
            List.of(new Point(0, 0), new Point(105, 0), new Point(105, 148), new Point(0, 148));
    private static final int WIDTH = 800;
    private static final int HEIGHT = 800;

    /** Samples along each side of a pixel. */
    private static final int FINE = 3;

    /** A picture of the printed sheet on a dark table. */
    private record Scene(Homography map, List<Mark> all) {

        static Scene of(Homography map) {
            return new Scene(map, MARKS);
        }

        GreyPicture seen(double shade, double noise) {
            Homography back = Homography.of(CORNERS.stream().map(map::apply).toList(), CORNERS);
            Random random = new Random(1);
            float[] light = new float[WIDTH * HEIGHT];
            for (int y = 0; y < HEIGHT; y++) {
                for (int x = 0; x < WIDTH; x++) {
                    double sum = 0;
                    for (int k = 0; k < FINE * FINE; k++) {
                        sum += light(back.apply(new Point(x + (k % FINE + 0.5) / FINE, y + (k / FINE + 0.5) / FINE)));
                    }
                    double lit = sum / (FINE * FINE) * (1 - shade * (x + y) / (WIDTH + HEIGHT));
                    light[y * WIDTH + x] = (float) Math.clamp(lit + noise * random.nextGaussian(), 0, 255);
                }
            }
            return new GreyPicture(WIDTH, HEIGHT, light);
        }

        private double light(Point p) {
            if (!SHEET.contains(p)) {
                return 90;
            }
            boolean dark = false;
            for (Mark m : all) {
                dark |= isDark(m, p);
            }
            return dark ? 30 : 240;
        }

        private static boolean isDark(Mark mark, Point p) {
            double r = mark.centre().distanceTo(p);
            return switch (mark.form()) {
                case DISC -> r < RegistrationMarks.RADIUS;
                case RING -> r < RegistrationMarks.RADIUS && r > RegistrationMarks.HOLE;
                case DOTTED_RING ->
                    r < RegistrationMarks.RADIUS && r > RegistrationMarks.HOLE || r < RegistrationMarks.DOT;
            };
        }
    }

    /** The sheet in the middle of the picture, turned, 4.4 pixels to the mm, farther from the camera towards its lower edge. */
    private static Homography held(double degrees, double tilt) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        List<Point> seen = new ArrayList<>();
        for (Point c : CORNERS) {
            double x = 4.4 * (c.x() - 52.5);
            double y = 4.4 * (c.y() - 74);
            double turnedX = cos * x - sin * y;
            double turnedY = sin * x + cos * y;
            double away = 1 + tilt * turnedY / HEIGHT;
            seen.add(new Point(WIDTH / 2.0 + turnedX / away, HEIGHT / 2.0 + turnedY / away));
        }
        return Homography.of(CORNERS, seen);
    }

    /** The farthest that any place of the sheet is off, in mm. */
    private static double off(Homography found, Homography really) {
        double most = 0;
        for (double x = 0; x <= 105; x += 15) {
            for (double y = 0; y <= 148; y += 18.5) {
                Point p = new Point(x, y);
                most = Math.max(most, found.apply(p).distanceTo(really.apply(p)) / really.scaleAt(new Point(52.5, 74)));
            }
        }
        return most;
    }

    @ParameterizedTest
    @CsvSource({"0, 0, 0.01", "3, 0, 0.01", "90, 0, 0.01", "181, 0.05, 0.02", "271, 0.1, 0.02", "14, 0.15, 0.02"})
    void theSheetIsFoundToAHundredthsHoweverItLies(double degrees, double tilt, double within) {
        Homography really = held(degrees, tilt);
        Registration found = MarkSearch.of(Scene.of(really).seen(0, 0), MARKS);
        assertThat(off(found.map(), really)).isLessThan(within);
        assertThat(found.residual()).isLessThan(0.02);
        for (int i = 0; i < 4; i++) {
            assertThat(found.marks().get(i).distanceTo(really.apply(MARKS.get(i).centre())))
                    .isLessThan(0.1);
        }
        assertThat(found.pixelsPerMm(new Point(52.5, 74)) / really.scaleAt(new Point(52.5, 74)))
                .isBetween(0.999, 1.001);
    }

    @Test
    void shadeGrainAndDrawingsThatLookLikeMarksDoNotLeadAstray() {
        Homography really = held(8, 0.08);
        List<Mark> berries = new ArrayList<>(MARKS);
        Random random = new Random(4);
        for (int i = 0; i < 14; i++) {
            RegistrationMarks.Form form = RegistrationMarks.Form.values()[i % 3];
            berries.add(new Mark(form, new Point(20 + random.nextDouble(65), 20 + random.nextDouble(105))));
        }
        GreyPicture seen = new Scene(really, berries).seen(0.5, 6);
        assertThat(off(MarkSearch.of(seen, MARKS).map(), really)).isLessThan(0.05);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void aMarkThatIsNotThereIsSaidAndNeverGuessed(int missing) {
        List<Mark> some = new ArrayList<>(MARKS);
        some.remove(missing);
        GreyPicture seen = new Scene(held(2, 0), some).seen(0, 0);
        assertThatThrownBy(() -> MarkSearch.of(seen, MARKS)).isInstanceOf(Refusal.class);
    }

    @Test
    void aMirroredPictureIsRefused() {
        Homography held = held(0, 0);
        List<Point> mirrored = CORNERS.stream()
                .map(held::apply)
                .map(p -> new Point(WIDTH - p.x(), p.y()))
                .toList();
        GreyPicture seen = Scene.of(Homography.of(CORNERS, mirrored)).seen(0, 0);
        assertThatThrownBy(() -> MarkSearch.of(seen, MARKS)).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "2, 1", "1, 40", "7, 5", "300, 300"})
    void aPictureOfNothingIsASentence(int width, int height) {
        float[] light = new float[width * height];
        java.util.Arrays.fill(light, 200);
        GreyPicture nothing = new GreyPicture(width, height, light);
        assertThatThrownBy(() -> MarkSearch.of(nothing, MARKS)).isInstanceOf(Refusal.class);
    }

    @Test
    void aScannersResolutionIsBelievedWhereTheMarksAgreeAndAPhonesIsNot() {
        Registration found = MarkSearch.of(Scene.of(held(0, 0)).seen(0, 0), MARKS);
        Point middle = new Point(52.5, 74);
        assertThat(found.ppi(java.util.Optional.of(115.0), middle)).isEqualTo(115);
        assertThat(found.ppi(java.util.Optional.of(72.0), middle)).isBetween(111.7, 111.85);
        assertThat(found.ppi(java.util.Optional.empty(), middle)).isBetween(111.7, 111.85);
    }
}
