package rondel.lines.backdrop;

import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.job.BackdropSettings;
import rondel.job.Cleared;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Clears the backdrop of pictures. The picture as it came is kept beside what is shown, with how it was cleared, so that it can
 *  be cleared otherwise or be whole again at any time. */
public record ClearBackdrop(List<ElementId> elements, BackdropSettings settings) implements Operation {

    public ClearBackdrop {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return cleared(job);
    }

    /** The job with the pictures cleared; a draft clears smaller ones. */
    Job cleared(Job job) {
        boolean sound = settings.tolerance() >= 0
                && settings.tolerance() <= 1
                && settings.softness() >= 0
                && settings.softness() <= 200
                && settings.strokes().stream()
                        .allMatch(s ->
                                s.radius() > 0 && s.radius() <= 1 && !s.points().isEmpty());
        if (!sound) {
            throw Refusal.of("backdrop.bad");
        }
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Map<ElementId, Media> cut = new HashMap<>();
        for (ElementId id : ids) {
            cut.put(id, cut(job, job.located(id).element()));
        }
        Job with = job.withMedia(List.copyOf(cut.values()));
        return Tree.replace(with, ids, (e, toSheet) -> {
            PictureElement p = (PictureElement) e;
            return new PictureElement(
                    p.traits(), cut.get(p.id()).id(), p.frame(), Optional.of(new Cleared(p.whole(), settings)));
        });
    }

    private Media cut(Job job, Element e) {
        if (!(e instanceof PictureElement p) || !job.media().containsKey(p.whole())) {
            throw Refusal.of("backdrop.noPicture", Targets.display(e));
        }
        Media whole = job.media().get(p.whole());
        BufferedImage image = whole.pixels();
        byte[] painted = BrushMask.of(settings.strokes(), image.getWidth(), image.getHeight());
        boolean[] backdrop = RegionGrowing.of(LabImage.of(image), settings, painted);
        boolean anyLeft = false;
        for (boolean b : backdrop) {
            anyLeft |= !b;
        }
        if (!anyLeft) {
            throw Refusal.of("backdrop.nothingLeft", Targets.display(e));
        }
        return whole.withPixels(Matting.of(image, backdrop, settings.softness(), painted));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.clearBackdrop");
    }
}
