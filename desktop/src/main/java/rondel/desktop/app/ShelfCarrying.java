package rondel.desktop.app;

import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.image.ImageView;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import rondel.desktop.compose.shelf.ShelfModel;
import rondel.desktop.compose.shelf.ShelfView;
import rondel.desktop.compose.shelf.ThingPicture;
import rondel.desktop.files.ArtworkActions;
import rondel.desktop.sheet.SheetView;
import rondel.formats.shelf.Thing;
import rondel.geometry.Point;

/** Carries a thing from the shelf to the sheet, wherever the pointer goes in between. */
final class ShelfCarrying implements ShelfView.Taking {

    private static final double SEEN = 0.85;

    /** A thing that is being carried. */
    private record Carried(ThingPicture picture, Thing thing) {}

    private final SheetView sheet;
    private final ShelfModel shelf;
    private final ArtworkActions artwork;
    private final ImageView carried = new ImageView();
    private final Pane layer = new Pane(carried);
    private Optional<Carried> taken = Optional.empty();

    ShelfCarrying(SheetView sheet, ShelfModel shelf, ArtworkActions artwork) {
        this.sheet = sheet;
        this.shelf = shelf;
        this.artwork = artwork;
        layer.setMouseTransparent(true);
        carried.setVisible(false);
        carried.setOpacity(SEEN);
    }

    /** What is carried, over the window. */
    Pane layer() {
        return layer;
    }

    @Override
    public void taken(ThingPicture picture, Thing thing) {
        taken = Optional.of(new Carried(picture, thing));
        carried.setImage(picture.image());
    }

    @Override
    public void placed(Thing thing) {
        shelf.file(thing).ifPresent(f -> artwork.place(thing, f, sheet.middle()));
    }

    void dragged(MouseEvent e) {
        taken.ifPresent(t -> {
            double side = t.picture.longest() * sheet.viewport().scale();
            carried.setFitWidth(side);
            carried.setFitHeight(side);
            carried.setX(e.getSceneX() - side / 2);
            carried.setY(e.getSceneY() - side / 2);
            carried.setVisible(true);
        });
    }

    void released(MouseEvent e) {
        Point2D place = sheet.sceneToLocal(e.getSceneX(), e.getSceneY());
        if (carried.isVisible() && sheet.contains(place)) {
            Thing thing = taken.orElseThrow().thing;
            Point at = sheet.viewport().toSheet(place.getX(), place.getY());
            shelf.file(thing).ifPresent(f -> artwork.place(thing, f, at));
            sheet.requestFocus();
        }
        carried.setVisible(false);
        taken = Optional.empty();
    }
}
