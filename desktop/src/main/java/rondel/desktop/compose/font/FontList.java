package rondel.desktop.compose.font;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.desktop.compose.text.TextEdits;
import rondel.desktop.desk.Desk;
import rondel.desktop.look.ChoiceNames;
import rondel.formats.fonts.FontFamily;
import rondel.job.FontChoice;
import rondel.text.FontClass;
import rondel.words.Words;

/** Every family of fonts once, in its own face with the person's own words. The arrow keys try a font on the sheet, Enter or a press
 *  takes it, Escape leaves the text as it was. */
public final class FontList extends VBox {

    private static final double ROW = 54;
    private static final double HEIGHT = 330;

    /** One of the things that can be looked for besides the name. */
    private record Filter(
            String key, Optional<FontClass> kind, Optional<FontFamily.Source> source, FontListModel.Only only) {

        static final Filter ALL = new Filter("font.all", Optional.empty(), Optional.empty(), FontListModel.Only.ALL);

        static Stream<Filter> every() {
            Stream<Filter> only = Stream.of(FontListModel.Only.FAVOURITES, FontListModel.Only.RECENT)
                    .map(o -> new Filter("font.only." + o, Optional.empty(), Optional.empty(), o));
            Stream<Filter> kinds = Arrays.stream(FontClass.values())
                    .map(k -> new Filter("font.kind." + k, Optional.of(k), Optional.empty(), FontListModel.Only.ALL));
            Stream<Filter> sources = Arrays.stream(FontFamily.Source.values())
                    .map(s -> new Filter("font.source." + s, Optional.empty(), Optional.of(s), FontListModel.Only.ALL));
            return Stream.of(Stream.of(ALL), only, kinds, sources).flatMap(s -> s);
        }
    }

    private final TextEdits edits;
    private final FontListModel model = new FontListModel();
    private final TextField find = new TextField();
    private final ChoiceBox<Filter> filter = new ChoiceBox<>();
    private final ListView<FontFamily> list = new ListView<>();
    private final Label count = new Label();
    private final FontTrial trial;
    private Consumer<FontChoice> chosen = f -> {};
    private Supplier<FontChoice> now = () -> new FontChoice("", 400, false);
    private String words = "";
    private Runnable closed = () -> {};
    private boolean filling;

    public FontList(Desk desk, TextEdits edits, FontTrial trial) {
        super(6);
        this.edits = edits;
        this.trial = trial;
        setId("font-list");
        getStyleClass().add("font-list");
        find.setId("font-find");
        find.setPromptText(Words.of("font.find"));
        find.setAccessibleText(Words.of("font.find"));
        find.textProperty().addListener((o, before, text) -> look());
        filter.setId("font-filter");
        filter.setAccessibleText(Words.of("font.filter"));
        filter.getItems().setAll(Filter.every().toList());
        filter.setConverter(new ChoiceNames<>(f -> Words.of(f.key())));
        filter.setValue(Filter.ALL);
        filter.setOnAction(e -> look());
        HBox.setHgrow(find, Priority.ALWAYS);
        FontPictures pictures = new FontPictures(desk.workers(), edits.typesetter());
        list.setId("font-families");
        list.setFixedCellSize(ROW);
        list.setPrefHeight(HEIGHT);
        list.setAccessibleText(Words.of("text.font"));
        list.setCellFactory(l -> new FontCell(pictures, () -> words, () -> model, this::like));
        list.setPlaceholder(new Label(Words.of("font.none")));
        list.getSelectionModel().selectedItemProperty().addListener((o, before, family) -> {
            if (family != null && !filling) {
                trial.attempt(family.nearest(now.get()));
            }
        });
        list.setOnMouseClicked(e -> take());
        list.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        find.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        count.getStyleClass().add("quiet");
        getChildren().addAll(new HBox(6, find, filter), list, count);
        setVisible(false);
        managedProperty().bind(visibleProperty());
        visibleProperty().addListener((o, before, on) -> {
            if (!on) {
                trial.drop();
            }
        });
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            close();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER) {
            take();
            e.consume();
        } else if (e.getTarget() == find && (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP)) {
            list.requestFocus();
            list.getSelectionModel().select(Math.max(0, list.getSelectionModel().getSelectedIndex()));
            e.consume();
        }
    }

    /** Opens it for a text.
     *
     * @param font what it is set in now
     * @param takes hears of the font that is taken */
    public void open(String content, Supplier<FontChoice> font, Consumer<FontChoice> takes) {
        words = content.lines()
                .findFirst()
                .map(l -> l.substring(0, Math.min(24, l.length())))
                .orElse("");
        now = font;
        chosen = takes;
        setVisible(true);
        edits.fonts().families(offered -> {
            model.read(offered.families(), offered.marks());
            look();
            model.family(font.get().family()).ifPresent(f -> {
                filling = true;
                list.getSelectionModel().select(f);
                list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - 2));
                filling = false;
            });
            find.requestFocus();
        });
    }

    /** @param back what has the keyboard once it is closed */
    public void onClosed(Runnable back) {
        closed = back;
    }

    public void close() {
        closed.run();
        setVisible(false);
    }

    private void take() {
        FontFamily family = list.getSelectionModel().getSelectedItem();
        if (family != null) {
            model.mark(model.marks().used(family.name()));
            edits.fonts().mark(model.marks());
            trial.keep();
            chosen.accept(family.nearest(now.get()));
            close();
        }
    }

    private void like(FontFamily family, boolean on) {
        model.mark(model.marks().withFavourite(family.name(), on));
        edits.fonts().mark(model.marks());
    }

    private void look() {
        Filter f = filter.getValue();
        model.look(new FontListModel.Query(find.getText(), f.kind(), f.source(), f.only()));
        filling = true;
        list.getItems().setAll(model.shown());
        filling = false;
        count.setText(Words.of("font.count", list.getItems().size()));
    }
}
