package rondel.lines.check.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Limits;
import rondel.text.FontBook;
import rondel.units.LengthUnit;

/** Faults that hardly anybody makes, and that no file must leave with. */
class ChecksOfLinesTest {

    private static Outline path(boolean closed, double... xy) {
        OutlineBuilder path = new OutlineBuilder().moveTo(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            path.lineTo(xy[i], xy[i + 1]);
        }
        return (closed ? path.close() : path).build();
    }

    private static Element cut(String id, Outline outline) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)).withRole(Role.CUT),
                outline,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(Rgba.BLACK, 0.2)));
    }

    private static Job job(Element... elements) {
        Job blank = Job.blank("Cuts", LengthUnit.MM, 200, 200);
        return blank.withSheet(blank.sheets().getFirst().id(), s -> s.withElements(List.of(elements)));
    }

    private static List<Finding> found(Job job) {
        return Checks.of(new Checked(job, new FontBook(List.of(), Map.of()), Limits.USUAL));
    }

    private static List<String> codes(Job job) {
        return found(job).stream().map(Finding::code).distinct().toList();
    }

    @Test
    void anOpenCutIsMendedWhereItsEndsNearlyMeetAndOnlySaidWhereTheyDoNot() {
        assertThat(codes(job(cut("whole", path(true, 10, 10, 50, 10, 50, 50))))).isEmpty();

        Job nearly = job(cut("nearly", path(false, 10, 10, 50, 10, 50, 50, 10, 10.05)));
        Finding mendable = found(nearly).getFirst();
        assertThat(mendable.code()).isEqualTo("openCut");
        assertThat(mendable.element()).contains(new ElementId("nearly"));
        assertThat(codes(mendable.fix().orElseThrow().operation().get().apply(nearly)))
                .isEmpty();

        Finding alone =
                found(job(cut("alone", path(false, 10, 10, 50, 10, 50, 50)))).getFirst();
        assertThat(alone.code()).isEqualTo("openCutAlone");
        assertThat(alone.fix()).isEmpty();
    }

    @Test
    void twoOpenCutsWhoseEndsMeetAreOnePieceAndMendedTogether() {
        Job halves = job(
                cut("left", path(false, 60, 10, 10, 10, 10, 50, 60, 50)),
                cut("right", path(false, 60, 50, 110, 50, 110, 10, 60, 10)));
        List<Finding> both = found(halves);
        assertThat(both).extracting(Finding::code).containsOnly("openCut");
        assertThat(both).extracting(f -> f.element().orElseThrow().value()).containsExactly("left", "right");
        assertThat(codes(both.getFirst().fix().orElseThrow().operation().get().apply(halves)))
                .isEmpty();
    }

    @Test
    void anOpenCutThatRunsAlongTheSideOfAPieceTouchesIt() {
        Job along = job(cut("piece", path(true, 10, 10, 50, 10, 50, 50)), cut("side", path(false, 20, 10, 40, 10)));
        assertThat(codes(along)).containsExactlyInAnyOrder("openCutAlone", "touchingCuts");
    }

    @Test
    void anOpenCutThatEndsOnTheMiddleOfAnotherTouchesIt() {
        Job tee = job(cut("bar", path(false, 10, 10, 110, 10)), cut("stem", path(false, 60, 10, 60, 90)));
        assertThat(codes(tee)).containsExactlyInAnyOrder("openCutAlone", "touchingCuts");
    }

    @Test
    void aScribbleThatCrossesItselfMillionsOfTimesIsSaidInsteadOfStandingStill() {
        OutlineBuilder scribble = new OutlineBuilder().moveTo(0, 0);
        for (int i = 1; i < 6_000; i++) {
            scribble.lineTo(i % 2 * 190, i * 190.0 / 6_000 * (i % 3 == 0 ? 1 : -1) + 95);
        }
        assertThat(codes(job(cut("scribble", scribble.build())))).contains("uncheckedCut");
    }

    @Test
    void aPictureThatCannotBeReadIsSaidBeforeItIsPrinted() {
        byte[] bytes = {1, 2, 3};
        Media broken = new Media(Media.idOf(bytes), "png", new Media.Bytes(bytes, new Unreadable()), 400, 400, 1);
        Element picture = new PictureElement(
                Traits.named("Gulls").withId(new ElementId("gulls")), broken.id(), new Box(20, 20, 20, 20));
        Finding found = found(job(picture).withMedia(List.of(broken))).getFirst();
        assertThat(found.code()).isEqualTo("brokenPicture");
        assertThat(found.element()).contains(new ElementId("gulls"));
        assertThat(found.sentence()).contains("Gulls");
    }

    private static final class Unreadable implements Media.Codec {
        @Override
        public java.awt.image.BufferedImage pixels(Media media) {
            throw new IllegalStateException("no pixels");
        }

        @Override
        public boolean reads(Media media) {
            return false;
        }
    }
}
