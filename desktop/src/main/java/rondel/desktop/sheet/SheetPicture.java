package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.animation.PauseTransition;
import javafx.scene.Group;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;
import javafx.util.Duration;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Workers;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.paint.PictureSource;

/** The sheet's artwork as tiles, painted elsewhere. Panning moves the tiles there are; zooming stretches them until
 *  sharper ones arrive; an edit repaints only the tiles it touches, and the old ones stay until then. */
final class SheetPicture extends Pane {

    /** A tile on show, or on its way. */
    private static final class Tile {
        final ImageView view = new ImageView();
        SheetScene wanted;
        SheetScene asked;
        SheetScene painted;
        Workers.Task task = new Workers.Task();
        int failures;
    }

    private static final int TRIES = 3;
    private static final Duration BEFORE_TRYING_AGAIN = Duration.seconds(2);

    private final Workers workers;
    private final PictureSource pictures;
    /** What the person knows of that can't be painted. */
    private final Set<ElementId> told = new HashSet<>();

    private final Notices notices;
    private final Map<TileKey, Tile> tiles = new HashMap<>();
    private final Group sharp = new Group();
    private final Group stretched = new Group();
    private final List<Runnable> whenSharp = new ArrayList<>();
    private double stretchedScale;
    private double density = 1;
    private SheetScene scene;
    private Viewport viewport = new Viewport(Viewport.TRUE_SIZE, 0, 0);

    SheetPicture(Workers workers, PictureSource pictures, Notices notices) {
        this.notices = notices;
        this.workers = workers;
        this.pictures = pictures;
        setMouseTransparent(true);
        sharp.setManaged(false);
        stretched.setManaged(false);
        getChildren().addAll(stretched, sharp);
    }

    /** Shows another state of the sheet. */
    void show(SheetScene next) {
        Optional<Box> dirty = scene == null ? Optional.empty() : next.changedSince(scene);
        boolean other = scene == null || !scene.sheet().id().equals(next.sheet().id());
        if (other) {
            clear();
        }
        scene = next;
        tiles.forEach((key, tile) -> {
            if (dirty.isPresent() && key.area().intersects(dirty.get())) {
                tile.wanted = next;
            } else if (tile.wanted == tile.painted) {
                tile.painted = next;
                tile.wanted = next;
            }
        });
        refresh();
    }

    /** Shows another part of the sheet, or at another scale. */
    void look(Viewport next) {
        if (next.scale() != viewport.scale()) {
            keepStretched();
        }
        viewport = next;
        refresh();
    }

    /** Paints for a screen of another density from now on. */
    void density(double other) {
        if (other != density) {
            keepStretched();
            density = other;
            refresh();
        }
    }

    double density() {
        return density;
    }

    /** Runs once all that is visible is painted as it should be. */
    void whenSharp(Runnable action) {
        whenSharp.add(action);
        settled();
    }

    boolean isSharp() {
        return scene != null
                && getWidth() > 0
                && TileKey.visible(viewport, getWidth(), getHeight(), density).stream()
                        .allMatch(k -> tiles.containsKey(k) && tiles.get(k).painted == tiles.get(k).wanted);
    }

    @Override
    protected void layoutChildren() {
        refresh();
    }

    private void clear() {
        tiles.values().forEach(t -> t.task.cancel());
        tiles.clear();
        sharp.getChildren().clear();
        stretched.getChildren().clear();
    }

    private void keepStretched() {
        boolean anyPainted = tiles.values().stream().anyMatch(t -> t.view.getImage() != null);
        tiles.values().forEach(t -> t.task.cancel());
        tiles.clear();
        if (anyPainted) {
            stretched.getChildren().setAll(List.copyOf(sharp.getChildren()));
            stretchedScale = viewport.scale();
        }
        sharp.getChildren().clear();
    }

    private void refresh() {
        if (scene == null || getWidth() <= 0 || getHeight() <= 0) {
            return;
        }
        sharp.setTranslateX(viewport.originX());
        sharp.setTranslateY(viewport.originY());
        double k = stretchedScale == 0 ? 1 : viewport.scale() / stretchedScale;
        stretched
                .getTransforms()
                .setAll(new javafx.scene.transform.Affine(k, 0, viewport.originX(), 0, k, viewport.originY()));
        List<TileKey> visible = TileKey.visible(viewport, getWidth(), getHeight(), density);
        forgetFarAway(visible);
        for (TileKey key : visible.reversed()) {
            request(key);
        }
        settled();
    }

    private void forgetFarAway(List<TileKey> visible) {
        if (tiles.size() > 3 * visible.size() + 16) {
            tiles.entrySet().removeIf(e -> {
                boolean far = !visible.contains(e.getKey());
                if (far) {
                    e.getValue().task.cancel();
                    sharp.getChildren().remove(e.getValue().view);
                }
                return far;
            });
        }
    }

    private void request(TileKey key) {
        Tile tile = tiles.computeIfAbsent(key, k -> {
            Tile made = new Tile();
            made.view.setX(k.column() * (double) TileKey.SIDE);
            made.view.setY(k.row() * (double) TileKey.SIDE);
            made.view.setFitWidth(k.pixels() / k.density());
            made.view.setFitHeight(k.pixels() / k.density());
            sharp.getChildren().add(made.view);
            made.wanted = scene;
            return made;
        });
        SheetScene wanted = tile.wanted;
        if (tile.painted == wanted || tile.asked == wanted) {
            return;
        }
        tile.asked = wanted;
        tile.task.cancel();
        tile.task = workers.paint(
                () -> ScenePainting.tile(wanted, key, pictures),
                painted -> {
                    tile.view.setImage(painted.image());
                    painted.unpainted().forEach((id, why) -> {
                        if (told.add(id)) {
                            notices.refuse(why);
                        }
                    });
                    tile.painted = wanted;
                    tile.failures = 0;
                    settled();
                },
                why -> failed(key, tile, wanted, why));
    }

    /** A tile that can't be painted is marked, holds up nothing, and is tried again after a while, and with the next change. */
    private void failed(TileKey key, Tile tile, SheetScene wanted, Throwable why) {
        tile.view.setImage(ScenePainting.unpainted());
        tile.painted = wanted;
        if (++tile.failures == 1) {
            notices.failed(why);
        }
        if (tile.failures <= TRIES) {
            PauseTransition pause = new PauseTransition(BEFORE_TRYING_AGAIN);
            pause.setOnFinished(e -> {
                if (tiles.get(key) == tile && tile.painted == wanted && tile.wanted == wanted) {
                    tile.painted = null;
                    tile.asked = null;
                    request(key);
                }
            });
            pause.play();
        }
        settled();
    }

    private void settled() {
        if (isSharp()) {
            stretched.getChildren().clear();
            List<Runnable> actions = List.copyOf(whenSharp);
            whenSharp.clear();
            actions.forEach(Runnable::run);
        }
    }
}
