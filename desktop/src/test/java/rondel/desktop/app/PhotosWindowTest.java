package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.SampleJob;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.PictureBounds;
import rondel.job.PictureElement;
import rondel.job.Shadow;

/** Slots, clips and shadows in the real window. */
class PhotosWindowTest extends BenchFixture {

    @TempDir
    private Path folder;

    @BeforeEach
    void theSample() throws Exception {
        calm();
        onFx(() -> bench.open(SampleJob.make(), Optional.empty()));
        calm();
    }

    private Path photo(String name, Color colour) throws Exception {
        BufferedImage image = new BufferedImage(120, 80, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(colour);
        g.fillRect(0, 0, 120, 80);
        g.dispose();
        Path file = folder.resolve(name);
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private GroupElement slot(String id) {
        return (GroupElement) bench.job().located(new ElementId(id)).element();
    }

    @Test
    void twoShapesBecomeWindowsAndFillFromTwoPhotos() throws Exception {
        int before = bench.sheet().elements().size();
        select("leaf", "stem");
        run("makeWindows");
        assertThat(slot("leaf").isEmptySlot()).isTrue();
        answers.artwork =
                List.of(photo("sea.png", Color.BLUE), photo("sand.png", Color.ORANGE), photo("x.png", Color.RED));
        run("fillWindows");
        calm();
        assertThat(slot("leaf").children()).hasSize(1);
        assertThat(slot("stem").children()).hasSize(1);
        assertThat(notice()).startsWith("1 ");
        onFx(() -> window.commands().get("fitWhole").run());
        run("unclip");
        assertThat(bench.job().find(new ElementId("leaf"))).isEmpty();
        assertThat(bench.sheet().elements()).hasSize(before + 2);
    }

    @Test
    void aPictureDroppedOnAWindowFillsIt() throws Exception {
        onFx(() -> bench.select(List.of(new ElementId("window"))));
        onFx(() -> window.commands().get("emptyWindows").run());
        Point inside = boxOf(new ElementId("window")).centre();
        Path photo = photo("sea.png", Color.BLUE);
        onFx(() -> window.actions().drop(List.of(photo), inside, false));
        calm();
        assertThat(slot("window").children()).hasSize(1);
        onFx(() -> window.actions().drop(List.of(photo), new Point(200, 200), false));
        calm();
        assertThat(bench.sheet().elements().getLast().kind()).isEqualTo("picture");
    }

    @Test
    void whatIsBehindGivesTheClipItsOutline() throws Exception {
        select("leaf", "stem");
        run("clip");
        Element clipped = only();
        assertThat(clipped.children()).extracting(Element::id).containsExactly(new ElementId("stem"));
        run("unclip");
        assertThat(bench.job().find(new ElementId("leaf"))).isPresent();
    }

    @Test
    void aShadowIsSwitchedOnForManyAndMadeExact() throws Exception {
        select("leaf", "cluster");
        onFx(() -> lookup("#shadow-on").<javafx.scene.control.CheckBox>query().fire());
        calm();
        onFx(() -> lookup("#shadow-softness")
                .<javafx.scene.control.TextField>query()
                .setText("3 mm"));
        onFx(() -> lookup("#shadow-softness")
                .<javafx.scene.control.TextField>query()
                .fireEvent(new javafx.event.ActionEvent()));
        calm();
        for (String id : List.of("leaf", "cluster")) {
            Shadow shadow = bench.job()
                    .located(new ElementId(id))
                    .element()
                    .traits()
                    .shadow()
                    .orElseThrow();
            assertThat(shadow.softness()).isCloseTo(3, within(1e-9));
            assertThat(shadow.distance()).isEqualTo(Shadow.USUAL.distance());
        }
        run("shadow");
        assertThat(bench.selected()).allMatch(l -> l.element().traits().shadow().isEmpty());
    }

    @Test
    void opacityIsTypedInMeasureAndPicturesAreMeasuredByFrameOrByWhatIsSeen() throws Exception {
        openDemo("photo-stickers");
        calm();
        Element picture = bench.level().stream()
                .filter(PictureElement.class::isInstance)
                .findFirst()
                .orElseThrow();
        onFx(() -> bench.select(List.of(picture.id())));
        calm();
        onFx(() -> {
            TextField field = lookup("#opacity").query();
            field.requestFocus();
            field.setText("40 %");
            field.fireEvent(new ActionEvent());
        });
        calm();
        assertThat(bench.selected().getFirst().element().opacity()).isEqualTo(0.4);
        PictureBounds before = bench.job().picturesBy();
        run("picturesBy");
        calm();
        assertThat(bench.job().picturesBy()).isNotEqualTo(before);
        assertThat(lookup("#notice").queryAs(Labeled.class).getText()).contains("measured by");
        run("undo");
        calm();
        assertThat(bench.job().picturesBy()).isEqualTo(before);
    }
}
