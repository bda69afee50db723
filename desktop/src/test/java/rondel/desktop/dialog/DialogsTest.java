package rondel.desktop.dialog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.DialogPane;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;
import rondel.desktop.app.Dialogs;
import rondel.desktop.app.Notices;
import rondel.desktop.app.Questions;
import rondel.desktop.colour.RecolourForm;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.repeat.RepeatForm;
import rondel.desktop.sheets.GuideForm;
import rondel.desktop.sheets.SheetForm;
import rondel.desktop.sheets.SheetFormat;
import rondel.desktop.space.SpacingForm;
import rondel.formats.export.ExportFormat;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.units.LengthUnit;

/** The real dialogs, filled in as a person would. */
class DialogsTest extends ApplicationTest {

    private final AtomicReference<String> refused = new AtomicReference<>("");
    private Dialogs dialogs;

    @Override
    public void start(Stage stage) {
        Notices notices = new Notices();
        notices.showIn(s -> {}, refused::set);
        dialogs = new Dialogs(() -> null, notices);
    }

    /** Asks, does something in the dialog, and goes on or calls it off. */
    private <T> T asked(Supplier<T> question, Runnable inside, ButtonBar.ButtonData answer) throws Exception {
        AtomicReference<T> result = new AtomicReference<>();
        Platform.runLater(() -> result.set(question.get()));
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> lookup(".dialog-pane").tryQuery().isPresent());
        interact(inside);
        interact(() -> {
            DialogPane pane = lookup(".dialog-pane").queryAs(DialogPane.class);
            pane.getButtonTypes().stream()
                    .filter(b -> b.getButtonData() == answer)
                    .findFirst()
                    .map(pane::lookupButton)
                    .map(javafx.scene.control.Button.class::cast)
                    .orElseThrow()
                    .fire();
        });
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> result.get() != null);
        return result.get();
    }

    private <T> T agreed(Supplier<T> question, Runnable inside) throws Exception {
        return asked(question, inside, ButtonBar.ButtonData.OK_DONE);
    }

    private <N extends Node> N at(String id) {
        return lookup("#" + id).<N>query();
    }

    private void type(String id, String text) {
        this.<TextField>at(id).setText(text);
    }

    @Test
    void aNewJobHasTheSizeThatWasTyped() throws Exception {
        Optional<Job> job = agreed(dialogs::newJob, () -> {
            type("new-title", "Tags");
            this.<ChoiceBox<SheetFormat>>at("new-format").setValue(SheetFormat.of(210, 297));
            type("new-width", "2 3/4 in");
        });
        assertThat(job.orElseThrow().title()).isEqualTo("Tags");
        assertThat(job.get().unit()).isEqualTo(LengthUnit.MM);
        assertThat(job.get().sheets().getFirst().width()).isCloseTo(69.85, within(1e-9));
        assertThat(job.get().sheets().getFirst().height()).isEqualTo(297);
        assertThat(asked(dialogs::newJob, () -> {}, ButtonBar.ButtonData.CANCEL_CLOSE))
                .isEmpty();
    }

    @Test
    void aSizeThatCannotBeIsRefusedWithASentence() throws Exception {
        assertThat(agreed(dialogs::newJob, () -> type("new-width", "wide"))).isEmpty();
        assertThat(refused.get()).contains("wide");
        assertThat(agreed(dialogs::newJob, () -> type("new-width", "0"))).isEmpty();
        assertThat(refused.get()).contains("0");
    }

    @Test
    void aSheetKeepsExactlyWhatIsNotTouched() throws Exception {
        SheetForm now = new SheetForm("Front", 100.0123456, 50, 3.175, 6.35, Optional.of(Rgba.WHITE));
        assertThat(agreed(() -> dialogs.sheet(now, LengthUnit.IN), () -> {})).contains(now);
        Optional<SheetForm> changed = agreed(() -> dialogs.newSheet(now, LengthUnit.IN), () -> {
            type("sheet-name", "Back");
            type("sheet-bleed", "1/8in");
            this.<CheckBox>at("sheet-transparent").setSelected(true);
        });
        assertThat(changed).contains(new SheetForm("Back", 100.0123456, 50, 3.175, 6.35, Optional.empty()));
    }

    @Test
    void thingsAreSpacedOutAsWasChosen() throws Exception {
        Optional<SpacingForm> form = agreed(() -> dialogs.spacing(5, new Box(0, 0, 90, 40), LengthUnit.MM), () -> {
            this.<ChoiceBox<SpacingForm.Way>>at("space-way").setValue(SpacingForm.Way.GRID);
            type("space-gap", "4");
            type("space-row-gap", "1/4 in");
        });
        assertThat(form).contains(new SpacingForm(SpacingForm.Way.GRID, 4, 6.35, 3, 90));
    }

    @Test
    void guidesRepeatsAndColoursAreTaken() throws Exception {
        Optional<GuideForm> guide = agreed(() -> dialogs.guide(LengthUnit.IN), () -> {
            this.<ChoiceBox<Axis>>at("guide-axis").setValue(Axis.VERTICAL);
            type("guide-at", "1.5");
        });
        assertThat(guide.orElseThrow().axis()).isEqualTo(Axis.VERTICAL);
        assertThat(guide.get().at()).isCloseTo(38.1, within(1e-9));
        Optional<RepeatForm> repeat = agreed(() -> dialogs.repeat(LengthUnit.MM), () -> {
            type("repeat-gap", "2");
            this.<Slider>at("repeat-stretch").setValue(10);
        });
        assertThat(repeat).contains(new RepeatForm(Axis.HORIZONTAL, 2, LengthUnit.MM.fineNudge(), 0.1));
        Optional<RecolourForm> recolour =
                agreed(() -> dialogs.recolour(Rgba.BLACK, true), () -> this.<CheckBox>at("recolour-everywhere")
                        .setSelected(true));
        assertThat(recolour).contains(new RecolourForm(Rgba.BLACK, Rgba.BLACK, 0, true));
    }

    @Test
    void anExportIsChosenAndABadPpiIsRefused() throws Exception {
        Optional<ExportChoice> choice = agreed(() -> dialogs.export(true), () -> {
            this.<ChoiceBox<ExportFormat>>at("export-kind").setValue(ExportFormat.PNG);
            type("export-ppi", "600");
            this.<CheckBox>at("export-transparent").setSelected(true);
        });
        assertThat(choice).contains(new ExportChoice(ExportFormat.PNG, false, 600, true));
        assertThat(agreed(() -> dialogs.export(false), () -> {
                    this.<ChoiceBox<ExportFormat>>at("export-kind").setValue(ExportFormat.JPG);
                    type("export-ppi", "many");
                }))
                .isEmpty();
        assertThat(refused.get()).contains("many");
    }

    @Test
    void unsavedWorkIsSavedDiscardedOrKept() throws Exception {
        assertThat(asked(() -> dialogs.unsaved("Tags"), () -> {}, ButtonBar.ButtonData.YES))
                .isEqualTo(Questions.Unsaved.SAVE);
        assertThat(asked(() -> dialogs.unsaved("Tags"), () -> {}, ButtonBar.ButtonData.NO))
                .isEqualTo(Questions.Unsaved.DISCARD);
        assertThat(asked(() -> dialogs.unsaved("Tags"), () -> {}, ButtonBar.ButtonData.CANCEL_CLOSE))
                .isEqualTo(Questions.Unsaved.STAY);
        assertThat(asked(() -> dialogs.recover("Tags", 3), () -> {}, ButtonBar.ButtonData.YES))
                .isTrue();
    }
}
