package rondel.compose.picture;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import rondel.job.ChangedElements;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Media;
import rondel.job.PictureBounds;
import rondel.job.PictureElement;
import rondel.job.Sheet;
import rondel.job.Tree;
import rondel.raster.SeenBox;

/** Keeps what counts of pictures to what the job says: a picture that is new, or shows another file, is measured anew by what can
 *  be seen of it, or by its frame. */
public final class SeenPictures {

    private SeenPictures() {}

    public static Job follow(Job before, Job after) {
        Map<ElementId, PictureElement> measured = new HashMap<>();
        for (Sheet sheet : after.sheets()) {
            ChangedElements.of(before, sheet).forEach(e -> look(before, after, e, measured));
        }
        return measured.isEmpty()
                ? after
                : Tree.replace(after, measured.keySet(), (e, toSheet) -> measured.get(e.id()));
    }

    private static void look(Job before, Job after, Element e, Map<ElementId, PictureElement> measured) {
        e.children().forEach(c -> look(before, after, c, measured));
        if (e instanceof PictureElement p && isNew(before, p)) {
            PictureElement now = measured(after, p, SeenBox.THRESHOLD);
            if (!now.seen().equals(p.seen())) {
                measured.put(p.id(), now);
            }
        }
    }

    private static boolean isNew(Job before, PictureElement p) {
        Optional<Element> was = before.find(p.id()).map(Located::element);
        return was.isEmpty()
                || was.get() != p
                        && !(was.get() instanceof PictureElement old
                                && old.media().equals(p.media())
                                && old.frame().equals(p.frame()));
    }

    /** A picture as the job measures it. */
    static PictureElement measured(Job job, PictureElement p, double threshold) {
        Optional<Media> media = Optional.ofNullable(job.media().get(p.media()));
        return p.withSeen(
                job.picturesBy() == PictureBounds.SEEN
                        ? media.flatMap(m -> SeenBox.of(m, p.frame(), threshold))
                        : Optional.empty());
    }
}
