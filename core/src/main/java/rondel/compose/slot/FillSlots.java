package rondel.compose.slot;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import rondel.compose.spacing.ReadingOrder;
import rondel.fields.RecipeName;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Fit;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Placing;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts pictures into windows, in reading order: the first picture into the first window, and so on. A window that has a
 *  picture swaps it and keeps its fit; one that lies free covers the same place.
 *
 * @param pictures no more than there are windows; the windows left over stay as they are */
@RecipeName("fill-windows")
public record FillSlots(List<ElementId> elements, List<Media> pictures) implements Operation {

    public FillSlots {
        elements = List.copyOf(elements);
        pictures = List.copyOf(pictures);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        ids.forEach(id -> Slots.of(job.located(id).element()));
        if (pictures.isEmpty() || pictures.size() > ids.size()) {
            throw Refusal.of("window.count", pictures.size(), ids.size());
        }
        List<ElementId> order = ReadingOrder.of(job, ids);
        Map<ElementId, Media> filling = new HashMap<>();
        for (int i = 0; i < pictures.size(); i++) {
            filling.put(order.get(i), pictures.get(i));
        }
        Placing placing = new Placing(job);
        Job filled = Tree.replace(
                job.withMedia(pictures),
                filling.keySet(),
                (e, toSheet) -> filled((GroupElement) e, filling.get(e.id()), toSheet, placing::freshId));
        return filled.withNextNumber(placing.next());
    }

    /** A window with another picture in it, laid as the window's fit says.
     *
     * @param fresh asked for an id where there was no picture yet */
    public static Element filled(GroupElement slot, Media media, Affine toSheet, Supplier<ElementId> fresh) {
        Optional<PictureElement> old = slot.children().stream()
                .filter(PictureElement.class::isInstance)
                .map(PictureElement.class::cast)
                .findFirst();
        ElementId id = old.map(Element::id).orElseGet(fresh);
        PictureElement shown = new PictureElement(
                Traits.named("").withId(id), media.id(), new Box(0, 0, media.width(), media.height()));
        if (old.isPresent() && slot.slot().filter(f -> f == Fit.FREE).isPresent()) {
            return slot.withChildren(List.of(covering(shown, old.get())));
        }
        return Fitting.fitted(slot.withChildren(List.of(shown)), toSheet);
    }

    /** Where the old picture lay, turned as it was, large enough to cover the same place. */
    private static PictureElement covering(PictureElement fresh, PictureElement old) {
        double scale = Math.max(
                old.frame().width() / fresh.frame().width(),
                old.frame().height() / fresh.frame().height());
        Affine lay = old.placement()
                .times(Affine.translate(
                        old.frame().centre().x(), old.frame().centre().y()))
                .times(Affine.scale(scale, scale))
                .times(Affine.translate(
                        -fresh.frame().centre().x(), -fresh.frame().centre().y()));
        return fresh.withTraits(fresh.traits().withPlacement(lay));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.fillWindows");
    }
}
