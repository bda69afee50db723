package rondel.compose.picture;

import java.util.HashSet;
import java.util.Set;
import rondel.fields.LeftOut;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.PictureBounds;
import rondel.job.PictureElement;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Says what of pictures counts for their size, gaps and places, in the whole job: what can be seen of them, or their frames. Nothing
 *  moves.
 *
 * @param threshold from which opacity, 0 to 1, a pixel counts as seen */
public record SetPictureBounds(
        PictureBounds by, @LeftOut("0.1") double threshold) implements Operation {

    @Override
    public Job apply(Job job) {
        if (!(threshold > 0 && threshold <= 1)) {
            throw Refusal.of("pictures.threshold");
        }
        Job by = job.withPicturesBy(this.by);
        Set<ElementId> pictures = new HashSet<>();
        job.everything()
                .filter(PictureElement.class::isInstance)
                .map(Element::id)
                .forEach(pictures::add);
        return Tree.replace(by, pictures, (e, toSheet) -> SeenPictures.measured(by, (PictureElement) e, threshold));
    }

    @Override
    public String label() {
        return Words.of("operation.pictureBounds");
    }
}
