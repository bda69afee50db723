package rondel.desktop.measure;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import rondel.desktop.app.Desk;
import rondel.desktop.command.Command;
import rondel.desktop.text.LetterChoice;
import rondel.job.Lettering;
import rondel.text.PlacedLetter;
import rondel.words.Words;

/** How the picked letter of an opened text stands: moved, turned, sized, drawn by another glyph. */
final class LetterSection extends VBox {

    private final Desk desk;
    private final LetterChoice letters;
    private final Label which = new Label();
    private final LengthField across;
    private final LengthField down;
    private final TextField turn = new TextField();
    private final TextField size = new TextField();

    LetterSection(Desk desk, LetterChoice letters, Command glyphs) {
        super(6);
        this.desk = desk;
        this.letters = letters;
        across = length("letter-across", mm -> l -> moved(l, mm / em(), l.dy()));
        down = length("letter-down", mm -> l -> moved(l, l.dx(), mm / em()));
        number(turn, "letter-turn", v -> l -> new Lettering.Letter(l.at(), l.dx(), l.dy(), v, l.scale(), l.glyph()));
        number(
                size,
                "letter-size",
                v -> l -> new Lettering.Letter(l.at(), l.dx(), l.dy(), l.turn(), Math.max(1, v) / 100, l.glyph()));
        which.setId("letter-which");
        HBox steps = new HBox(
                6,
                button("letter-previous", () -> letters.step(-1)),
                button("letter-next", () -> letters.step(1)),
                which);
        steps.setAlignment(Pos.CENTER_LEFT);
        GridPane grid = new GridPane(6, 6);
        grid.getStyleClass().add("gap-fields");
        grid.addRow(0, label("letter.across", across), across, label("letter.down", down), down);
        grid.addRow(1, label("letter.turn", turn), turn, label("letter.size", size), size);
        HBox more = new HBox(
                6,
                button("letter-glyph", glyphs::run),
                button(
                        "letter-back",
                        () -> letters.change(l -> new Lettering.Letter(l.at(), 0, 0, 0, 1, Optional.empty()))));
        getChildren().addAll(steps, grid, more);
        letters.onChange(this::show);
        show();
    }

    private static Lettering.Letter moved(Lettering.Letter l, double dx, double dy) {
        return new Lettering.Letter(l.at(), dx, dy, l.turn(), l.scale(), l.glyph());
    }

    private double em() {
        return letters.lettering().map(Lettering::size).orElse(1.0);
    }

    private LengthField length(String id, DoubleFunction<UnaryOperator<Lettering.Letter>> change) {
        LengthField field = new LengthField(
                id,
                Words.of(id.replace('-', '.')),
                () -> desk.bench().job().unit(),
                desk.notices(),
                mm -> letters.change(change.apply(mm)));
        field.getStyleClass().add("gap-field");
        return field;
    }

    private void number(TextField field, String id, DoubleFunction<UnaryOperator<Lettering.Letter>> change) {
        field.setId(id);
        field.setAccessibleText(Words.of(id.replace('-', '.')));
        field.getStyleClass().addAll("length-field", "gap-field");
        field.setOnAction(e -> {
            try {
                double value = Double.parseDouble(
                        field.getText().replaceAll("[°%]", "").replace(',', '.').strip());
                letters.change(change.apply(value));
            } catch (NumberFormatException wrong) {
                desk.notices().refuse(Words.of("text.badNumber", field.getText()));
            }
        });
    }

    private static Button button(String id, Runnable action) {
        Button button = new Button(Words.of(id.replace('-', '.')));
        button.setId(id);
        button.getStyleClass().add("small");
        button.setTooltip(new Tooltip(Words.of(id.replace('-', '.') + ".hint")));
        button.setAccessibleText(Words.of(id.replace('-', '.') + ".hint"));
        button.setOnAction(e -> action.run());
        return button;
    }

    private static Label label(String key, javafx.scene.Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        return label;
    }

    private void show() {
        Optional<Lettering.Letter> letter = letters.letter();
        setVisible(letter.isPresent());
        setManaged(letter.isPresent());
        letter.ifPresent(l -> {
            PlacedLetter placed = letters.picked().orElseThrow();
            String content = letters.lettering().orElseThrow().content();
            which.setText(Words.of(
                    "letter.which",
                    Character.toString(content.codePointAt(placed.at())),
                    letters.number(),
                    letters.letters().size()));
            across.show(OptionalDouble.of(l.dx() * em()));
            down.show(OptionalDouble.of(l.dy() * em()));
            turn.setText(Math.rint(l.turn() * 100) / 100 + "°");
            size.setText(Math.rint(l.scale() * 1000) / 10 + " %");
        });
    }
}
