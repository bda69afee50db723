package rondel.desktop.compose.shelf;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.PressKey;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.help.Guide;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.look.ChoiceNames;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.ShelfQuery;
import rondel.formats.shelf.Thing;
import rondel.words.Words;

/** The person's artwork at the left: found by typing, dragged onto the sheet at its true size, or placed with Enter. */
public final class ShelfView extends VBox {

    /** What happens to a thing that is taken off the shelf to be used. */
    public interface Taking {
        /** Pressed, perhaps to be dragged from here on. */
        void taken(ThingPicture picture, Thing thing);

        void placed(Thing thing);
    }

    /** What the list of sets offers: every set, the favourites, or one set. */
    private sealed interface Choice {
        record Every() implements Choice {}

        record Favourites() implements Choice {}

        record OneSet(String name) implements Choice {}
    }

    private final Desk desk;
    private final ShelfModel model;
    private final Taking taking;
    private final ShelfPictures pictures;
    private final TextField find = new TextField();
    private final ComboBox<Choice> sets = new ComboBox<>();
    private final ListView<List<Thing>> rows = new ListView<>();
    private final Label nothing = new Label();
    private final Label count = new Label();
    private static final double SCROLL_BAR = 14;

    private int columns = 2;
    private final ThingMenu onThing;
    private final ShelfActions actions;
    private boolean showing;

    public ShelfView(
            Desk desk, ShelfModel model, ShelfActions actions, ArtworkReader reader, Taking taking, ThingMenu onThing) {
        this.desk = desk;
        this.model = model;
        this.taking = taking;
        pictures = new ShelfPictures(desk.workers(), reader, desk.pictures());
        this.onThing = onThing;
        this.actions = actions;
        getStyleClass().addAll("side", "shelf");
        setId("shelf");
        Guide.about(this, GuidePage.SHELF);
        Label title = new Label(Words.of("shelf.title"));
        title.getStyleClass().add("side-title");
        count.getStyleClass().add("quiet");
        count.setId("shelf-count");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox heading = new HBox(6, title, between, count, HelpButton.of(GuidePage.SHELF));
        heading.setAlignment(javafx.geometry.Pos.BASELINE_LEFT);
        find.setId("find");
        find.setPromptText(Words.of("shelf.find"));
        find.setAccessibleText(Words.of("shelf.find"));
        find.textProperty().addListener((o, before, now) -> model.words(now));
        prepareSets();
        nothing.getStyleClass().add("empty-state");
        nothing.setWrapText(true);
        nothing.setVisible(false);
        nothing.managedProperty().bind(nothing.visibleProperty());
        rows.setId("shelf-rows");
        RovingFocus.over(rows);
        rows.addEventHandler(KeyEvent.KEY_PRESSED, this::beyond);
        rows.setFocusTraversable(false);
        rows.setCellFactory(list -> new ShelfRow(this::dress, this::fill));
        rows.widthProperty().addListener((o, before, now) -> fitColumns());
        VBox.setVgrow(rows, Priority.ALWAYS);
        Label hint = new Label(Words.of("shelf.hint"));
        hint.getStyleClass().add("quiet");
        hint.setId("shelf-hint-place");
        hint.setWrapText(true);
        hint.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(heading, find, sets, nothing, rows, hint);
        takeFiles();
        model.onChange(this::show);
        desk.bench().onChange(this::units);
    }

    private void prepareSets() {
        sets.setId("shelf-sets");
        sets.setAccessibleText(Words.of("shelf.sets"));
        sets.setMaxWidth(Double.MAX_VALUE);
        sets.setVisibleRowCount(14);
        sets.setConverter(new ChoiceNames<>(choice -> switch (choice) {
            case Choice.Every e -> Words.of("shelf.every");
            case Choice.Favourites f -> Words.of("shelf.favourites");
            case Choice.OneSet s -> s.name();
        }));
        sets.valueProperty().addListener((o, before, now) -> {
            if (!showing && now != null) {
                switch (now) {
                    case Choice.Every e -> model.set(Optional.empty());
                    case Choice.Favourites f -> model.favourites();
                    case Choice.OneSet s -> model.set(Optional.of(s.name()));
                }
            }
        });
    }

    private void takeFiles() {
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        setOnDragDropped(e -> {
            keep(e.getDragboard().getFiles().stream().map(File::toPath).toList());
            e.setDropCompleted(true);
        });
    }

    /** Looks for something. */
    public void look(ShelfQuery query) {
        model.look(query);
    }

    /** Copies files onto the shelf, into the set that is looked at. */
    public void keep(List<Path> files) {
        model.add(files);
    }

    /** Whether everything that can be seen is there. */
    public boolean isLoaded() {
        return model.isIdle() && pictures.isIdle();
    }

    /** More cards beside each other where the shelf is wider. */
    private void fitColumns() {
        int room = (int) Math.floor((rows.getWidth() - SCROLL_BAR) / ShelfCard.WIDTH);
        int fitting = Math.clamp(room, 2, ShelfRow.MOST);
        if (fitting != columns) {
            columns = fitting;
            show();
        }
    }

    private void show() {
        showing = true;
        List<Choice> choices = new ArrayList<>(List.of(new Choice.Every(), new Choice.Favourites()));
        model.sets().forEach(s -> choices.add(new Choice.OneSet(s)));
        if (!sets.getItems().equals(choices)) {
            sets.getItems().setAll(choices);
        }
        sets.setValue(
                model.query().favourites()
                        ? new Choice.Favourites()
                        : model.query().set().<Choice>map(Choice.OneSet::new).orElse(new Choice.Every()));
        if (!find.getText().equals(model.query().words())) {
            find.setText(model.query().words());
        }
        showing = false;
        List<Thing> found = model.found();
        List<List<Thing>> two = new ArrayList<>(found.size() / columns + 1);
        for (int i = 0; i < found.size(); i += columns) {
            two.add(found.subList(i, Math.min(i + columns, found.size())));
        }
        rows.getItems().setAll(two);
        count.setText(Words.of("shelf.count", found.size()));
        nothing.setText(Words.of(model.query().equals(ShelfQuery.ALL) ? "shelf.empty" : "shelf.nothing"));
        nothing.setVisible(found.isEmpty());
    }

    private void fill(ShelfCard card) {
        Thing thing = card.thing().orElseThrow();
        model.file(thing)
                .ifPresent(file -> pictures.of(file, picture -> {
                    if (card.thing().filter(thing::equals).isPresent()) {
                        card.show(picture, desk.bench().job().unit());
                    }
                }));
    }

    private void dress(ShelfCard card) {
        card.setOnMousePressed(e -> {
            card.requestFocus();
            card.thing().ifPresent(actions::pick);
            if (e.getButton() == MouseButton.PRIMARY && !e.isShortcutDown()) {
                card.picture().ifPresent(p -> taking.taken(p, card.thing().orElseThrow()));
            }
        });
        card.setOnDragDetected(e -> {
            if (e.isShortcutDown()) {
                card.thing().flatMap(model::file).ifPresent(f -> dragOut(card, f));
                e.consume();
            }
        });
        card.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2 && e.getButton() == MouseButton.PRIMARY) {
                card.thing().ifPresent(taking::placed);
            }
        });
        card.setOnContextMenuRequested(e -> {
            card.thing().ifPresent(t -> {
                actions.pick(t);
                onThing.show(card, e.getScreenX(), e.getScreenY());
            });
            e.consume();
        });
        card.setOnKeyPressed(e -> {
            if (PressKey.is(e)) {
                card.thing().ifPresent(taking::placed);
                e.consume();
            }
        });
    }

    /** Drags a thing's file into another program or a folder. */
    private static void dragOut(ShelfCard card, Path file) {
        ClipboardContent content = new ClipboardContent();
        content.putFiles(List.of(file.toFile()));
        card.startDragAndDrop(TransferMode.COPY).setContent(content);
    }

    /** Opens a menu on a thing that was picked. */
    @FunctionalInterface
    public interface ThingMenu {
        void show(Node card, double x, double y);
    }

    private void units() {
        rows.lookupAll(".shelf-card").stream().map(ShelfCard.class::cast).forEach(c -> {
            if (c.picture().isPresent()) {
                c.show(c.picture(), desk.bench().job().unit());
            }
        });
    }

    /** Up and down from the last row that is seen bring the next one into sight. */
    private void beyond(KeyEvent e) {
        boolean down = e.getCode() == KeyCode.DOWN;
        if (!down && e.getCode() != KeyCode.UP || !(e.getTarget() instanceof ShelfCard card)) {
            return;
        }
        for (Node n = card; n != null; n = n.getParent()) {
            if (n instanceof ShelfRow row) {
                int to = row.getIndex() + (down ? 1 : -1);
                if (to >= 0 && to < rows.getItems().size()) {
                    rows.scrollTo(down ? Math.max(0, to - 1) : to);
                    rows.layout();
                    focusFirst(to);
                }
                e.consume();
                return;
            }
        }
    }

    private void focusFirst(int row) {
        rows.lookupAll(".shelf-card").stream()
                .filter(n -> n.isVisible()
                        && n.getParent() != null
                        && n.getParent().getParent() instanceof ShelfRow r
                        && r.getIndex() == row)
                .findFirst()
                .ifPresent(Node::requestFocus);
    }
}
