package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.desktop.run.running.RunModel;
import rondel.devices.Misfeed;
import rondel.devices.camera.StandInCamera;
import rondel.formats.files.AtomicFile;
import rondel.formats.png.PngWriter;
import rondel.job.ElementId;
import rondel.job.MaterialRule;
import rondel.job.PassSettings;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.run.passes.Pass;

/** The Run stage as a person uses it. */
class RunWindowTest extends BenchFixture {

    @TempDir
    Path folder;

    private RunModel model() {
        return window.run().model();
    }

    private List<String> passes() throws Exception {
        AtomicReference<List<String>> names = new AtomicReference<>();
        onFx(() -> names.set(model().passes().stream().map(Pass::name).toList()));
        return names.get();
    }

    private String said(String id) {
        return lookup(id).<Label>query().getText();
    }

    private void openRun(String demo) throws Exception {
        openDemo(demo);
        run("stageRun");
        calm();
    }

    /** Waits until nothing is sent any more. */
    private void sent() throws Exception {
        for (int i = 0; i < 400 && window.run().sending().isRunning() || i < 8; i++) {
            Thread.sleep(50);
        }
        calm();
    }

    @Test
    void theNamePlateIsTwoPassesThatAreSentComparedAndMarkedAsDone() throws Exception {
        openRun("name-plate");
        assertThat(passes()).containsExactly("Gold film: cut", "Deep blue film: cut");
        assertThat(said("#run-load")).contains("Load the roll of Gold film");
        assertThat(said("#run-happens")).contains("blade").contains("mm/s");

        clickOn("#run-send");
        sent();
        assertThat(said("#run-verdict")).startsWith("Cut: 0.0");
        assertThat(lookup("#run-log").<ListView<String>>query().getItems())
                .anyMatch(s -> s.startsWith("The machine answers"))
                .last()
                .asString()
                .startsWith("Done: 12 of 12");
        assertThat(lookup("#done-1").<CheckBox>query().isSelected()).isTrue();

        clickOn("#pass-2");
        calm();
        assertThat(said("#run-load")).contains("Deep blue film");
        assertThat(lookup("#run-verdict").<Node>query().isVisible()).isFalse();
        run("undo");
        calm();
        assertThat(lookup("#done-1").<CheckBox>query().isSelected()).isFalse();
    }

    @Test
    void aPassIsStoppedAndTheRestIsSentLater() throws Exception {
        openRun("sticker-run");
        onFx(() -> bench.show(bench.job().sheets().get(1).id()));
        calm();
        clickOn("#pass-2");
        calm();
        run("sendPass");
        Thread.sleep(900);
        run("pauseRun");
        Thread.sleep(300);
        assertThat(lookup("#run-pause").<Button>query().getText()).isEqualTo("Go on");
        run("pauseRun");
        run("stopRun");
        sent();
        int taken = window.run().sending().taken();
        assertThat(taken).isBetween(1, 24);
        assertThat(lookup("#run-send").<Button>query().getText()).isEqualTo("Send the rest");
        clickOn("#run-send");
        sent();
        assertThat(window.run().sending().result().orElseThrow().comparison().open())
                .isZero();
        assertThat(window.run().sending().taken()).isZero();
    }

    @Test
    void theBladeIsScrubbedBeforeAnythingIsCut() throws Exception {
        openRun("name-plate");
        Slider time = lookup("#run-time").query();
        onFx(() -> time.setValue(time.getMax() / 2));
        calm();
        assertThat(model().at()).isGreaterThan(1);
        assertThat(said("#run-told")).contains(" of ");
        clickOn("#run-play");
        Thread.sleep(300);
        double later = model().at();
        assertThat(later).isGreaterThan(time.getMax() / 2);
        clickOn("#run-play");
    }

    @Test
    void passesAreReorderedSkippedJoinedSplitAndWorkedOutAfresh() throws Exception {
        openRun("name-plate");
        clickOn("#pass-1");
        run("passLater");
        calm();
        assertThat(passes()).containsExactly("Deep blue film: cut", "Gold film: cut");

        ElementId anchor = bench.job()
                .everything()
                .filter(e -> e.name().equals("Border"))
                .findFirst()
                .orElseThrow()
                .id();
        clickOn("#pass-1");
        onFx(() -> model().hold(Optional.of(anchor), false));
        run("splitPass");
        calm();
        assertThat(passes()).hasSize(3).anyMatch(n -> n.endsWith("part 2"));

        answers.pass = 2;
        clickOn("#pass-1");
        run("joinPass");
        calm();
        assertThat(passes()).hasSize(2);
        run("putPassesBack");
        calm();
        assertThat(passes()).containsExactly("Gold film: cut", "Deep blue film: cut");
    }

    @Test
    void materialsAreChosenTheirFiguresTypedAndRulesSaid() throws Exception {
        openRun("name-plate");
        type("#run-speed", "80");
        calm();
        assertThat(bench.job()
                        .run()
                        .material("Gold film")
                        .orElseThrow()
                        .by(Role.CUT)
                        .speed())
                .isEqualTo(80);
        type("#run-offset", "0.4 mm");
        calm();
        assertThat(bench.job().run().material("Gold film").orElseThrow().bladeOffset())
                .isEqualTo(0.4);

        answers.materialRules = Optional.of(
                now -> List.of(new MaterialRule(Optional.of(Role.CUT), Optional.empty(), Optional.empty(), "Foil")));
        run("materialRules");
        calm();
        assertThat(passes()).containsExactly("Foil: cut");
        run("undo");
        calm();
        assertThat(passes()).hasSize(2);
    }

    @Test
    void aPassGetsAWeedingBoxAndAName() throws Exception {
        openRun("name-plate");
        onFx(() -> window.run().passes().change(s -> s.withWeeding(PassSettings.Weeding.BOX)
                .withName("Letters")));
        calm();
        assertThat(passes()).contains("Letters");
        assertThat(model().pass().orElseThrow().added()).hasSize(3);
    }

    @Test
    void whatIsPrintedIsPrintedAtItsSizeAndFoundAgainOnAPictureOfIt() throws Exception {
        openRun("sticker-run");
        onFx(() -> bench.show(bench.job().sheets().get(1).id()));
        calm();
        assertThat(said("#run-load")).contains("into the printer");
        clickOn("#run-send");
        calm();
        BufferedImage printed = window.run().printing().printed().orElseThrow().image();
        assertThat(printed.getWidth()).isEqualTo(2550);
        assertThat(printed.getHeight()).isEqualTo(3300);

        Sheet sheet = bench.sheet();
        Path scan = folder.resolve("bed.png");
        BufferedImage askew =
                StandInCamera.bed(printed, sheet.width(), sheet.height(), new Misfeed(1, -0.5, 0.4, 1), 300);
        AtomicFile.write(scan, o -> PngWriter.write(askew, 300, o));
        answers.scan = scan;
        clickOn("#pass-2");
        calm();
        run("scanMarks");
        calm();
        assertThat(notice()).contains("The marks were found");
        assertThat(model().registration()).isPresent();

        answers.scan = Files.writeString(folder.resolve("none.png"), "no picture");
        run("scanMarks");
        calm();
        assertThat(notice()).contains("none.png");
        assertThat(model().registration()).isPresent();
    }

    @Test
    void aPassIsWrittenAsHpglAndAPrintAsPdf() throws Exception {
        openRun("name-plate");
        answers.export = folder.resolve("plate.hpgl");
        run("savePass");
        calm();
        assertThat(answers.export).content(StandardCharsets.US_ASCII).startsWith("IN;SP1;");
    }

    @Test
    void aSheetOfWhichNothingIsMadeSaysWhatToDo() throws Exception {
        run("stageRun");
        calm();
        onFx(() -> bench.selectAll());
        if (passes().isEmpty()) {
            assertThat(said("#run-empty")).contains("role");
        }
        keys(KeyCode.CONTROL, KeyCode.F1);
        calm();
        assertThat(lookup("#run-left").tryQuery()).isEmpty();
    }
}
