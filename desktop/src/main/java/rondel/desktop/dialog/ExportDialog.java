package rondel.desktop.dialog;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.Observable;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.stage.Window;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.PixelInput;
import rondel.desktop.help.GuidePage;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.ExportWhat;
import rondel.formats.export.LineLook;
import rondel.formats.export.RasterSize;
import rondel.job.Role;
import rondel.words.Refusal;
import rondel.words.Words;

/** Asks for the kind of file, what of the job goes into it, and how large. */
public final class ExportDialog {

    private static final double USUAL_PPI = 300;
    private static final double MOST_PPI = 2400;
    private static final double WIDEST = 380;
    private static final double DEEPEST = 40;

    /** Of a side in pixels, at most. */
    private static final int DIGITS = 6;

    private final ChoiceBox<ExportFormat> kind = new ChoiceBox<>();
    private final ChoiceBox<Offer<Optional<ExportWhat>>> what = new ChoiceBox<>();
    private final ChoiceBox<Offer<Optional<ExportRequest.Frame>>> frame = new ChoiceBox<>();
    private final ChoiceBox<Offer<ExportRequest.Each>> each = new ChoiceBox<>();
    private final ChoiceBox<Offer<RasterSize.Fit>> fit = new ChoiceBox<>();
    private final FigureField ppi = new FigureField("export-ppi", Figure.number("", 1, 50, 1, MOST_PPI));
    private final TextField width = new TextField();
    private final TextField height = new TextField();
    private final HBox pixels = new HBox(6, width, height, fit);
    private final CheckBox all = new CheckBox(Words.of("export.allSheets"));
    private final CheckBox selection = new CheckBox(Words.of("export.selection"));
    private final CheckBox transparent = new CheckBox(Words.of("export.transparent"));
    private final CheckBox byRole = new CheckBox(Words.of("export.byRole"));
    private final CheckBox hairline = new CheckBox(Words.of("export.hairline"));
    private final Label summary = new Label();
    private final Function<ExportChoice, String> told;
    private final CheckBox layers = new CheckBox(Words.of("export.layers"));
    private final FormatChoicesForm how = new FormatChoicesForm();
    private final FigureField level = new FigureField("export-level", Figure.number("", 1, 1, 1, DEEPEST));

    /** Something to choose, and what it is called. */
    private record Offer<T>(String label, T value) {
        @Override
        public String toString() {
            return label;
        }
    }

    /** @param several whether the job has several sheets
     *  @param told what a choice will come out as */
    public ExportDialog(boolean anySelected, boolean several, Function<ExportChoice, String> told) {
        this.told = told;
        kind.setId("export-kind");
        kind.getItems().setAll(ExportFormat.values());
        kind.setValue(ExportFormat.PDF);
        what.setId("export-what");
        offer(what, whats());
        frame.setId("export-frame");
        List<Offer<Optional<ExportRequest.Frame>>> frames = new ArrayList<>();
        frames.add(new Offer<>(Words.of("export.frame.usual"), Optional.empty()));
        for (ExportRequest.Frame f : ExportRequest.Frame.values()) {
            frames.add(new Offer<>(Words.of("export.frame." + f), Optional.of(f)));
        }
        offer(frame, frames);
        each.setId("export-each");
        offer(each, offers("export.each.", ExportRequest.Each.values()));
        fit.setId("export-fit");
        offer(fit, offers("export.fit.", RasterSize.Fit.values()));
        ppi.show(USUAL_PPI);
        width.setId("export-width");
        height.setId("export-height");
        for (TextField side : List.of(width, height)) {
            side.setPrefColumnCount(5);
            side.setPromptText(Words.of("export.anyPixels"));
        }
        width.setAccessibleText(Words.of("export.width"));
        height.setAccessibleText(Words.of("export.height"));
        var ofPixels = kind.valueProperty().map(k -> !k.ofPixels());
        ppi.disableProperty().bind(ofPixels);
        pixels.disableProperty().bind(ofPixels);
        all.setId("export-all");
        all.setDisable(!several);
        selection.setId("export-selection");
        selection.setDisable(!anySelected);
        transparent.setId("export-transparent");
        byRole.setId("export-by-role");
        hairline.setId("export-hairline");
        layers.setId("export-layers");
        level.show(1);
        level.visibleProperty().bind(each.valueProperty().map(e -> e.value() == ExportRequest.Each.LEVEL));
        level.managedProperty().bind(level.visibleProperty());
        level.setAccessibleText(Words.of("export.levelLabel"));
        kind.valueProperty().subscribe(k -> {
            how.show(k);
            // Each kind has other choices, and the dialog room for just those.
            Platform.runLater(() -> {
                if (how.getScene() != null && how.getScene().getWindow() != null) {
                    how.getScene().getWindow().sizeToScene();
                }
            });
        });
        how.changes().forEach(o -> o.addListener(x -> tell()));
        kind.valueProperty().subscribe(k -> byRole.setSelected(k == ExportFormat.SVG));
        summary.setId("export-summary");
        summary.setWrapText(true);
        summary.setMaxWidth(WIDEST);
        summary.setMinHeight(Region.USE_PREF_SIZE);
        summary.getStyleClass().add("quiet");
        for (Observable o : List.of(
                kind.valueProperty(),
                what.valueProperty(),
                frame.valueProperty(),
                each.valueProperty(),
                level.textProperty(),
                fit.valueProperty(),
                ppi.textProperty(),
                width.textProperty(),
                height.textProperty(),
                all.selectedProperty(),
                selection.selectedProperty())) {
            o.addListener(x -> tell());
        }
        tell();
    }

    /** Says what will come out; while a figure is being typed that is none yet, what was said stays. */
    private void tell() {
        try {
            summary.setText(told.apply(choice()));
        } catch (Refusal unfinished) {
            // the button says why, once it is pressed
        }
    }

    private static List<Offer<Optional<ExportWhat>>> whats() {
        List<Offer<Optional<ExportWhat>>> all = new ArrayList<>();
        all.add(new Offer<>(Words.of("export.what.usual"), Optional.empty()));
        all.add(new Offer<>(Words.of("export.what.all"), Optional.of(ExportWhat.ALL)));
        all.add(new Offer<>(Words.of("export.what.print"), Optional.of(ExportWhat.PRINT)));
        all.add(new Offer<>(Words.of("export.what.lines"), Optional.of(ExportWhat.LINES)));
        for (Role role : List.of(Role.CUT, Role.KISS_CUT, Role.SCORE, Role.DRAW, Role.STITCH)) {
            all.add(new Offer<>(
                    Words.of("export.what.role", Words.of("role." + role)), Optional.of(ExportWhat.lines(role))));
        }
        all.add(new Offer<>(Words.of("export.what.proof"), Optional.of(ExportWhat.PROOF)));
        return all;
    }

    private static <E extends Enum<E>> List<Offer<E>> offers(String key, E[] values) {
        return java.util.Arrays.stream(values)
                .map(v -> new Offer<>(Words.of(key + v), v))
                .toList();
    }

    private static <T> void offer(ChoiceBox<Offer<T>> box, List<Offer<T>> offers) {
        box.getItems().setAll(offers);
        box.setValue(offers.getFirst());
    }

    /** Shows it and waits. */
    public Optional<ExportChoice> ask(Window owner) {
        return new FormDialog(GuidePage.HAND_OFF)
                .row("export.kind", kind)
                .row("export.what", what)
                .row("export.frame", frame)
                .row("export.files", new HBox(6, each, level))
                .row("export.ppi", ppi)
                .row("export.pixels", pixels)
                .row(all)
                .row(selection)
                .row(transparent)
                .row(byRole)
                .row(hairline)
                .row(layers)
                .row(how)
                .row(summary)
                .ask(owner, Words.of("export.heading"), Words.of("export.go"), this::choice);
    }

    /** @throws Refusal if the ppi or a side is no number */
    private ExportChoice choice() {
        return new ExportChoice(
                kind.getValue(),
                what.getValue().value(),
                all.isSelected(),
                selection.isSelected(),
                frame.getValue().value(),
                new RasterSize(
                        ppi.isDisabled() ? USUAL_PPI : ppi.value(),
                        pixels(width),
                        pixels(height),
                        fit.getValue().value()),
                transparent.isSelected(),
                new LineLook(byRole.isSelected(), hairline.isSelected(), layers.isSelected(), how.sharesCopies()),
                each.getValue().value(),
                level.isVisible() ? (int) level.value() : 1,
                how.choices(),
                how.isPrintReady(),
                how.inks());
    }

    private static OptionalInt pixels(TextField side) {
        return side.isDisabled() ? OptionalInt.empty() : PixelInput.typed(side.getText(), DIGITS);
    }
}
