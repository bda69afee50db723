package rondel.desktop.dialog;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.Group;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import javafx.stage.Window;
import javafx.util.StringConverter;
import rondel.desktop.glyphs.GlyphPick;
import rondel.desktop.glyphs.GlyphSheet;
import rondel.desktop.look.FxPaths;
import rondel.geometry.Affine;
import rondel.text.Glyph;
import rondel.text.GlyphKind;
import rondel.words.Words;

/** Every glyph of a font, as large as the person likes, found by what it is, its name or its character; a click uses one. */
public final class GlyphDialog {

    private static final double WIDTH = 720;

    private final GlyphSheet sheet;
    private final ChoiceBox<Integer> letter = new ChoiceBox<>();
    private final ChoiceBox<Optional<GlyphKind>> kind = new ChoiceBox<>();
    private final javafx.scene.control.CheckBox alternates =
            new javafx.scene.control.CheckBox(Words.of("glyph.alternates"));
    private final TextField find = new TextField();
    private final Slider size = new Slider(28, 120, 52);
    private final Label count = new Label();
    private final ListView<List<Glyph>> rows = new ListView<>();
    private final Dialog<ButtonType> dialog = new Dialog<>();
    private Optional<GlyphPick> picked = Optional.empty();

    public GlyphDialog(GlyphSheet sheet) {
        this.sheet = sheet;
        letter.setId("glyph-letter");
        letter.getItems().add(-1);
        for (int i = 0; i < sheet.content().length(); i++) {
            if (!Character.isWhitespace(sheet.content().charAt(i))) {
                letter.getItems().add(i);
            }
        }
        letter.setConverter(words(i -> i < 0
                ? Words.of("glyph.add")
                : Words.of("glyph.letter", i + 1, sheet.content().charAt(i))));
        letter.setValue(letter.getItems().size() > 1 ? letter.getItems().get(1) : -1);
        kind.setId("glyph-kind");
        kind.getItems().add(Optional.empty());
        for (GlyphKind k : GlyphKind.values()) {
            kind.getItems().add(Optional.of(k));
        }
        kind.setConverter(words(k -> Words.of("glyph.kind." + k.map(Enum::name).orElse("ALL"))));
        kind.setValue(Optional.empty());
        alternates.setId("glyph-alternates");
        find.setId("glyph-find");
        find.setPromptText(Words.of("glyph.find"));
        size.setId("glyph-size");
        rows.setId("glyph-rows");
        rows.setPrefSize(WIDTH + 30, 400);
        rows.setCellFactory(list -> new Row());
        letter.setOnAction(e -> show());
        kind.setOnAction(e -> show());
        alternates.setOnAction(e -> show());
        find.textProperty().addListener((o, before, now) -> show());
        size.valueProperty().addListener((o, before, now) -> show());
        show();
    }

    private static <T> StringConverter<T> words(java.util.function.Function<T, String> word) {
        return new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : word.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new IllegalStateException(text);
            }
        };
    }

    private OptionalInt chosenLetter() {
        return letter.getValue() == null || letter.getValue() < 0
                ? OptionalInt.empty()
                : OptionalInt.of(letter.getValue());
    }

    private void show() {
        OptionalInt only = alternates.isSelected() ? chosenLetter() : OptionalInt.empty();
        List<Glyph> found = sheet.found(new GlyphSheet.Filter(kind.getValue(), only, find.getText()));
        count.setText(Words.of("glyph.count", found.size()));
        int across = (int) Math.max(1, WIDTH / (size.getValue() + 12));
        List<List<Glyph>> all = new ArrayList<>();
        for (int i = 0; i < found.size(); i += across) {
            all.add(found.subList(i, Math.min(found.size(), i + across)));
        }
        rows.getItems().setAll(all);
    }

    /** Shows it and waits; nothing where no glyph was chosen. */
    public Optional<GlyphPick> ask(Window owner) {
        dialog.getDialogPane()
                .setContent(new VBox(
                        10,
                        new HBox(10, label("glyph.for", letter), letter, alternates),
                        new HBox(10, label("glyph.kind", kind), kind, find, label("glyph.size", size), size, count),
                        rows));
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.CANCEL);
        FormDialog.prepare(
                dialog,
                owner,
                Words.of("glyph.heading", sheet.catalogue().font().family()));
        dialog.showAndWait();
        return picked;
    }

    private static Label label(String key, javafx.scene.Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        field.setAccessibleText(Words.of(key));
        return label;
    }

    /** So many glyphs side by side. */
    private final class Row extends ListCell<List<Glyph>> {
        @Override
        protected void updateItem(List<Glyph> glyphs, boolean empty) {
            super.updateItem(glyphs, empty);
            setText(null);
            if (empty || glyphs == null) {
                setGraphic(null);
                return;
            }
            HBox row = new HBox(4);
            glyphs.forEach(g -> row.getChildren().add(button(g)));
            setGraphic(row);
        }

        private Button button(Glyph glyph) {
            double side = size.getValue();
            double em = side * 0.62;
            Path path = FxPaths.of(
                    sheet.outlines().get(glyph.number()),
                    Affine.translate(side * 0.2, side * 0.72).times(Affine.scale(em, em)));
            path.getStyleClass().add("glyph");
            Group drawn = new Group(path);
            StackPane cell = new StackPane(drawn);
            cell.setMinSize(side, side);
            cell.setMaxSize(side, side);
            cell.setClip(new Rectangle(side, side));
            Button button = new Button();
            button.setGraphic(cell);
            button.setId("glyph-" + glyph.number());
            button.getStyleClass().add("glyph-button");
            String character = glyph.codePoint().isPresent()
                    ? String.format("  U+%04X", glyph.codePoint().getAsInt())
                    : "";
            button.setTooltip(new Tooltip(glyph.name() + character));
            button.setAccessibleText(glyph.name());
            button.setOnAction(e -> {
                picked = Optional.of(new GlyphPick(glyph, chosenLetter()));
                dialog.close();
            });
            return button;
        }
    }
}
