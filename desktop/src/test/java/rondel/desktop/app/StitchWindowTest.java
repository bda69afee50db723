package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TitledPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.AllChecks;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.SewnPass;
import rondel.formats.dst.DstReader;
import rondel.job.Cloth;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Hoop;
import rondel.job.Rgba;
import rondel.job.SewingSettings;
import rondel.job.SewnPart;
import rondel.job.StitchSettings;
import rondel.job.StitchSettings.Kind;
import rondel.job.StitchSettings.Parts;
import rondel.job.StitchSettings.Underlay;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Limits;
import rondel.run.stitch.SewingOrder;
import rondel.run.stitch.SewingThread;

/** A patch in the Run stage as a person makes it. */
class StitchWindowTest extends BenchFixture {

    @TempDir
    Path folder;

    @BeforeEach
    void patch() throws Exception {
        openDemo("whale-patch");
        run("stageRun");
        sewn();
    }

    private RunModel model() {
        return window.run().model();
    }

    /** The stitches once they are worked out. */
    private SewnPass sewn() throws Exception {
        calm();
        return model().sewn().orElseThrow();
    }

    private SewingSettings sewing() {
        return bench.job().run().of(bench.sheet().id()).sewn();
    }

    private ElementId id(String name) {
        return bench.job()
                .everything()
                .filter(e -> e.name().equals(name))
                .findFirst()
                .map(Element::id)
                .orElseThrow();
    }

    private StitchSettings of(String name) {
        return bench.sheet()
                .find(id(name))
                .map(l -> l.element().traits().stitch().orElse(StitchSettings.USUAL))
                .orElseThrow();
    }

    private void hold(String name) throws Exception {
        onFx(() -> model().hold(Optional.of(id(name)), false));
        calm();
    }

    private void open(String part) throws Exception {
        onFx(() -> ((TitledPane) lookup("#part-" + part).query()).setExpanded(true));
        calm();
    }

    private Bounds onScreen(String id) {
        Node node = lookup(id).query();
        return node.localToScreen(node.getLayoutBounds());
    }

    private String said(String id) {
        return lookup(id).<Label>query().getText();
    }

    @SuppressWarnings("unchecked")
    private <T> void choose(String box, T value) throws Exception {
        onFx(() -> ((ChoiceBox<T>) lookup(box).query()).setValue(value));
        calm();
    }

    /** What the checks say of the job as it is. */
    private List<String> codes() {
        Checked checked = new Checked(bench.job(), new rondel.formats.fonts.ShippedFonts().get(), Limits.USUAL);
        return AllChecks.of(checked).stream().map(Finding::code).toList();
    }

    @Test
    void aPatchIsOnePassOfThreadsThatIsToldAndScrubbedByStitch() throws Exception {
        SewnPass pass = sewn();
        assertThat(pass.pattern().runs()).hasSize(3);
        assertThat(said("#run-load")).contains("into the hoop 4 x 4 in");
        assertThat(said("#run-happens"))
                .startsWith(pass.pattern().count() + " stitches with 3 threads")
                .contains("89.");
        assertThat(said("#sew-told")).startsWith("Stitch " + pass.pattern().count() + " of");
        Slider time = lookup("#sew-time").query();
        onFx(() -> time.setValue(pass.when(1000)));
        calm();
        assertThat(said("#sew-told")).startsWith("Stitch " + pass.needled(1000) + " of");
        onFx(() -> lookup("#sew-picture").query().requestFocus());
        keys(KeyCode.RIGHT);
        calm();
        assertThat(pass.made(model().at())).isEqualTo(1001);
        clickOn("#sew-play");
        Thread.sleep(300);
        clickOn("#sew-play");
        assertThat(pass.made(model().at())).isGreaterThan(1001);
    }

    @Test
    void whatIsClickedIsStitchedOtherwiseAndWorkedOutAgain() throws Exception {
        int before = sewn().pattern().count();
        Bounds bounds = onScreen("#sew-picture");
        // A little over the middle of the hoop is the whale.
        clickOn(bounds.getCenterX(), bounds.getCenterY() - 6, MouseButton.PRIMARY);
        calm();
        assertThat(model().held()).containsExactly(id("Whale"));
        open("stitches");
        assertThat(said("#sew-about")).contains("Whale");

        type("#sew-angle", "70");
        calm();
        type("#sew-spacing", "0.8");
        calm();
        assertThat(of("Whale").angle()).isEqualTo(70);
        assertThat(of("Belly").angle()).isNotEqualTo(70);
        assertThat(sewn().pattern().count()).isLessThan(before);
        run("undo");
        calm();
        assertThat(of("Whale").spacing()).isEqualTo(0.4);

        choose("#sew-kind", Kind.RUNNING);
        assertThat(of("Whale").kind()).isEqualTo(Kind.RUNNING);
        onFx(() -> lookup("#sew-under-CROSSING").<CheckBox>query().fire());
        calm();
        assertThat(of("Whale").underlay()).doesNotContain(Underlay.CROSSING);
        onFx(() -> lookup("#sew-by-cloth").<CheckBox>query().fire());
        calm();
        assertThat(of("Whale").compensation()).isEqualTo(OptionalDouble.of(Cloth.WOVEN.compensation()));
        run("stitchFill");
        run("leaveOutLine");
        calm();
        assertThat(of("Whale").kind()).isEqualTo(Kind.FILL);
        assertThat(of("Whale").parts()).isEqualTo(Parts.FILL);
    }

    @Test
    void theOrderIsChangedByDraggingByKeysAndByCommandsAndWorkedOutAfresh() throws Exception {
        List<SewnPart> usual = SewingOrder.of(sewn().pattern());
        List<Rgba> threads =
                sewn().pattern().runs().stream().map(r -> r.thread()).toList();

        Bounds first = onScreen("#sewn-1");
        Bounds second = onScreen("#sewn-2");
        drag(first.getCenterX(), first.getCenterY(), MouseButton.PRIMARY)
                .moveTo(second.getCenterX(), second.getCenterY())
                .moveTo(second.getCenterX(), second.getCenterY() + 8)
                .drop();
        calm();
        assertThat(SewingOrder.of(sewn().pattern()).subList(0, 2)).containsExactly(usual.get(1), usual.get(0));
        run("undo");
        calm();
        assertThat(SewingOrder.of(sewn().pattern())).isEqualTo(usual);

        onFx(() -> lookup("#thread-1").query().requestFocus());
        press(KeyCode.ALT, KeyCode.DOWN).release(KeyCode.DOWN, KeyCode.ALT);
        calm();
        assertThat(sewn().pattern().runs().getFirst().thread()).isEqualTo(threads.get(1));
        hold("Belly");
        run("sewEarlier");
        calm();
        assertThat(sewing().order()).isNotEmpty().isEqualTo(SewingOrder.of(sewn().pattern()));
        run("orderAfresh");
        calm();
        assertThat(SewingOrder.of(sewn().pattern())).isEqualTo(usual);
    }

    @Test
    void whatLiesOutsideOfAHoopIsFoundAndCentredInOneStep() throws Exception {
        answers.hoop = Optional.of(new Hoop("Round 9 cm", 90, 90, true));
        run("chooseHoop");
        calm();
        assertThat(bench.sheet().width()).isEqualTo(90);
        assertThat(codes()).contains("outsideHoop");
        run("centreInHoop");
        calm();
        assertThat(sewn().pattern().extent().orElseThrow().centre().x()).isCloseTo(45, within(0.3));
        assertThat(codes()).doesNotContain("outsideHoop");
        run("stageCompose");
        calm();
        assertThat(lookup("#round-hoop").query().isVisible()).isTrue();
        run("stageRun");
        calm();
        open("hoop");
        assertThat(said("#sew-hoop")).contains("round hoop Round 9 cm");
        choose("#sew-cloth", Cloth.PILE);
        assertThat(sewing().cloth()).isEqualTo(Cloth.PILE);
        run("noHoop");
        calm();
        assertThat(sewing().hoop()).isEmpty();
    }

    @Test
    void threadsAreMatchedToAChartAndOnesOwnAreKept() throws Exception {
        Rgba own = new Rgba(0xe0, 0x73, 0x5c, 255);
        answers.thread = Optional.of(new SewingThread("My coral", own));
        run("keepThread");
        calm();
        run("matchThreads");
        calm();
        assertThat(of("Rim").thread()).contains(own);
        assertThat(sewn().pattern().runs()).hasSize(3).anyMatch(r -> r.thread().equals(own));
        assertThat(lookup("#thread-1").query().getAccessibleText()).contains("My coral");
    }

    @Test
    void aPassIsSewnOnTheStandInAndWrittenAsATapeThatIsPlacedAgain() throws Exception {
        clickOn("#run-send");
        for (int i = 0; i < 1200 && window.run().machine().log().isEmpty(); i++) {
            Thread.sleep(50);
        }
        calm();
        assertThat(lookup("#done-1").<CheckBox>query().isSelected()).isTrue();
        assertThat(window.run().machine().log()).last().asString().startsWith("Sewn: ");

        Path tape = folder.resolve("patch.dst");
        answers.export = tape;
        run("savePass");
        calm();
        int count = sewn().pattern().count();
        assertThat(DstReader.read(Files.readAllBytes(tape), "patch.dst")
                        .pattern()
                        .count())
                .isEqualTo(count);
        int things = bench.sheet().elements().size();
        onFx(() -> window.actions().drop(List.of(tape), new rondel.geometry.Point(50, 50), false));
        calm();
        assertThat(bench.sheet().elements()).hasSizeGreaterThan(things);
        assertThat(sewn().pattern().count()).isEqualTo(2 * count);
    }
}
