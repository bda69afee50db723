package rondel.desktop.compose.measure;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import rondel.desktop.command.Command;
import rondel.desktop.compose.text.LetterChoice;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.ShortLabel;
import rondel.desktop.look.Hint;
import rondel.job.Lettering;
import rondel.text.PlacedLetter;
import rondel.words.Words;

/** How the picked letter of an opened text stands: moved, turned, sized, drawn by another glyph. */
final class LetterSection extends VBox {

    private final Desk desk;
    private final LetterChoice letters;
    private final Label which = new Label();
    private final FigureField across;
    private final FigureField down;
    private final FigureField turn;
    private final FigureField size;

    LetterSection(Desk desk, LetterChoice letters, Command glyphs) {
        super(6);
        this.desk = desk;
        this.letters = letters;
        across = figure("letter-across", lengths(), mm -> l -> moved(l, mm / em(), l.dy()));
        down = figure("letter-down", lengths(), mm -> l -> moved(l, l.dx(), mm / em()));
        turn = figure(
                "letter-turn",
                Figure.angle(),
                v -> l -> new Lettering.Letter(l.at(), l.dx(), l.dy(), v, l.scale(), l.glyph()));
        size = figure(
                "letter-size",
                Figure.number("%", 1, 10, 1, 10_000),
                v -> l -> new Lettering.Letter(l.at(), l.dx(), l.dy(), l.turn(), v / 100, l.glyph()));
        which.setId("letter-which");
        HBox steps = new HBox(
                6,
                button("letter-previous", () -> letters.step(-1)),
                button("letter-next", () -> letters.step(1)),
                which);
        steps.setAlignment(Pos.CENTER_LEFT);
        GridPane grid = new GridPane(6, 6);
        grid.getStyleClass().add("gap-fields");
        grid.addRow(0, ShortLabel.of("letter.across", across), across, ShortLabel.of("letter.down", down), down);
        grid.addRow(1, ShortLabel.of("letter.turn", turn), turn, ShortLabel.of("letter.size", size), size);
        HBox more = new HBox(
                6,
                button("letter-glyph", glyphs::run),
                button(
                        "letter-back",
                        () -> letters.change(l -> new Lettering.Letter(l.at(), 0, 0, 0, 1, Optional.empty()))));
        getChildren().addAll(steps, grid, more);
        RovingFocus.overFields(this);
        letters.onChange(this::show);
        show();
    }

    private static Lettering.Letter moved(Lettering.Letter l, double dx, double dy) {
        return new Lettering.Letter(l.at(), dx, dy, l.turn(), l.scale(), l.glyph());
    }

    private double em() {
        return letters.lettering().map(Lettering::size).orElse(1.0);
    }

    private Figure lengths() {
        return Figure.length(() -> desk.bench().job().unit());
    }

    private FigureField figure(String id, Figure figure, DoubleFunction<UnaryOperator<Lettering.Letter>> change) {
        FigureField field = new FigureField(
                id, Words.of(id.replace('-', '.')), figure, value -> letters.change(change.apply(value)));
        field.getStyleClass().add("gap-field");
        return field;
    }

    private static Button button(String id, Runnable action) {
        Button button = new Button(Words.of(id.replace('-', '.')));
        button.setId(id);
        button.getStyleClass().add("small");
        Hint.on(button, Words.of(id.replace('-', '.') + ".hint"));
        button.setAccessibleText(Words.of(id.replace('-', '.') + ".hint"));
        button.setOnAction(e -> action.run());
        return button;
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
            turn.show(l.turn());
            size.show(l.scale() * 100);
        });
    }
}
