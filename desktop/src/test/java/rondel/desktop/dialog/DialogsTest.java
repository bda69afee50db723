package rondel.desktop.dialog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.Test;
import rondel.compose.template.Blanks;
import rondel.desktop.compose.colour.RecolourForm;
import rondel.desktop.compose.repeat.MirrorForm;
import rondel.desktop.compose.repeat.RepeatForm;
import rondel.desktop.compose.space.SpacingForm;
import rondel.desktop.compose.template.FillInForm;
import rondel.desktop.compose.thing.ThingForm;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.export.ExportSummary;
import rondel.desktop.files.Questions;
import rondel.desktop.sheets.GuideForm;
import rondel.desktop.sheets.SheetForm;
import rondel.desktop.sheets.SheetFormat;
import rondel.formats.dxf.DxfVersion;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.SvgChoice;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Licence;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.units.LengthUnit;

/** The real dialogs, filled in as a person would. */
class DialogsTest extends DialogFixture {

    private <N extends Node> N at(String id) {
        return lookup("#" + id).<N>query();
    }

    private void type(String id, String text) {
        this.<TextField>at(id).setText(text);
    }

    private static final Job CARD = Job.blank("Card", LengthUnit.IN, 101.6, 152.4);
    private static final ExportSummary SUMMARY =
            new ExportSummary(CARD, CARD.sheets().getFirst());

    @Test
    void aNewJobHasTheSizeThatWasTyped() throws Exception {
        Optional<Job> job = agreed(dialogs::newJob, () -> {
            assertThat(this.<Labeled>at("form-out").getText()).contains("12.000 × 12.000 in", "3600 × 3600");
            type("new-title", "Tags");
            this.<ChoiceBox<SheetFormat>>at("new-format").setValue(SheetFormat.of(210, 297));
            type("new-width", "3 5/8 in");
        });
        assertThat(job.orElseThrow().title()).isEqualTo("Tags");
        assertThat(job.get().unit()).isEqualTo(LengthUnit.MM);
        assertThat(job.get().sheets().getFirst().width()).isCloseTo(92.075, within(1e-9));
        assertThat(job.get().sheets().getFirst().height()).isEqualTo(297);
        assertThat(asked(dialogs::newJob, () -> {}, ButtonBar.ButtonData.CANCEL_CLOSE))
                .isEmpty();
    }

    @Test
    void aSizeThatCannotBeIsRefusedWithASentence() throws Exception {
        var asked = asking(dialogs::newJob);
        for (String wrong : List.of("wide", "0", "1e9 in", "2.5.1")) {
            interact(() -> type("new-width", wrong));
            answer(ButtonBar.ButtonData.OK_DONE);
            assertThat(asked.get()).as("it stays open at %s", wrong).isNull();
            assertThat(this.<Labeled>at("form-wrong").getText()).isNotEmpty();
            assertThat(this.<TextField>at("new-width").getStyleClass()).contains("wrong");
        }
        interact(() -> type("new-width", "1,234.5 mm"));
        answer(ButtonBar.ButtonData.OK_DONE);
        assertThat(answered(asked).orElseThrow().sheets().getFirst().width()).isEqualTo(1234.5);
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
            this.<ChoiceBox<SpacingForm.Layout>>at("space-way").setValue(SpacingForm.Layout.GRID);
            type("space-gap", "4");
            type("space-row-gap", "1/4 in");
        });
        assertThat(form).contains(new SpacingForm(SpacingForm.Layout.GRID, 4, 6.35, 3, 90));
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
        assertThat(repeat).contains(new RepeatForm(Axis.HORIZONTAL, 0, 0, 2, LengthUnit.MM.fineNudge(), 0.1));
        Optional<RecolourForm> recolour =
                agreed(() -> dialogs.recolour(Rgba.BLACK, true), () -> this.<CheckBox>at("recolour-everywhere")
                        .setSelected(true));
        assertThat(recolour).contains(new RecolourForm(Rgba.BLACK, Rgba.BLACK, 0, true));
    }

    @Test
    void whatAThingIsAndHowItIsMirroredAreTaken() throws Exception {
        ThingForm now = ThingForm.fresh("Crab", "Shore", Optional.empty());
        Optional<ThingForm> told = agreed(() -> dialogs.thing(now, List.of("Shore", "Sky"), "What", "Keep"), () -> {
            type("thing-tags", "red, claws");
            type("thing-author", "A. Avocet");
            this.<ChoiceBox<Licence>>at("thing-licence").setValue(Licence.COMMERCIAL_USE);
        });
        assertThat(told)
                .contains(new ThingForm("Crab", "Shore", "red, claws", "", "A. Avocet", Licence.COMMERCIAL_USE));
        MirrorForm sheet = new MirrorForm(MirrorForm.Corners.SHEET, new Box(0, 0, 200, 100), true);
        Optional<MirrorForm> mirror = agreed(() -> dialogs.mirror(sheet, LengthUnit.MM), () -> {
            this.<ChoiceBox<MirrorForm.Corners>>at("mirror-corners").setValue(MirrorForm.Corners.BOX);
            type("mirror-width", "6 cm");
        });
        assertThat(mirror).contains(new MirrorForm(MirrorForm.Corners.BOX, new Box(0, 0, 60, 100), true));
    }

    @Test
    void aGradientGetsAStopInItsMiddle() throws Exception {
        Rgba white = Rgba.WHITE;
        List<Paint.Stop> now = List.of(new Paint.Stop(0, Rgba.BLACK), new Paint.Stop(1, white));
        Optional<List<Paint.Stop>> stops = agreed(
                () -> dialogs.stops(now), () -> this.<Button>at("stops-add").fire());
        assertThat(stops.orElseThrow()).hasSize(3);
        assertThat(stops.get().get(1).offset()).isEqualTo(0.5);
        assertThat(stops.get().get(1).colour().red()).isBetween(126, 129);
    }

    @Test
    void aTemplateListsWhatThereIsToFillIn() throws Exception {
        ElementId name = new ElementId("e1");
        ElementId photo = new ElementId("e2");
        Blanks blanks = new Blanks(
                List.of(new Blanks.Text(name, "Guest", "Name")),
                List.of(new Blanks.Slot(photo, "Photo", false)),
                List.of(Rgba.BLACK));
        Path file = Path.of("crab.png");
        Optional<FillInForm> form = agreed(() -> dialogs.fillIn(blanks, () -> Optional.of(file)), () -> {
            this.<TextArea>at("blank-e1").setText("Ann");
            this.<Button>at("blank-e2").fire();
        });
        assertThat(form)
                .contains(new FillInForm(Map.of(name, "Ann"), Map.of(photo, file), Map.of(Rgba.BLACK, Rgba.BLACK)));
    }

    @Test
    void eachKindOfFileHasItsOwnChoices() throws Exception {
        ExportChoice svg = agreed(() -> dialogs.export(true, true, SUMMARY::of), () -> {
                    this.<ChoiceBox<ExportFormat>>at("export-kind").setValue(ExportFormat.SVG);
                    this.<ChoiceBox<SvgChoice.Grouping>>at("export-grouping").setValue(SvgChoice.Grouping.PIECES);
                    this.<CheckBox>at("export-live-text").setSelected(true);
                })
                .orElseThrow();
        assertThat(svg.how().svg()).isEqualTo(new SvgChoice(SvgChoice.Grouping.PIECES, true, true));
        ExportChoice dxf = agreed(() -> dialogs.export(true, true, SUMMARY::of), () -> {
                    this.<ChoiceBox<ExportFormat>>at("export-kind").setValue(ExportFormat.DXF);
                    this.<ChoiceBox<DxfVersion>>at("export-dxf-version").setValue(DxfVersion.R12);
                    this.<CheckBox>at("export-blocks").setSelected(true);
                })
                .orElseThrow();
        assertThat(dxf.how().dxf().version()).isEqualTo(DxfVersion.R12);
        assertThat(dxf.how().dxf().blocks()).isTrue();
        ExportChoice jpeg = agreed(() -> dialogs.export(true, true, SUMMARY::of), () -> {
                    this.<ChoiceBox<ExportFormat>>at("export-kind").setValue(ExportFormat.JPG);
                    type("export-quality", "60");
                })
                .orElseThrow();
        assertThat(jpeg.how().jpeg().quality()).isEqualTo(0.6);
        ExportChoice print = agreed(() -> dialogs.export(true, true, SUMMARY::of), () -> {
                    this.<CheckBox>at("export-print-ready").setSelected(true);
                    assertThat(this.<Labeled>at("export-summary").getText()).contains("PDF/X-4", "one page");
                })
                .orElseThrow();
        assertThat(print.printReady()).isTrue();
    }

    @Test
    void anExportIsChosenAndABadPpiIsRefused() throws Exception {
        Optional<ExportChoice> choice = agreed(() -> dialogs.export(true, true, SUMMARY::of), () -> {
            this.<ChoiceBox<ExportFormat>>at("export-kind").setValue(ExportFormat.PNG);
            type("export-ppi", "600");
            this.<CheckBox>at("export-transparent").setSelected(true);
            assertThat(this.<Labeled>at("export-summary").getText())
                    .contains("PNG", "what is printed", "4.000 × 6.000 in", "2400 × 3600 px");
        });
        assertThat(choice).contains(new ExportChoice(ExportFormat.PNG, false, 600, true));
        var asked = asking(() -> dialogs.export(false, false, SUMMARY::of));
        interact(() -> {
            this.<ChoiceBox<ExportFormat>>at("export-kind").setValue(ExportFormat.JPG);
            type("export-ppi", "many");
        });
        answer(ButtonBar.ButtonData.OK_DONE);
        assertThat(this.<Labeled>at("form-wrong").getText()).contains("many");
        assertThat(asked.get()).isNull();
        answer(ButtonBar.ButtonData.CANCEL_CLOSE);
        assertThat(answered(asked)).isEmpty();
    }

    @Test
    void unsavedWorkIsSavedDiscardedOrKept() throws Exception {
        assertThat(asked(() -> dialogs.unsaved("Tags"), () -> {}, ButtonBar.ButtonData.YES))
                .isEqualTo(Questions.Unsaved.SAVE);
        assertThat(asked(() -> dialogs.unsaved("Tags"), () -> {}, ButtonBar.ButtonData.NO))
                .isEqualTo(Questions.Unsaved.DISCARD);
        assertThat(asked(() -> dialogs.unsaved("Tags"), () -> {}, ButtonBar.ButtonData.CANCEL_CLOSE))
                .isEqualTo(Questions.Unsaved.STAY);
        assertThat(asked(() -> dialogs.recover("Tags", 3, 0), () -> {}, ButtonBar.ButtonData.YES))
                .isEqualTo(Questions.LeftOverAnswer.BRING_BACK);
        assertThat(asked(() -> dialogs.recover("Tags", 3, 0), () -> {}, ButtonBar.ButtonData.CANCEL_CLOSE))
                .as("Escape lets nothing go")
                .isEqualTo(Questions.LeftOverAnswer.NOT_NOW);
    }
}
