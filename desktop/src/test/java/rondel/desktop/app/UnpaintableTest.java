package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Move;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Traits;
import rondel.units.LengthUnit;

/** What can't be painted is marked and said, and holds nothing up. */
class UnpaintableTest extends BenchFixture {

    @Test
    void aPictureThatFailsIsSaidAndTheSheetComesToRestAndIsEdited() throws Exception {
        Media broken = new Media(
                Media.idOf(new byte[] {1, 2}),
                "png",
                new Media.Bytes(new byte[] {1, 2}, m -> {
                    throw new IllegalStateException("a flipped bit");
                }),
                40,
                40,
                1);
        PictureElement picture = new PictureElement(
                Traits.named("sea").withId(new ElementId("sea")), broken.id(), new Box(20, 20, 50, 50));
        Job job = Job.blank("Broken", LengthUnit.MM, 200, 200).withMedia(List.of(broken));
        Job placed = job.withSheet(job.sheets().getFirst().id(), s -> s.withElements(List.of(picture)));
        onFx(() -> bench.open(placed, Optional.empty()));
        calm();
        assertThat(notice()).isNotEmpty();
        assertThat(window.sheet().isSharp()).isTrue();
        onFx(() -> bench.perform(new Move(List.of(new ElementId("sea")), 5, 0)));
        calm();
        assertThat(boxOf(new ElementId("sea")).x()).isEqualTo(25);
    }
}
