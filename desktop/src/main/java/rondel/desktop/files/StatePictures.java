package rondel.desktop.files;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import rondel.desktop.desk.Workers;
import rondel.desktop.look.FxPictures;
import rondel.history.PastState;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.paint.PictureSource;

/** Small pictures of what a job was after each edit: of the sheet that is open now, painted when they are first looked at. */
public final class StatePictures {

    private static final double LONGEST = 54;

    private final SheetId sheet;
    private final PictureSource pictures;
    private final Workers workers;
    private final Map<PastState, Image> painted = new HashMap<>();

    StatePictures(SheetId sheet, PictureSource pictures, Workers workers) {
        this.sheet = sheet;
        this.pictures = pictures;
        this.workers = workers;
    }

    /** Hands over the picture of a state, at once where it is painted already. */
    public void show(PastState state, Consumer<Image> shown) {
        Image known = painted.get(state);
        if (known != null) {
            shown.accept(known);
            return;
        }
        workers.paint(
                () -> {
                    Sheet of = state.job().sheets().stream()
                            .filter(s -> s.id().equals(sheet))
                            .findFirst()
                            .orElseGet(() -> state.job().sheets().getFirst());
                    double scale = LONGEST / Math.max(of.width(), of.height());
                    return FxPictures.of(SheetPainting.of(state.job(), of, scale, pictures));
                },
                image -> {
                    painted.put(state, image);
                    shown.accept(image);
                });
    }
}
