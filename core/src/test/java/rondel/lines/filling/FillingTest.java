package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.locationtech.jts.geom.Geometry;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;
import rondel.job.FillingSettings;

class FillingTest {

    private static Geometry crescent() {
        Area moon = new Area(new Ellipse2D.Double(0, 0, 100, 100));
        moon.subtract(new Area(new Ellipse2D.Double(20, 5, 90, 90)));
        return FlatArea.of(Overlay.united(Outline.of(moon)), 0.002);
    }

    /** The smallest copies can't be made smaller, and stand between others without room to spare. */
    @RepeatedTest(8)
    void noCopyIsLostWhenWhatWasFoundIsMadeExact(RepetitionInfo run) {
        FillingSettings settings = new FillingSettings(
                6, 20, OptionalInt.empty(), OptionalDouble.empty(), 180, 1, true, run.getCurrentRepetition(), 40);

        List<Placement> found =
                new Filling(crescent(), List.of(Motifs.DISC), settings).fill((rounds, placements) -> true);

        assertThat(found).hasSizeGreaterThan(10);
        assertThat(new ExactFit(crescent(), settings).of(found)).hasSameSizeAs(found);
    }
}
