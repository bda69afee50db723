package rondel.desktop.shelf;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import rondel.formats.artwork.Artwork;
import rondel.formats.files.FileName;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;

/** One thing on the shelf: its picture, at the scale of the others, its name and true size. */
final class ShelfCard extends VBox {

    static final double PICTURE = 84;

    private final ShelfThing thing;
    private final ImageView picture = new ImageView();
    private final Label size = new Label();
    private Optional<Artwork> artwork = Optional.empty();

    ShelfCard(ShelfThing thing) {
        super(2);
        this.thing = thing;
        getStyleClass().add("shelf-card");
        setId("shelf-" + FileName.stem(thing.name()));
        setFocusTraversable(true);
        setAccessibleText(thing.title());
        picture.setPreserveRatio(true);
        StackPane frame = new StackPane(picture);
        frame.setMinSize(PICTURE, PICTURE);
        frame.setPrefSize(PICTURE, PICTURE);
        frame.setMaxSize(PICTURE, PICTURE);
        Label name = new Label(thing.title());
        name.getStyleClass().add("card-name");
        name.setMaxWidth(PICTURE + 8);
        size.getStyleClass().add("quiet");
        Tooltip.install(this, new Tooltip(thing.title()));
        getChildren().addAll(frame, name, size);
    }

    ShelfThing thing() {
        return thing;
    }

    Optional<Artwork> artwork() {
        return artwork;
    }

    Image image() {
        return picture.getImage();
    }

    /** @param share of the card's picture that the thing fills, so that things keep their proportion to each other */
    void show(Artwork read, Image image, double share, LengthUnit unit) {
        artwork = Optional.of(read);
        picture.setImage(image);
        picture.setFitWidth(PICTURE * share);
        picture.setFitHeight(PICTURE * share);
        unit(unit);
    }

    void unit(LengthUnit unit) {
        artwork.ifPresent(a ->
                size.setText(LengthFormat.number(a.width(), unit) + " × " + LengthFormat.withUnit(a.height(), unit)));
    }

    void unreadable(String sentence) {
        size.setText("—");
        Tooltip.install(this, new Tooltip(sentence));
    }
}
