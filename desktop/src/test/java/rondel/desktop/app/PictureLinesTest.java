package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.Spinner;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.BackdropSettings;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.PictureElement;
import rondel.lines.backdrop.ClearBackdrop;
import rondel.lines.backdrop.RestoreBackdrop;

/** Pictures in the Lines stage: traced, and their backdrops cleared. */
class PictureLinesTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    @Test
    void aPictureIsTracedInAFewColoursAndKept() throws Exception {
        dragFromShelf("sea-wash", 100, 100);
        Element picture = only();
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        onFx(() -> lookup("#trace-colours")
                .<Spinner<Integer>>query()
                .getValueFactory()
                .setValue(4));
        onFx(() -> lookup("#trace-make").queryAs(Button.class).fire());
        calm();
        GroupElement traced = (GroupElement) only();
        assertThat(traced.children()).hasSizeBetween(2, 4);
        assertThat(bench.job().located(picture.id()).element().hidden()).isTrue();
        assertThat(boxOf(traced.id()).width())
                .isBetween(20.0, boxOf(picture.id()).width() + 1);
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(bench.job().located(picture.id()).element()).isSameAs(picture);
    }

    @Test
    void aBackdropIsClearedBrushedAndShownWholeAgain() throws Exception {
        dragFromShelf("sea-wash", 100, 100);
        ElementId id = only().id();
        PictureElement whole = (PictureElement) only();
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        onFx(() -> lookup("#backdrop-tool")
                .<ChoiceBox<Object>>query()
                .getSelectionModel()
                .selectLast());
        Box box = boxOf(id);
        Point middle = box.centre();
        moveTo(screen(middle));
        press(MouseButton.PRIMARY);
        moveTo(screen(new Point(middle.x() + box.width() / 6, middle.y())));
        release(MouseButton.PRIMARY);
        calm();
        PictureElement brushed = (PictureElement) bench.job().located(id).element();
        BackdropSettings how = brushed.cleared().orElseThrow().how();
        assertThat(how.strokes()).hasSize(1);
        assertThat(how.strokes().getFirst().keep()).isFalse();
        assertThat(how.strokes().getFirst().points().getFirst().x()).isBetween(0.45, 0.55);
        assertThat(bench.job()
                                .media()
                                .get(brushed.media())
                                .pixels()
                                .getRGB(
                                        bench.job().media().get(brushed.media()).width() / 2,
                                        bench.job().media().get(brushed.media()).height() / 2)
                        >>> 24)
                .isZero();
        onFx(() -> lookup("#backdrop-restore").queryAs(Button.class).fire());
        assertThat(bench.job().located(id).element()).isEqualTo(whole);
    }

    @Test
    void howAPictureWasClearedIsShownAndAPreviewClearsACopy() throws Exception {
        openDemo("photo-stickers");
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        ElementId id = bench.sheet().elements().getFirst().id();
        onFx(() -> bench.perform(
                new ClearBackdrop(List.of(id), new BackdropSettings(0.12, 3, false, List.of(), List.of()))));
        clickOn("#part-backdrop");
        calm();
        assertThat(lookup("#backdrop-tolerance").<Slider>query().getValue()).isEqualTo(0.12);
        assertThat(lookup("#backdrop-softness").<Slider>query().getValue()).isEqualTo(3);
        assertThat(lookup("#backdrop-pockets").queryAs(CheckBox.class).isSelected())
                .isFalse();

        BackdropSettings finer = new BackdropSettings(0.06123, 2.55, false, List.of(), List.of());
        onFx(() -> bench.perform(new ClearBackdrop(List.of(id), finer)));
        calm();
        onFx(() -> lookup("#backdrop-make").queryAs(Button.class).fire());
        calm();
        assertThat(cleared(id)).isEqualTo(finer);

        onFx(() -> {
            lookup("#backdrop-tolerance").<Slider>query().setValue(0.06049);
            lookup("#backdrop-softness").<Slider>query().setValue(1.26);
            lookup("#backdrop-make").queryAs(Button.class).fire();
        });
        calm();
        assertThat(lookup("#backdrop-tolerance-figure").queryAs(Label.class).getText())
                .isEqualTo("0.06");
        assertThat(lookup("#backdrop-softness-figure").queryAs(Label.class).getText())
                .isEqualTo("1.3 px");
        assertThat(cleared(id).tolerance()).isEqualTo(0.06);
        assertThat(cleared(id).softness()).isEqualTo(1.3);

        onFx(() -> bench.perform(new RestoreBackdrop(List.of(id))));
        calm();
        Job whole = bench.job();
        Box box = boxOf(id);
        Point behind = new Point(box.x() + 0.05 * box.width(), box.y() + 0.05 * box.height());
        Color before = seen(behind);
        clickOn("#backdrop-preview");
        calm();
        assertThat(seen(behind)).isNotEqualTo(before);
        assertThat(bench.job()).isSameAs(whole);
        clickOn("#part-trace");
        calm();
        assertThat(seen(behind)).isEqualTo(before);
    }

    private BackdropSettings cleared(ElementId id) {
        return ((PictureElement) bench.job().located(id).element())
                .cleared()
                .orElseThrow()
                .how();
    }

    private Color seen(Point mm) throws Exception {
        return WaitForAsyncUtils.asyncFx(() -> {
                    Point local = window.sheet().viewport().toScreen(mm);
                    return window.sheet().snapshot(null, null).getPixelReader().getColor((int) local.x(), (int)
                            local.y());
                })
                .get();
    }
}
