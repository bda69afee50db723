package rondel.desktop.compose.shelf;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import rondel.cache.LastUsed;
import rondel.desktop.desk.Workers;
import rondel.desktop.sheet.ScenePainting;
import rondel.desktop.sheet.SheetScene;
import rondel.formats.artwork.Artwork;
import rondel.formats.reading.ArtworkReader;
import rondel.geometry.Box;
import rondel.job.Job;
import rondel.paint.PictureSource;
import rondel.words.Refusal;

/** Pictures of things on the shelf, read and painted in the background, what is looked at now first. The last ones looked
 *  at are kept. */
final class ShelfPictures {

    private static final int KEPT = 250;

    private final Workers workers;
    private final ArtworkReader reader;
    private final PictureSource pictures;
    private final Map<Path, Optional<ThingPicture>> kept = new LastUsed<>(KEPT);

    private final Map<Path, List<Consumer<Optional<ThingPicture>>>> awaited = new HashMap<>();

    ShelfPictures(Workers workers, ArtworkReader reader, PictureSource pictures) {
        this.workers = workers;
        this.reader = reader;
        this.pictures = pictures;
    }

    boolean isIdle() {
        return awaited.isEmpty();
    }

    /** Gives the picture of a file, now or when it is painted; nothing where the file can't be read. */
    void of(Path file, Consumer<Optional<ThingPicture>> ready) {
        Optional<ThingPicture> known = kept.get(file);
        if (known != null) {
            ready.accept(known);
            return;
        }
        List<Consumer<Optional<ThingPicture>>> waiting = awaited.get(file);
        if (waiting != null) {
            waiting.add(ready);
            return;
        }
        awaited.put(file, new ArrayList<>(List.of(ready)));
        workers.paint(() -> picture(file), picture -> {
            kept.put(file, picture);
            awaited.remove(file).forEach(w -> w.accept(picture));
        });
    }

    private Optional<ThingPicture> picture(Path file) {
        try {
            Artwork artwork = reader.read(file);
            Job job = artwork.asJob();
            Box page = new Box(0, 0, artwork.width(), artwork.height());
            SheetScene scene = SheetScene.of(job, job.sheets().getFirst());
            return Optional.of(new ThingPicture(
                    ScenePainting.small(scene, artwork.elements(), page, 2 * ShelfCard.PICTURE, pictures),
                    artwork.width(),
                    artwork.height()));
        } catch (Refusal e) {
            org.slf4j.LoggerFactory.getLogger(ShelfPictures.class).debug("no picture of {}", file, e);
            return Optional.empty();
        }
    }
}
