package rondel.desktop.bar;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import rondel.compose.sheets.SetUnit;
import rondel.desktop.command.Command;
import rondel.desktop.command.CommandHint;
import rondel.desktop.command.Commands;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.lines.FindingsModel;
import rondel.desktop.lines.LinesStage;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.look.Hint;
import rondel.desktop.look.NameLabel;
import rondel.desktop.model.Stage;
import rondel.desktop.model.StageChoice;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** The top of the window: the job with its menu, the stages, undo and redo, the sheet and the unit. */
public final class TopBar extends HBox {

    /** How much room the job's name has, in px: as much as the side beneath it. */
    private static final double NAME = 238;

    private static final String NOT_NOW = "not-now";

    private final Desk desk;
    private final Label job = new NameLabel();
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");

    private final Button badge = new Button();
    private final Button undo;
    private final Button redo;
    private final ChoiceBox<SheetId> sheets = new ChoiceBox<>();
    private final ChoiceBox<LengthUnit> unit = new ChoiceBox<>();
    private boolean showing;

    public TopBar(Desk desk, Commands commands, StageChoice stages, FindingsModel findings) {
        super(10);
        this.desk = desk;
        getStyleClass().add("top-bar");
        job.setId("job");
        job.getStyleClass().add("job-title");
        undo = button(commands.get("undo"));
        redo = button(commands.get("redo"));
        unit.setId("unit");
        unit.setAccessibleText(Words.of("top.unit"));
        Hint.on(unit, Words.of("top.unit"));
        unit.getItems().setAll(LengthUnit.values());
        unit.setConverter(new ChoiceNames<>(LengthUnit::symbol));
        unit.setOnAction(e -> {
            if (!showing && unit.getValue() != null) {
                desk.perform(new SetUnit(unit.getValue()));
            }
        });
        sheets.setId("sheets");
        sheets.setAccessibleText(Words.of("top.sheet"));
        sheets.setConverter(new ChoiceNames<>(id -> desk.bench().job().sheets().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .map(Sheet::name)
                .orElse("")));
        sheets.setOnAction(e -> {
            if (!showing && sheets.getValue() != null) {
                desk.bench().show(sheets.getValue());
            }
        });
        HBox stage = new HBox(18);
        stages.all().forEach(s -> stage.getChildren().add(stage(stages, commands, s)));
        stage.setAlignment(javafx.geometry.Pos.CENTER);
        RovingFocus.over(stage);
        badge.setId("badge");
        badge.getStyleClass().add("badge");
        badge.setOnAction(e -> commands.get(LinesStage.STAGE.command()).run());
        findings.onChange(() -> count(findings.findings().size()));
        count(0);
        // The name has a place of its own size, so that the stages stay where they are however long it is.
        HBox named = new HBox(10, mark(), job);
        named.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        named.setMinWidth(NAME);
        named.setPrefWidth(NAME);
        named.setMaxWidth(NAME);
        HBox tools = new HBox(10, badge, sheets, undo, redo, unit);
        tools.setAlignment(javafx.geometry.Pos.CENTER_RIGHT);
        Region right = new Region();
        HBox.setHgrow(right, Priority.ALWAYS);
        getChildren().addAll(named, stage, right, RovingFocus.overFields(tools));
        desk.bench().onChange(this::show);
        show();
    }

    /** Rondel's mark: a ring with a cut through it. */
    private static StackPane mark() {
        Circle ring = new Circle(9);
        ring.getStyleClass().add("mark-ring");
        Line cut = new Line(-9, 9, 9, -9);
        cut.getStyleClass().add("mark-cut");
        StackPane mark = new StackPane(ring, cut);
        mark.setAccessibleText("Rondel");
        return mark;
    }

    /** The name of a stage, which opens it; the open one is underlined. */
    private static Button stage(StageChoice stages, Commands commands, Stage stage) {
        Command command = commands.get(stage.command());
        Button button = new Button(command.label());
        button.setId(stage.command());
        button.getStyleClass().addAll("stage", "quiet-button");
        CommandHint.on(button, command);
        button.setOnAction(e -> command.run());
        Runnable mark = () -> button.pseudoClassStateChanged(OPEN, stages.get().equals(stage));
        stages.onChange(mark);
        mark.run();
        return button;
    }

    private void count(int findings) {
        badge.setVisible(findings > 0);
        badge.setManaged(findings > 0);
        badge.setText("! " + findings);
        badge.setAccessibleText(Words.of("top.findings", findings));
        Hint.on(badge, Words.of("top.findings", findings));
    }

    /** It is pale while it can't be used, and says what it needs when it is pressed. */
    private static void mark(Button button, boolean usable) {
        button.getStyleClass().remove(NOT_NOW);
        if (!usable) {
            button.getStyleClass().add(NOT_NOW);
        }
    }

    private Button button(Command command) {
        Button button = new Button(command.label());
        button.setId(command.id());
        button.getStyleClass().add("quiet-button");
        CommandHint.on(button, command);
        button.setOnAction(e -> command.needs().ifPresentOrElse(desk.notices()::refuse, command::run));
        return button;
    }

    private void show() {
        showing = true;
        String star = desk.bench().unsaved() ? " •" : "";
        job.setText(desk.bench().job().title() + star);
        mark(undo, desk.bench().canUndo());
        mark(redo, desk.bench().canRedo());
        undo.setAccessibleText(
                desk.bench().undoLabel().map(l -> Words.of("top.undo", l)).orElse(Words.of("command.undo")));
        redo.setAccessibleText(
                desk.bench().redoLabel().map(l -> Words.of("top.redo", l)).orElse(Words.of("command.redo")));
        unit.setValue(desk.bench().job().unit());
        List<SheetId> ids = desk.bench().job().sheets().stream().map(Sheet::id).toList();
        if (!sheets.getItems().equals(ids)) {
            sheets.getItems().setAll(ids);
        }
        sheets.setValue(desk.bench().sheet().id());
        sheets.setVisible(ids.size() > 1);
        sheets.setManaged(ids.size() > 1);
        showing = false;
    }
}
