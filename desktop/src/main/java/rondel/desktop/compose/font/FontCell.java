package rondel.desktop.compose.font;

import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.look.Hint;
import rondel.desktop.look.Icons;
import rondel.formats.fonts.FontFamily;
import rondel.words.Words;

/** A family in the list: the person's own words in its face, its name, how many styles it has, and whether it is liked. */
final class FontCell extends ListCell<FontFamily> {

    private final FontPictures pictures;
    private final Supplier<String> words;
    private final Supplier<FontListModel> model;
    private final ImageView picture = new ImageView();
    private final Label name = new Label();
    private final Label styles = new Label();
    private final ToggleButton like = new ToggleButton();
    private final HBox row;

    /** The family that is shown: read where pictures are painted, so that none is painted for a cell that has scrolled on. */
    private volatile Optional<FontFamily> shown = Optional.empty();

    FontCell(
            FontPictures pictures,
            Supplier<String> words,
            Supplier<FontListModel> model,
            BiConsumer<FontFamily, Boolean> liked) {
        this.pictures = pictures;
        this.words = words;
        this.model = model;
        picture.setFitWidth(FontPictures.WIDTH);
        picture.setFitHeight(FontPictures.HEIGHT);
        name.getStyleClass().add("font-name");
        styles.getStyleClass().add("quiet");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox below = new HBox(6, name, space, styles);
        VBox words2 = new VBox(0, picture, below);
        HBox.setHgrow(words2, Priority.ALWAYS);
        like.setGraphic(Icons.FAVOURITE.node());
        like.getStyleClass().add("like");
        like.setFocusTraversable(false);
        Hint.on(like, Words.of("font.like"));
        like.setOnAction(e -> shown.ifPresent(f -> liked.accept(f, like.isSelected())));
        row = new HBox(4, words2, like);
        row.setAlignment(Pos.CENTER_LEFT);
        setPrefWidth(0); // as wide as the list, and no wider
    }

    @Override
    protected void updateItem(FontFamily family, boolean empty) {
        super.updateItem(family, empty);
        if (empty || family == null) {
            shown = Optional.empty();
            setGraphic(null);
            return;
        }
        Optional<FontFamily> now = Optional.of(family);
        shown = now;
        setGraphic(row);
        setAccessibleText(family.name());
        name.setText(family.name());
        int count = family.styles().size();
        styles.setText(count > 1 ? Words.of("font.styles", count) : "");
        like.setSelected(model.get().marks().favourites().contains(family.name()));
        like.setAccessibleText(Words.of("font.like"));
        picture.setImage(null);
        String sample = words.get().isBlank() ? family.name() : words.get();
        pictures.of(family.first(), sample, () -> shown == now, image -> picture.setImage(image.orElse(null)));
    }
}
