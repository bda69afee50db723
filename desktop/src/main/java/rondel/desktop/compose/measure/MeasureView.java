package rondel.desktop.compose.measure;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.compose.arrange.MoveTo;
import rondel.compose.arrange.Rename;
import rondel.compose.arrange.Resize;
import rondel.compose.arrange.TurnTo;
import rondel.desktop.command.Command;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.compose.text.LetterChoice;
import rondel.desktop.compose.text.TextEdits;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.RovingPane;
import rondel.desktop.field.ShortLabel;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.look.Hint;
import rondel.desktop.model.Change;
import rondel.desktop.model.Measurements;
import rondel.desktop.model.SelectionFacts;
import rondel.desktop.model.Surroundings;
import rondel.desktop.sheet.SheetView;
import rondel.geometry.Anchor;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Swatch;
import rondel.lines.check.EffectivePpi;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Says the physical truth of the selection, and makes true what is typed. */
public final class MeasureView extends VBox {

    private final Desk desk;
    private final ScrollPane scroll = new ScrollPane();
    private final Label empty = new Label(Words.of("measure.empty"));
    private final VBox fields = new VBox(10);
    private final TextField name = new TextField();
    private final FigureField width;
    private final FigureField height;
    private final FigureField x;
    private final FigureField y;
    private final FigureField turn;
    private final ToggleButton ratio = new ToggleButton();
    private final AnchorPicker anchor = new AnchorPicker();
    private final Label ppi = new Label();
    private final TextSection text;
    private final SpacingSection spacing;
    private final LooksSection looks;
    private final ShapeSection shape;
    private final ShadowSection shadow;
    private final LinkSection link;
    private final OriginSection origin;
    private final SwatchStrip swatches;
    private boolean showing;
    private LengthUnit shownUnit;
    private List<Swatch> shownPalette = List.of();

    public MeasureView(
            Desk desk, Commands commands, TextEdits texts, LetterChoice letters, PointChoice points, SheetView sheet) {
        this.desk = desk;
        getStyleClass().addAll("side", "measure");
        setId("measure");
        width = figure("width", Figure.size(this::unit), mm -> resize(OptionalDouble.of(mm), OptionalDouble.empty()));
        height = figure("height", Figure.size(this::unit), mm -> resize(OptionalDouble.empty(), OptionalDouble.of(mm)));
        turn = figure("turn", Figure.angle(), degrees -> edit(ids -> desk.perform(new TurnTo(ids, degrees))));
        x = figure("x", Figure.length(this::unit), mm -> place(p -> new Point(mm, p.y())));
        y = figure("y", Figure.length(this::unit), mm -> place(p -> new Point(p.x(), mm)));
        HBox title = HelpButton.titled("measure.title", GuidePage.COMPOSE);
        empty.getStyleClass().add("empty-state");
        empty.setWrapText(true);
        empty.setMinHeight(USE_PREF_SIZE);
        text = new TextSection(desk, texts, sheet);
        spacing = new SpacingSection(desk, commands);
        looks = new LooksSection(desk);
        shape = new ShapeSection(desk);
        shadow = new ShadowSection(desk);
        link = new LinkSection(desk, commands.get("unlink"));
        origin = new OriginSection(desk);
        swatches = new SwatchStrip(desk);
        ppi.setId("ppi");
        fields.getChildren()
                .addAll(
                        named(),
                        new LetterSection(desk, letters, commands.get("glyphs")),
                        new PointSection(desk, points, commands),
                        sizes(),
                        shape,
                        ppi,
                        link,
                        text,
                        spacing,
                        looks,
                        swatches,
                        colourButtons(commands),
                        shadow,
                        origin);
        fields.getStyleClass().add("measure-fields");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(title, empty, scroll);
        anchor.chosen().addListener((o, before, now) -> show());
        desk.selection().onChange(this::show);
        desk.bench().on(EnumSet.of(Change.JOB), this::showUnits);
        show();
    }

    private FigureField figure(String id, Figure figure, DoubleConsumer typed) {
        return new FigureField(id, Words.of("measure." + id), figure, typed);
    }

    private LengthUnit unit() {
        return desk.bench().job().unit();
    }

    private Node named() {
        name.setId("name");
        name.setPromptText(Words.of("measure.unnamed"));
        name.setAccessibleText(Words.of("measure.name"));
        name.setOnAction(e -> rename());
        name.focusedProperty().addListener((o, before, now) -> {
            if (!now) {
                rename();
            }
        });
        return name;
    }

    private Node sizes() {
        ratio.setId("ratio");
        ratio.setSelected(true);
        ratio.setText(Words.of("measure.ratioOn"));
        ratio.getStyleClass().add("ratio");
        Hint.on(ratio, Words.of("measure.ratio"));
        ratio.setAccessibleText(Words.of("measure.ratio"));
        ratio.selectedProperty()
                .addListener((o, b, on) -> ratio.setText(Words.of(on ? "measure.ratioOn" : "measure.ratioOff")));
        turn.setPrefColumnCount(8);
        GridPane grid = new GridPane(8, 8);
        row(grid, 0, "measure.w", width);
        row(grid, 1, "measure.h", height);
        grid.add(ratio, 2, 0, 1, 2);
        row(grid, 2, "measure.xShort", x);
        row(grid, 3, "measure.yShort", y);
        grid.add(anchor, 2, 2, 1, 2);
        row(grid, 4, "measure.turnShort", turn);
        grid.setVgap(6);
        return RovingFocus.overFields(grid);
    }

    private static Node colourButtons(Commands commands) {
        FlowPane buttons = new RovingPane(6, 6);
        for (String id : List.of("pickColour", "recolour", "keepColours")) {
            Command command = commands.get(id);
            Button button = CommandButton.of(command);
            button.setId("do-" + id);
            button.setText(Words.of("measure." + id));
            button.setAccessibleText(command.label());
            buttons.getChildren().add(button);
        }
        return buttons;
    }

    private static void row(GridPane grid, int row, String key, Node field) {
        GridPane.setHgrow(field, Priority.ALWAYS);
        grid.addRow(row, ShortLabel.of(key, field), field);
    }

    /** A change of the job that leaves the sheet as it is may be one of the unit, or of the palette. */
    private void showUnits() {
        if (desk.bench().job().unit() != shownUnit
                || !desk.bench().job().palette().equals(shownPalette)) {
            show();
        }
    }

    private void show() {
        shownUnit = desk.bench().job().unit();
        shownPalette = desk.bench().job().palette();
        SelectionFacts facts = desk.selection().facts();
        Measurements m = facts.measured();
        showing = true;
        boolean any = m.count() > 0;
        empty.setVisible(!any);
        empty.setManaged(!any);
        if (any && scroll.getContent() == null) {
            scroll.setContent(fields); // not before: styling what nobody sees takes time at the start
        }
        scroll.setVisible(any);
        fields.setVisible(any);
        fields.setManaged(any);
        showPpi(facts.leastPpi());
        text.show(facts.selected());
        swatches.show(facts.colours());
        shadow.show(facts.selected());
        spacing.show(facts.surroundings().map(Surroundings::gaps));
        name.setText(m.name().orElse(""));
        name.setDisable(m.count() != 1);
        name.setPromptText(Words.of(m.count() > 1 ? "measure.severalNames" : "measure.unnamed"));
        width.show(m.width());
        height.show(m.height());
        Optional<Point> at = m.at(anchor.chosen().get());
        x.show(at.map(p -> OptionalDouble.of(p.x())).orElse(OptionalDouble.empty()));
        y.show(at.map(p -> OptionalDouble.of(p.y())).orElse(OptionalDouble.empty()));
        turn.show(m.turn());
        looks.show(m);
        shape.show(facts.selected().stream().map(l -> l.element()).toList());
        link.show(facts.alike());
        origin.show(facts.selected());
        showing = false;
    }

    /** The fewest pixels to the inch of what is selected, with a word where print would show it. */
    private void showPpi(OptionalDouble least) {
        ppi.setVisible(least.isPresent());
        ppi.setManaged(least.isPresent());
        boolean few = least.orElse(0) < EffectivePpi.LEAST_FOR_PRINT;
        ppi.setText(Words.of(few ? "measure.fewPpi" : "measure.ppi", Math.round(least.orElse(0))));
        ppi.getStyleClass().setAll("label", few ? "card-note" : "quiet");
    }

    private void edit(Consumer<List<ElementId>> action) {
        if (!showing && !desk.bench().selection().isEmpty()) {
            action.accept(desk.bench().selectedIds());
        }
    }

    private void rename() {
        edit(ids -> {
            boolean changed = desk.onlySelected()
                    .filter(e -> !e.name().equals(name.getText()))
                    .isPresent();
            if (changed) {
                desk.perform(new Rename(ids, name.getText().strip()));
            }
        });
    }

    private void resize(OptionalDouble w, OptionalDouble h) {
        edit(ids -> desk.perform(
                new Resize(ids, w, h, ratio.isSelected(), anchor.chosen().get(), Resize.Frame.OWN)));
    }

    private void place(java.util.function.UnaryOperator<Point> to) {
        Anchor a = anchor.chosen().get();
        edit(ids -> desk.selection()
                .facts()
                .measured()
                .at(a)
                .map(to)
                .ifPresent(p -> desk.perform(new MoveTo(ids, p.x(), p.y(), a))));
    }
}
