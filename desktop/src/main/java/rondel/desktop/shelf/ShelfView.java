package rondel.desktop.shelf;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import rondel.desktop.app.Desk;
import rondel.desktop.sheet.ScenePainting;
import rondel.desktop.sheet.SheetScene;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkReader;
import rondel.geometry.Box;
import rondel.job.Job;
import rondel.words.Words;

/** The person's artwork at the left: found by typing, dragged onto the sheet at its true size, or placed with Enter. */
public final class ShelfView extends VBox {

    private static final double USUAL_LARGEST = 70;
    private static final double LEAST_SHARE = 0.45;

    /** What happens to a thing that is taken off the shelf. */
    public interface Taking {
        /** Pressed, perhaps to be dragged from here on. */
        void taken(Image image, Artwork artwork);

        void placed(Artwork artwork);
    }

    private final Desk desk;
    private final ArtworkReader reader;
    private final Taking taking;
    private final TilePane cards = new TilePane(4, 8);
    private boolean filled;
    private final Label nothing = new Label(Words.of("shelf.nothing"));

    public ShelfView(Desk desk, ArtworkReader reader, Taking taking) {
        this.desk = desk;
        this.reader = reader;
        this.taking = taking;
        getStyleClass().addAll("side", "shelf");
        setId("shelf");
        Label title = new Label(Words.of("shelf.title"));
        title.getStyleClass().add("side-title");
        TextField find = new TextField();
        find.setId("find");
        find.setPromptText(Words.of("shelf.find"));
        find.setAccessibleText(Words.of("shelf.find"));
        find.textProperty().addListener((o, before, now) -> filter(now));
        cards.setPrefColumns(2);
        nothing.getStyleClass().add("empty-state");
        nothing.setWrapText(true);
        nothing.setVisible(false);
        nothing.managedProperty().bind(nothing.visibleProperty());
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Label hint = new Label(Words.of("shelf.hint"));
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        hint.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(title, find, nothing, scroll, hint);
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        setOnDragDropped(e -> {
            e.getDragboard().getFiles().stream().map(java.io.File::toPath).forEach(this::add);
            e.setDropCompleted(true);
        });
        desk.bench().onChange(this::units);
    }

    /** Puts the artwork that ships on the shelf. */
    public void fill() {
        ShelfThing.shipped().forEach(this::add);
        filled = true;
    }

    /** Puts a file on the shelf, in front. */
    public void add(Path file) {
        ShelfCard card = card(ShelfThing.ofFile(file));
        cards.getChildren().addFirst(card);
        load(card);
    }

    private void add(ShelfThing thing) {
        ShelfCard card = card(thing);
        cards.getChildren().add(card);
        load(card);
    }

    public boolean isLoaded() {
        return filled && cards().stream().allMatch(c -> c.artwork().isPresent());
    }

    private List<ShelfCard> cards() {
        return cards.getChildren().stream().map(ShelfCard.class::cast).toList();
    }

    private record Loaded(Artwork artwork, Image image) {}

    private void load(ShelfCard card) {
        desk.workers()
                .run(
                        () -> {
                            Artwork artwork = card.thing().read(reader);
                            return new Loaded(artwork, picture(artwork));
                        },
                        loaded -> card.show(
                                loaded.artwork,
                                loaded.image,
                                share(loaded.artwork),
                                desk.bench().job().unit()),
                        failure -> {
                            card.unreadable(failure.getMessage());
                            desk.notices().refuse(failure.getMessage());
                        },
                        () -> {});
    }

    private Image picture(Artwork artwork) {
        Job job = artwork.asJob();
        double longest = Math.max(artwork.width(), artwork.height());
        Box square = new Box((artwork.width() - longest) / 2, (artwork.height() - longest) / 2, longest, longest);
        double scale = 2 * ShelfCard.PICTURE / longest;
        return ScenePainting.elements(
                SheetScene.of(job, job.sheets().getFirst()), artwork.elements(), square, scale, desk.pictures());
    }

    private static double share(Artwork artwork) {
        double longest = Math.max(artwork.width(), artwork.height());
        return Math.clamp(longest / USUAL_LARGEST, LEAST_SHARE, 1);
    }

    private ShelfCard card(ShelfThing thing) {
        ShelfCard card = new ShelfCard(thing);
        card.setOnMousePressed(e -> {
            card.requestFocus();
            card.artwork().ifPresent(a -> taking.taken(card.image(), a));
        });
        card.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                card.artwork().ifPresent(taking::placed);
            }
        });
        card.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                card.artwork().ifPresent(taking::placed);
                e.consume();
            }
        });
        return card;
    }

    private void filter(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        boolean any = false;
        for (Node node : cards.getChildren()) {
            ShelfThing thing = ((ShelfCard) node).thing();
            boolean match = thing.title().toLowerCase(Locale.ROOT).contains(wanted)
                    || thing.set().contains(wanted);
            node.setVisible(match);
            node.setManaged(match);
            any |= match;
        }
        nothing.setVisible(!any);
    }

    private void units() {
        cards().forEach(c -> c.unit(desk.bench().job().unit()));
    }
}
