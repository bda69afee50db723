package rondel.desktop.compose.measure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.TraversalDirection;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import rondel.compose.lettering.ArcPath;
import rondel.desktop.compose.text.TextEdits;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.look.ChoiceNames;
import rondel.geometry.Outline;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.Located;
import rondel.job.TextAlign;
import rondel.job.TextElement;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** What the selected texts say and how they are set. */
final class TextSection extends VBox {

    private final Desk desk;
    private final TextEdits edits;
    private final TextArea content = new TextArea();
    private final ComboBox<FontChoice> font = new ComboBox<>();
    private final CheckBox kerning = new CheckBox(Words.of("text.kerning"));
    private final Label missing = new Label();
    private final ChoiceBox<TextAlign> align = new ChoiceBox<>();
    private final FigureField size;
    private final FigureField tracking;
    private final FigureField arc;
    private final FigureField spacing;
    private final TextField features = new TextField();
    private String shownContent = "";
    private boolean showing;

    TextSection(Desk desk, TextEdits edits) {
        super(6);
        this.desk = desk;
        this.edits = edits;
        content.setId("text-content");
        content.setAccessibleText(Words.of("text.content"));
        content.setPrefRowCount(2);
        content.setWrapText(true);
        content.focusedProperty().addListener((o, before, now) -> {
            if (!now) {
                say();
            }
        });
        content.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.TAB && !e.isShortcutDown()) {
                content.requestFocusTraversal(e.isShiftDown() ? TraversalDirection.PREVIOUS : TraversalDirection.NEXT);
                e.consume();
            }
        });
        content.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER && e.isShortcutDown()) {
                say();
                e.consume();
            }
        });
        font.setId("text-font");
        font.setAccessibleText(Words.of("text.font"));
        font.setConverter(new ChoiceNames<>(f -> f.family()
                + (f.weight() >= 600 ? " " + Words.of("text.bold") : "")
                + (f.italic() ? " " + Words.of("text.italic") : "")));
        font.setMaxWidth(Double.MAX_VALUE);
        font.setOnAction(e -> chosen(font.getValue() == null ? null : l -> l.withFont(font.getValue())));
        align.setId("text-align");
        align.setAccessibleText(Words.of("text.align"));
        align.getItems().setAll(TextAlign.values());
        align.setConverter(new ChoiceNames<>(a -> Words.of("text.align." + a.name())));
        align.setOnAction(e -> chosen(align.getValue() == null ? null : l -> l.withAlign(align.getValue())));
        size = figure("text-size", "text.size", Figure.size(this::unit), mm -> l -> l.withSize(mm));
        tracking = figure("text-tracking", "text.tracking", Figure.length(this::unit), mm -> l -> l.withTracking(mm));
        arc = figure(
                "text-arc",
                "text.arc",
                Figure.length(this::unit),
                mm -> l -> l.withPath(mm == 0 ? Optional.empty() : Optional.of(ArcPath.of(mm))));
        spacing = figure(
                "text-spacing",
                "text.spacing",
                Figure.number("", 0.05, 0.25, 0.1, 20),
                ems -> l -> l.withLineSpacing(ems));
        plain(features, "text-features", "text.features", text -> {
            List<String> all = text.isBlank() ? List.of() : List.of(text.strip().split("[\\s,]+"));
            return l -> l.withFeatures(all);
        });
        GridPane grid = new GridPane(6, 6);
        grid.getStyleClass().add("gap-fields");
        grid.addRow(0, label("text.short.size", size), size, label("text.short.spacing", spacing), spacing);
        grid.addRow(1, label("text.short.tracking", tracking), tracking, label("text.short.align", align), align);
        grid.addRow(2, label("text.short.arc", arc), arc, label("text.short.features", features), features);
        kerning.setId("text-kerning");
        kerning.setOnAction(e -> chosen(l -> kerned(l, kerning.isSelected())));
        missing.setId("text-missing");
        missing.getStyleClass().add("card-note");
        missing.setWrapText(true);
        missing.managedProperty().bind(missing.visibleProperty());
        font.setVisibleRowCount(16);
        getChildren().addAll(content, font, missing, grid, kerning);
    }

    /** Pairs of letters drawn together where the font says so, or each as wide as it is. */
    private static Lettering kerned(Lettering l, boolean on) {
        List<String> others = l.features().stream()
                .filter(f -> !f.matches("[+-]?kern(=\\d+)?"))
                .toList();
        return l.withFeatures(
                on ? others : Stream.concat(others.stream(), Stream.of("-kern")).toList());
    }

    private static Label label(String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        return label;
    }

    private LengthUnit unit() {
        return desk.bench().job().unit();
    }

    private FigureField figure(String id, String key, Figure figure, DoubleFunction<UnaryOperator<Lettering>> change) {
        FigureField field = new FigureField(id, Words.of(key), figure, value -> edits.change(change.apply(value)));
        field.getStyleClass().add("gap-field");
        return field;
    }

    private void plain(
            TextField field,
            String id,
            String key,
            java.util.function.Function<String, UnaryOperator<Lettering>> read) {
        field.setId(id);
        field.setAccessibleText(Words.of(key));
        field.setTooltip(new javafx.scene.control.Tooltip(Words.of(key)));
        field.getStyleClass().addAll("length-field", "gap-field");
        field.setOnAction(e -> edits.change(read.apply(field.getText())));
    }

    private void chosen(UnaryOperator<Lettering> change) {
        if (!showing && change != null) {
            edits.change(change);
        }
    }

    private void say() {
        String said = content.getText();
        if (!showing && !said.equals(shownContent) && !said.isBlank()) {
            shownContent = said;
            edits.change(l -> l.withContent(said));
        }
    }

    void show(List<Located> selected) {
        List<TextElement> texts = selected.stream()
                .map(Located::element)
                .filter(TextElement.class::isInstance)
                .map(TextElement.class::cast)
                .toList();
        boolean any = !texts.isEmpty() && texts.size() == selected.size();
        setVisible(any);
        setManaged(any);
        if (!any) {
            return;
        }
        showing = true;
        Lettering l = texts.getFirst().lettering();
        List<FontChoice> choices = edits.fonts(() -> show(desk.bench().selected()));
        if (!font.getItems().equals(choices)) {
            font.getItems().setAll(choices);
        }
        shownContent = l.content();
        content.setText(l.content());
        content.setDisable(texts.size() > 1);
        font.setValue(choices.contains(l.font()) ? l.font() : null);
        kerning.setSelected(l.features().stream().noneMatch(f -> f.equals("-kern") || f.equals("kern=0")));
        boolean gone = !choices.isEmpty()
                && choices.stream()
                        .noneMatch(c -> c.family().equalsIgnoreCase(l.font().family()));
        missing.setVisible(gone);
        missing.setText(Words.of("text.missing", l.font().family()));
        align.setValue(l.align());
        size.show(OptionalDouble.of(l.size()));
        tracking.show(OptionalDouble.of(l.tracking()));
        arc.show(OptionalDouble.of(diameter(l)));
        spacing.show(l.lineSpacing());
        features.setText(String.join(" ", l.features()));
        showing = false;
    }

    /** The diameter of the circle that the text stands on; 0 where it stands straight, or on something else. */
    private static double diameter(Lettering l) {
        Optional<Outline> path = l.path();
        return path.flatMap(Outline::bounds)
                .map(b -> b.y() >= -1e-9 ? b.height() : -b.height())
                .filter(d -> ArcPath.of(d).equals(path.get()))
                .orElse(0.0);
    }
}
