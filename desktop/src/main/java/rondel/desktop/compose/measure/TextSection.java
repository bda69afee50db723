package rondel.desktop.compose.measure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.TraversalDirection;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.compose.lettering.ArcPath;
import rondel.desktop.compose.font.FontList;
import rondel.desktop.compose.font.FontTrial;
import rondel.desktop.compose.text.TextEdits;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.ShortLabel;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.look.Hint;
import rondel.desktop.sheet.SheetView;
import rondel.geometry.Outline;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.Located;
import rondel.job.TextAlign;
import rondel.job.TextElement;
import rondel.text.FontFeature;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** What the selected texts say and how they are set. */
final class TextSection extends VBox {

    /** Where the list of fonts stands among the fields: below the font. */
    private static final int FONTS_AT = 2;

    private final Desk desk;
    private final TextEdits edits;
    private final TextArea content = new TextArea();
    private final Button font = new Button();
    private final ChoiceBox<FontChoice> style = new ChoiceBox<>();
    private final Supplier<FontList> makeFonts;
    private Optional<FontList> fonts = Optional.empty();
    private final MenuButton features = new MenuButton(Words.of("text.features"));
    private Optional<FontChoice> featuresOf = Optional.empty();
    private final Label missing = new Label();
    private final ChoiceBox<TextAlign> align = new ChoiceBox<>();
    private final FigureField size;
    private final FigureField tracking;
    private final FigureField arc;
    private final FigureField spacing;
    private final TextField codes = new TextField();
    private String shownContent = "";
    private Optional<Lettering> shown = Optional.empty();
    private boolean showing;

    TextSection(Desk desk, TextEdits edits, SheetView sheet) {
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
        font.setMaxWidth(Double.MAX_VALUE);
        font.getStyleClass().add("font-button");
        Hint.on(font, Words.of("text.fontHow"));
        HBox.setHgrow(font, Priority.ALWAYS);
        makeFonts = () -> new FontList(desk, edits, new FontTrial(desk, edits, sheet::showPreview));
        font.setOnAction(e -> turnFonts());
        style.setId("text-style");
        style.setAccessibleText(Words.of("text.style"));
        style.setMinWidth(88);
        style.setConverter(new ChoiceNames<>(TextSection::styleName));
        style.setOnAction(e -> chosen(style.getValue() == null ? null : l -> l.withFont(style.getValue())));
        features.setId("text-feature-menu");
        features.setMaxWidth(Double.MAX_VALUE);
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
        plain(codes, "text-features", "text.codes", text -> {
            List<String> all = text.isBlank() ? List.of() : List.of(text.strip().split("[\\s,]+"));
            return l -> l.withFeatures(all);
        });
        GridPane grid = new GridPane(6, 6);
        grid.getStyleClass().add("gap-fields");
        grid.addRow(
                0, ShortLabel.of("text.short.size", size), size, ShortLabel.of("text.short.spacing", spacing), spacing);
        grid.addRow(
                1,
                ShortLabel.of("text.short.tracking", tracking),
                tracking,
                ShortLabel.of("text.short.align", align),
                align);
        grid.addRow(2, ShortLabel.of("text.short.arc", arc), arc, ShortLabel.of("text.short.features", codes), codes);
        missing.setId("text-missing");
        missing.getStyleClass().add("card-note");
        missing.setWrapText(true);
        missing.managedProperty().bind(missing.visibleProperty());
        getChildren()
                .addAll(
                        content,
                        RovingFocus.overFields(new HBox(6, font, style)),
                        missing,
                        RovingFocus.overFields(grid),
                        features);
    }

    private static String styleName(FontChoice f) {
        String weight = Words.of(f.weight() >= 600 ? "text.bold" : f.weight() < 350 ? "text.light" : "text.regular");
        return f.italic() ? Words.of("text.italicOf", weight) : weight;
    }

    private void turnFonts() {
        if (fonts.isEmpty()) {
            FontList made = makeFonts.get();
            made.onClosed(font::requestFocus);
            getChildren().add(FONTS_AT, made);
            fonts = Optional.of(made);
        }
        FontList list = fonts.orElseThrow();
        if (list.isVisible()) {
            list.close();
        } else {
            shown.ifPresent(
                    l -> list.open(l.content(), () -> lettering().font(), f -> edits.change(now -> now.withFont(f))));
        }
    }

    private Lettering lettering() {
        return shown.orElseThrow();
    }

    /** A switch for each feature that the font has, by its name. */
    private void showFeatures(Lettering l) {
        if (featuresOf.filter(l.font()::equals).isPresent()) {
            features.getItems().forEach(i -> ((CheckMenuItem) i).setSelected(((FontFeature) i.getUserData()).isOn(l)));
            return;
        }
        featuresOf = Optional.of(l.font());
        features.getItems().clear();
        features.setDisable(true);
        edits.fonts().features(l.font(), found -> {
            if (featuresOf.filter(l.font()::equals).isPresent()) {
                features.getItems().setAll(found.stream().map(this::feature).toList());
                features.setDisable(found.isEmpty());
                features.setText(Words.of(found.isEmpty() ? "text.noFeatures" : "text.features"));
                shown.ifPresent(this::showFeatures);
            }
        });
    }

    private CheckMenuItem feature(FontFeature f) {
        CheckMenuItem item = new CheckMenuItem(FeatureNames.of(f));
        item.setUserData(f);
        item.setId("feature-" + f.tag());
        item.setOnAction(e -> edits.change(l -> f.switched(l, item.isSelected())));
        return item;
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
        Hint.on(field, Words.of(key));
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
            fonts.ifPresent(f -> f.setVisible(false));
            return;
        }
        showing = true;
        Lettering l = texts.getFirst().lettering();
        shown = Optional.of(l);
        List<FontChoice> choices = edits.fonts().faces(() -> show(desk.bench().selected()));
        shownContent = l.content();
        content.setText(l.content());
        content.setDisable(texts.size() > 1);
        content.setPromptText(Words.of("text.several"));
        if (texts.size() > 1) {
            content.clear();
        }
        font.setText(l.font().family());
        List<FontChoice> styles = choices.stream()
                .filter(c -> c.family().equalsIgnoreCase(l.font().family()))
                .toList();
        if (!style.getItems().equals(styles)) {
            style.getItems().setAll(styles);
        }
        style.setValue(styles.contains(l.font()) ? l.font() : null);
        showFeatures(l);
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
        codes.setText(String.join(" ", l.features()));
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
