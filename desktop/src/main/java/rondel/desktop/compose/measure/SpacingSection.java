package rondel.desktop.compose.measure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import rondel.compose.spacing.AlignTo;
import rondel.compose.spacing.Gaps;
import rondel.compose.spacing.SetGap;
import rondel.compose.spacing.Side;
import rondel.desktop.command.Command;
import rondel.desktop.command.CommandHint;
import rondel.desktop.command.Commands;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.RovingPane;
import rondel.desktop.field.ShortLabel;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.look.Hint;
import rondel.desktop.look.Icons;
import rondel.words.Words;

/** The selection's gaps on its four sides as numbers to type over, and the ways to line things up. */
final class SpacingSection extends VBox {

    private final Desk desk;
    private final List<FigureField> gaps;
    private final List<Button> buttons;

    SpacingSection(Desk desk, Commands commands) {
        super(6);
        this.desk = desk;
        gaps = List.of(Side.values()).stream().map(this::gap).toList();
        GridPane around = new GridPane(6, 6);
        around.getStyleClass().add("gap-fields");
        for (Side side : Side.values()) {
            Label label = ShortLabel.of("gap.short." + side.name(), gaps.get(side.ordinal()));
            GridPane.setHalignment(label, HPos.RIGHT);
            int column = side.ordinal() % 2 * 2;
            around.add(label, column, side.ordinal() / 2);
            around.add(gaps.get(side.ordinal()), column + 1, side.ordinal() / 2);
        }
        buttons = List.of(
                button(commands.get("alignLeft"), Icons.ALIGN_LEFT),
                button(commands.get("alignCentre"), Icons.ALIGN_CENTRE),
                button(commands.get("alignRight"), Icons.ALIGN_RIGHT),
                button(commands.get("alignTop"), Icons.ALIGN_TOP),
                button(commands.get("alignMiddle"), Icons.ALIGN_MIDDLE),
                button(commands.get("alignBottom"), Icons.ALIGN_BOTTOM),
                button(commands.get("evenGapsAcross"), Icons.EVEN_ACROSS),
                button(commands.get("evenGapsDown"), Icons.EVEN_DOWN),
                button(commands.get("spaceOut"), Icons.SPACE_OUT),
                button(commands.get("centreAll"), Icons.CENTRE_ALL));
        FlowPane pad = new RovingPane(4, 4);
        pad.getChildren().addAll(buttons);
        Label gapTitle = title("measure.gaps");
        Label alignTitle = title("measure.align");
        getChildren().addAll(gapTitle, around, alignTitle, alignTo(), pad);
        RovingFocus.overFields(around);
        getStyleClass().add("spacing");
    }

    private static Label title(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("section-title");
        return label;
    }

    private FigureField gap(Side side) {
        FigureField field = new FigureField(
                "gap-" + side.name().toLowerCase(java.util.Locale.ROOT),
                Words.of("gap." + side.name()),
                Figure.length(() -> desk.bench().job().unit()),
                mm -> desk.perform(new SetGap(desk.bench().selectedIds(), side, mm, false)));
        field.getStyleClass().add("gap-field");
        return field;
    }

    private VBox alignTo() {
        ChoiceBox<AlignTo> to = new ChoiceBox<>();
        to.setId("align-to");
        to.setAccessibleText(Words.of("measure.alignTo"));
        Hint.on(to, Words.of("measure.alignTo"));
        to.getItems().setAll(AlignTo.values());
        to.setConverter(new ChoiceNames<>(v -> Words.of("alignTo." + v.name())));
        to.setValue(desk.spacing().alignTo());
        to.setMaxWidth(Double.MAX_VALUE);
        to.setOnAction(e -> desk.spacing().alignTo(to.getValue()));
        CheckBox asOne = new CheckBox(Words.of("measure.asOne"));
        asOne.setId("align-as-one");
        asOne.setOnAction(e -> desk.spacing().asOne(asOne.isSelected()));
        return new VBox(5, to, asOne);
    }

    private Button button(Command command, Icons icon) {
        Button button = new Button();
        button.setId("do-" + command.id());
        button.setGraphic(icon.node());
        button.getStyleClass().addAll("small", "sign-button");
        button.setAccessibleText(command.label());
        CommandHint.on(button, command);
        button.setUserData(command);
        button.setOnAction(e -> command.needs().ifPresentOrElse(desk.notices()::refuse, command::run));
        return button;
    }

    /** @param now the selection's gaps, where something is selected */
    void show(Optional<Gaps> now) {
        for (Side side : Side.values()) {
            gaps.get(side.ordinal())
                    .show(now.map(g -> OptionalDouble.of(g.on(side).distance())).orElse(OptionalDouble.empty()));
        }
        buttons.forEach(b -> {
            b.getStyleClass().remove("not-now");
            if (((Command) b.getUserData()).needs().isPresent()) {
                b.getStyleClass().add("not-now");
            }
        });
    }
}
