package rondel.desktop.compose.shelf;

import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import rondel.desktop.look.Hint;
import rondel.desktop.look.Icons;
import rondel.desktop.look.NameLabel;
import rondel.formats.files.FileName;
import rondel.formats.shelf.Thing;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.Decimals;
import rondel.words.Words;

/** One thing on the shelf: its picture, at the scale of the others, its name and true size. */
final class ShelfCard extends VBox {

    static final double PICTURE = 66;

    /** How wide a card is, in px. */
    static final double WIDTH = 97;

    private final ImageView picture = new ImageView();
    private final Label name = new NameLabel();
    private final Label size = new Label();
    private final Node star = Icons.FAVOURITE.node();
    private String told = "";
    private Optional<Thing> thing = Optional.empty();
    private Optional<ThingPicture> shown = Optional.empty();

    ShelfCard() {
        super(0);
        getStyleClass().add("shelf-card");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_ITEM);
        picture.setPreserveRatio(true);
        star.getStyleClass().add("favourite");
        StackPane.setAlignment(star, javafx.geometry.Pos.TOP_RIGHT);
        StackPane frame = new StackPane(picture, star);
        frame.setMinSize(PICTURE, PICTURE);
        frame.setPrefSize(PICTURE, PICTURE);
        frame.setMaxSize(PICTURE, PICTURE);
        frame.getStyleClass().add("shelf-picture");
        name.getStyleClass().add("card-name");
        size.getStyleClass().add("quiet");
        Hint.on(this, () -> told);
        size.setMinWidth(USE_PREF_SIZE);
        setPrefWidth(WIDTH);
        setMinWidth(WIDTH);
        setMaxWidth(WIDTH);
        setAlignment(javafx.geometry.Pos.CENTER);
        getChildren().addAll(frame, name, size);
    }

    Optional<Thing> thing() {
        return thing;
    }

    Optional<ThingPicture> picture() {
        return shown;
    }

    /** Shows another thing, whose picture is yet to come; or nothing. */
    void show(Optional<Thing> other) {
        thing = other;
        shown = Optional.empty();
        picture.setImage(null);
        size.setText("");
        setVisible(other.isPresent());
        other.ifPresent(t -> {
            setId("shelf-" + FileName.stem(t.file()));
            setAccessibleText(t.title());
            name.setText(t.title());
            star.setVisible(t.favourite());
            told = told(t);
        });
    }

    private static String told(Thing t) {
        StringBuilder told = new StringBuilder(t.title());
        if (!t.tags().isEmpty()) {
            told.append('\n').append(String.join(", ", t.tags()));
        }
        t.provenance().ifPresent(p -> {
            told.append('\n').append(Words.of("licence." + p.licence()));
            if (!p.author().isBlank()) {
                told.append(" · ").append(p.author());
            }
        });
        return told.toString();
    }

    /** Shows how the thing looks; one that can't be read has a dash for its size. */
    void show(Optional<ThingPicture> read, LengthUnit unit) {
        shown = read;
        read.ifPresent(p -> {
            picture.setImage(p.image());
            picture.setFitWidth(PICTURE * p.share());
            picture.setFitHeight(PICTURE * p.share());
        });
        size.setText(read.map(p -> brief(p.width(), unit) + "×" + brief(p.height(), unit))
                .orElse(Words.of("shelf.unreadable")));
        read.ifPresent(p -> told = told(thing.orElseThrow()) + "\n" + LengthFormat.size(p.width(), p.height(), unit));
    }

    /** A length as it has room on a card; the hint has it exactly. */
    private static String brief(double mm, LengthUnit unit) {
        double there = unit.fromMm(mm);
        return there < 10 ? Decimals.of(there, 1) : Long.toString(Math.round(there));
    }
}
