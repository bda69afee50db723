package rondel.desktop.dialog;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import rondel.compose.template.Blanks;
import rondel.desktop.compose.template.FillInForm;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.FxColours;
import rondel.job.ElementId;
import rondel.job.Rgba;
import rondel.words.Words;

/** Lists a template's texts, windows and colours, each with a field to fill in. */
public final class FillInDialog {

    private static final double TALLEST = 460;

    private final Supplier<Optional<Path>> choosePicture;
    private final Map<ElementId, TextArea> texts = new LinkedHashMap<>();
    private final Map<ElementId, Path> pictures = new LinkedHashMap<>();
    private final Map<Rgba, ColorPicker> colours = new LinkedHashMap<>();
    private final VBox all = new VBox(14);
    private int slots;

    public FillInDialog(Blanks blanks, Supplier<Optional<Path>> choosePicture) {
        this.choosePicture = choosePicture;
        all.getStyleClass().add("form");
        section("template.texts", texts(blanks.texts()));
        section("template.windows", slots(blanks.slots()));
        section("template.colours", colours(blanks.colours()));
    }

    private void section(String key, Optional<Node> content) {
        content.ifPresent(c -> {
            Label heading = new Label(Words.of(key));
            heading.getStyleClass().add("section-title");
            all.getChildren().addAll(heading, c);
        });
    }

    private Optional<Node> texts(List<Blanks.Text> blanks) {
        GridPane grid = new GridPane(10, 6);
        for (Blanks.Text blank : blanks) {
            TextArea field = new TextArea(blank.content());
            field.setId("blank-" + blank.element());
            field.setPrefRowCount((int) blank.content().lines().count());
            field.setPrefColumnCount(26);
            field.setAccessibleText(blank.name());
            texts.put(blank.element(), field);
            row(grid, texts.size(), blank.name(), field);
        }
        return blanks.isEmpty() ? Optional.empty() : Optional.of(grid);
    }

    private Optional<Node> slots(List<Blanks.Slot> blanks) {
        GridPane grid = new GridPane(10, 6);
        for (Blanks.Slot blank : blanks) {
            Label chosen = new Label(Words.of(blank.filled() ? "template.filled" : "template.empty"));
            chosen.getStyleClass().add("quiet");
            Button choose = new Button(Words.of("template.choose"));
            choose.setId("blank-" + blank.element());
            choose.getStyleClass().add("small");
            choose.setAccessibleText(Words.of("template.chooseFor", blank.name()));
            choose.setOnAction(e -> choosePicture.get().ifPresent(file -> {
                pictures.put(blank.element(), file);
                chosen.setText(file.getFileName().toString());
            }));
            row(grid, slots++, blank.name(), new HBox(8, choose, chosen));
        }
        return blanks.isEmpty() ? Optional.empty() : Optional.of(grid);
    }

    private Optional<Node> colours(List<Rgba> blanks) {
        FlowPane pickers = new FlowPane(8, 8);
        pickers.setPrefWrapLength(380);
        for (Rgba blank : blanks) {
            ColorPicker picker = new ColorPicker(FxColours.of(blank));
            picker.setId("blank-colour-" + colours.size());
            picker.setAccessibleText(Words.of("template.colour", blank));
            colours.put(blank, picker);
            pickers.getChildren().add(picker);
        }
        return blanks.isEmpty() ? Optional.empty() : Optional.of(pickers);
    }

    private static void row(GridPane grid, int row, String name, Node field) {
        Label label = new Label(name);
        label.setLabelFor(field);
        label.setMinWidth(110);
        grid.addRow(row, label, field);
    }

    public Optional<FillInForm> ask(Window owner) {
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        double rows = texts.size() * 44 + slots * 36 + Math.ceil(colours.size() / 3.0) * 40;
        scroll.setPrefViewportHeight(Math.min(TALLEST, 130 + rows));
        scroll.setPrefViewportWidth(460);
        Dialog<ButtonType> dialog = new Dialog<>();
        dialog.getDialogPane().setContent(scroll);
        dialog.getDialogPane()
                .getButtonTypes()
                .setAll(new ButtonType(Words.of("template.go"), ButtonBar.ButtonData.OK_DONE), ButtonType.CANCEL);
        FormDialog.prepare(dialog, owner, Words.of("template.heading"), GuidePage.COMPOSE);
        return dialog.showAndWait()
                .filter(b -> b.getButtonData() == ButtonBar.ButtonData.OK_DONE)
                .map(b -> form());
    }

    private FillInForm form() {
        Map<ElementId, String> said = new LinkedHashMap<>();
        texts.forEach((id, field) -> said.put(id, field.getText()));
        Map<Rgba, Rgba> swapped = new LinkedHashMap<>();
        colours.forEach((colour, picker) -> swapped.put(colour, FxColours.rgba(picker.getValue())));
        return new FillInForm(said, pictures, swapped);
    }
}
