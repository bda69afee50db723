package rondel.desktop.compose.glyphs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.look.FxPaths;
import rondel.desktop.look.Hint;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.text.Glyph;
import rondel.text.GlyphKind;
import rondel.words.Words;

/** Every glyph of a font, as large as the person likes, found by what it is, its name or its character; a click uses one. */
public final class GlyphView extends VBox {

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
    private final Consumer<GlyphPick> picked;

    /** @param picked hears of the glyph that is clicked */
    public GlyphView(GlyphSheet sheet, Consumer<GlyphPick> picked) {
        super(10);
        this.sheet = sheet;
        this.picked = picked;
        getStyleClass().add("glyph-view");
        letter.setId("glyph-letter");
        letter.getItems().add(-1);
        for (int i = 0; i < sheet.content().length(); i++) {
            if (!Character.isWhitespace(sheet.content().charAt(i))) {
                letter.getItems().add(i);
            }
        }
        letter.setConverter(new ChoiceNames<>(i -> i < 0
                ? Words.of("glyph.add")
                : Words.of("glyph.letter", i + 1, sheet.content().charAt(i))));
        letter.setValue(letter.getItems().size() > 1 ? letter.getItems().get(1) : -1);
        kind.setId("glyph-kind");
        kind.getItems().add(Optional.empty());
        for (GlyphKind k : GlyphKind.values()) {
            kind.getItems().add(Optional.of(k));
        }
        kind.setConverter(new ChoiceNames<>(
                k -> Words.of("glyph.kind." + k.map(Enum::name).orElse("ALL"))));
        kind.setValue(Optional.empty());
        alternates.setId("glyph-alternates");
        find.setId("glyph-find");
        find.setPromptText(Words.of("glyph.find"));
        size.setId("glyph-size");
        rows.setId("glyph-rows");
        rows.setPrefSize(WIDTH + 30, 400);
        rows.setCellFactory(list -> new Row());
        rows.widthProperty().addListener((o, before, now) -> show());
        VBox.setVgrow(rows, Priority.ALWAYS);
        letter.setOnAction(e -> show());
        kind.setOnAction(e -> show());
        alternates.setOnAction(e -> show());
        find.textProperty().addListener((o, before, now) -> show());
        size.valueProperty().addListener((o, before, now) -> show());
        getChildren()
                .addAll(
                        new HBox(10, label("glyph.for", letter), letter, alternates),
                        new HBox(10, label("glyph.kind", kind), kind, find, label("glyph.size", size), size, count),
                        rows);
        show();
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
        double room = Math.max(WIDTH, rows.getWidth() - 30);
        int across = (int) Math.max(1, room / (size.getValue() + 12));
        List<List<Glyph>> all = new ArrayList<>();
        for (int i = 0; i < found.size(); i += across) {
            all.add(found.subList(i, Math.min(found.size(), i + across)));
        }
        rows.getItems().setAll(all);
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
            Outline outline = sheet.outlines().get(glyph.number());
            double middle = outline.bounds().map(b -> b.centre().x()).orElse(0.0);
            Path path = FxPaths.of(
                    outline,
                    Affine.translate(side / 2 - middle * em, side * 0.68).times(Affine.scale(em, em)));
            path.getStyleClass().add("glyph");
            Pane cell = new Pane(path);
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
            Hint.on(button, glyph.name() + character);
            button.setAccessibleText(glyph.name());
            button.setOnAction(e -> {
                picked.accept(new GlyphPick(glyph, chosenLetter()));
            });
            return button;
        }
    }
}
