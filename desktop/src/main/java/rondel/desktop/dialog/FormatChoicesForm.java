package rondel.desktop.dialog;

import java.util.List;
import javafx.beans.Observable;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.look.FxColours;
import rondel.formats.dxf.DxfVersion;
import rondel.formats.export.DxfChoice;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.FormatChoices;
import rondel.formats.export.JpegChoice;
import rondel.formats.export.SvgChoice;
import rondel.formats.proof.SoftProof;
import rondel.job.PrintInks;
import rondel.words.Words;

/** What there is to choose for one kind of exported file or another; only that of the kind that is wanted is shown. */
final class FormatChoicesForm extends VBox {

    private static final double PER_CENT = 100;

    private final ChoiceBox<DxfVersion> version = new ChoiceBox<>();
    private final CheckBox blocks = new CheckBox(Words.of("export.blocks"));
    private final ChoiceBox<SvgChoice.Grouping> grouping = new ChoiceBox<>();
    private final CheckBox pictures = new CheckBox(Words.of("export.pictures"));
    private final CheckBox liveText = new CheckBox(Words.of("export.liveText"));
    private final CheckBox shared = new CheckBox(Words.of("export.shareCopies"));
    private final FigureField quality = new FigureField("export-quality", Figure.number("%", 1, 5, 5, PER_CENT));
    private final ColorPicker matte = new ColorPicker(Color.WHITE);
    private final ChoiceBox<SoftProof.Shown> colours = new ChoiceBox<>();
    private final CheckBox printReady = new CheckBox(Words.of("export.printReady"));
    private final InksForm inks = new InksForm(PrintInks.USUAL);

    FormatChoicesForm() {
        super(8);
        version.setId("export-dxf-version");
        version.getItems().setAll(DxfVersion.values());
        version.setConverter(new ChoiceNames<>(v -> Words.of("export.dxfVersion." + v)));
        version.setValue(DxfChoice.USUAL.version());
        blocks.setId("export-blocks");
        grouping.setId("export-grouping");
        grouping.getItems().setAll(SvgChoice.Grouping.values());
        grouping.setConverter(new ChoiceNames<>(g -> Words.of("export.grouping." + g)));
        grouping.setValue(SvgChoice.USUAL.grouping());
        pictures.setId("export-pictures");
        pictures.setSelected(true);
        liveText.setId("export-live-text");
        shared.setId("export-share-copies");
        quality.show(JpegChoice.USUAL.quality() * PER_CENT);
        matte.setId("export-matte");
        colours.setId("export-colours");
        colours.getItems().setAll(SoftProof.Shown.values());
        colours.setConverter(new ChoiceNames<>(c -> Words.of("command.colours-" + c)));
        colours.setValue(SoftProof.Shown.AS_DRAWN);
        printReady.setId("export-print-ready");
        inks.visibleProperty().bind(printReady.selectedProperty());
        inks.managedProperty().bind(printReady.selectedProperty());
    }

    /** Shows what there is to choose for a kind of file. */
    void show(ExportFormat kind) {
        getChildren()
                .setAll(
                        switch (kind) {
                            case PDF -> List.of(printReady, inks);
                            case DXF -> List.of(labelled("export.dxfVersion", version), blocks);
                            case SVG -> List.of(labelled("export.grouping", grouping), pictures, liveText, shared);
                            case JPG ->
                                List.of(
                                        labelled("export.quality.label", quality),
                                        labelled("export.matte", matte),
                                        colours);
                            case PNG -> List.of(colours);
                        });
        setDisable(getChildren().isEmpty());
    }

    private static HBox labelled(String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        field.setAccessibleText(Words.of(key));
        HBox row = new HBox(8, field, label);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** What makes the choice another. */
    List<Observable> changes() {
        return List.of(printReady.selectedProperty(), grouping.valueProperty());
    }

    boolean isPrintReady() {
        return printReady.isSelected();
    }

    /** @throws rondel.words.Refusal if an ink has no name */
    PrintInks inks() {
        return inks.inks();
    }

    boolean sharesCopies() {
        return shared.isSelected();
    }

    /** @throws rondel.words.Refusal if the quality is none */
    FormatChoices choices() {
        return new FormatChoices(
                new DxfChoice(version.getValue(), blocks.isSelected(), List.of()),
                new SvgChoice(grouping.getValue(), pictures.isSelected(), liveText.isSelected()),
                new JpegChoice(quality.value() / PER_CENT, FxColours.rgba(matte.getValue())),
                colours.getValue());
    }
}
