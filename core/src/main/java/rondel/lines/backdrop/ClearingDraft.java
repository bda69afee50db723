package rondel.lines.backdrop;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Set;
import rondel.job.BackdropSettings;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Tree;
import rondel.paint.PictureSource;

/** What clearing backdrops will look like, told in a fraction of the time on smaller copies of the pictures: to be looked at
 *  while figures are chosen. */
public final class ClearingDraft {

    private ClearingDraft() {}

    /** The job with copies of the pictures, cleared; pictures that are no finer than a copy would be are cleared themselves.
     *
     * @throws rondel.words.Refusal as clearing does */
    public static Job of(Job job, ClearBackdrop clearing, PictureSource pictures) {
        Job draft = job;
        for (ElementId id : clearing.elements()) {
            BackdropSettings settings = clearing.settings();
            if (job.located(id).element() instanceof PictureElement p
                    && job.media().containsKey(p.whole())) {
                Media whole = job.media().get(p.whole());
                double scale = BackdropTuning.DRAFT_FINENESS / Math.max(whole.width(), whole.height());
                BufferedImage copy = pictures.pixels(whole, Math.min(1, scale));
                double part = (double) copy.getWidth() / whole.width();
                settings = settings.withFigures(settings.tolerance(), settings.softness() * part, settings.pockets());
                draft = part < 1 ? withCopy(draft, p, whole.withPixels(copy)) : draft;
            }
            draft = new ClearBackdrop(List.of(id), settings).cleared(draft);
        }
        return draft;
    }

    private static Job withCopy(Job job, PictureElement picture, Media copy) {
        return Tree.replace(
                job.withMedia(List.of(copy)),
                Set.of(picture.id()),
                (e, toSheet) -> new PictureElement(e.traits(), copy.id(), picture.frame()));
    }
}
