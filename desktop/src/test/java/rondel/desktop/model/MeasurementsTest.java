package rondel.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.compose.arrange.Resize;
import rondel.compose.arrange.SetFill;
import rondel.compose.arrange.SetRole;
import rondel.compose.arrange.SetStroke;
import rondel.compose.arrange.TurnTo;
import rondel.geometry.Anchor;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.Stroke;

class MeasurementsTest {

    private final Job job = SampleJob.make();

    private static List<ElementId> ids(String... ids) {
        return Stream.of(ids).map(ElementId::new).toList();
    }

    private static Measurements of(Job job, String... ids) {
        return Measurements.of(ids(ids).stream().map(job::located).toList());
    }

    @Test
    void oneElementIsMeasuredAlongItsOwnSides() {
        Job sized = new Resize(
                        ids("leaf"),
                        OptionalDouble.of(40),
                        OptionalDouble.of(10),
                        false,
                        Anchor.CENTRE,
                        Resize.Frame.OWN)
                .apply(job);
        Measurements m = of(new TurnTo(ids("leaf"), 30).apply(sized), "leaf");
        assertThat(m.width().orElseThrow()).isCloseTo(40, within(1e-9));
        assertThat(m.height().orElseThrow()).isCloseTo(10, within(1e-9));
        assertThat(m.turn().orElseThrow()).isCloseTo(30, within(1e-9));
        assertThat(m.name()).contains("leaf");
        assertThat(m.at(Anchor.CENTRE).orElseThrow().distanceTo(new Point(20, 20)))
                .isLessThan(1e-9);
    }

    @Test
    void severalAreMeasuredTogetherAndWhatDiffersIsLeftEmpty() {
        Measurements m = of(job, "leaf", "stem");
        assertThat(m.count()).isEqualTo(2);
        assertThat(m.width()).hasValue(20);
        assertThat(m.height()).hasValue(25);
        assertThat(m.turn()).isEmpty();
        assertThat(m.name()).isEmpty();
        assertThat(m.role()).contains(Role.PRINT);
        Job cut = new SetRole(ids("stem"), Role.CUT).apply(job);
        assertThat(of(cut, "leaf", "stem").role()).isEmpty();
        Job red = new SetFill(ids("leaf"), Paint.solid(new Rgba(255, 0, 0, 255))).apply(job);
        assertThat(of(red, "leaf", "stem").fill()).isEmpty();
        assertThat(of(red, "leaf").fill()).contains(Paint.solid(new Rgba(255, 0, 0, 255)));
    }

    @Test
    void aLinesWidthIsWhatItIsOnTheSheetHoweverItsElementIsScaled() {
        Job lined = new SetStroke(ids("cluster"), Optional.of(Stroke.plain(Rgba.BLACK, 0.5))).apply(job);
        assertThat(of(lined, "cluster").strokeWidth().orElseThrow()).isCloseTo(0.5, within(1e-6));
        Job grown = new Resize(
                        ids("cluster"),
                        OptionalDouble.of(30),
                        OptionalDouble.empty(),
                        true,
                        Anchor.CENTRE,
                        Resize.Frame.OWN)
                .apply(lined);
        assertThat(of(grown, "cluster").strokeWidth().orElseThrow()).isCloseTo(1.0, within(1e-6));
        Job again = new SetStroke(ids("cluster"), Optional.of(Stroke.plain(Rgba.BLACK, 0.5))).apply(grown);
        assertThat(of(again, "cluster").strokeWidth().orElseThrow()).isCloseTo(0.5, within(1e-6));
        assertThat(of(job, "leaf").strokeWidth()).isEmpty();
    }

    @Test
    void nothingSelectedHasNoMeasure() {
        Measurements m = Measurements.of(List.<Located>of());
        assertThat(m.count()).isZero();
        assertThat(m.width()).isEmpty();
        assertThat(m.at(Anchor.CENTRE)).isEmpty();
    }
}
