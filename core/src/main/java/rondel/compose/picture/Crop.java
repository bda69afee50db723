package rondel.compose.picture;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.PictureElement;
import rondel.job.Placing;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.raster.SeenBox;
import rondel.words.Refusal;
import rondel.words.Words;

/** Shows only a part of elements: each goes into a group that clips it to a rectangle, and unclipping brings all of it back. To crop
 *  to any shape, clip with it.
 *
 * @param to the rectangle on the sheet; what can be seen of each picture where none is given */
public record Crop(List<ElementId> elements, Optional<Box> to) implements Operation {

    public Crop {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        to.ifPresent(b -> {
            Targets.finite(b.right(), "width");
            Targets.finite(b.bottom(), "height");
        });
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Placing placing = new Placing(job);
        Job done = Tree.replace(job, ids, (e, toSheet) -> cropped(job, e, toSheet, placing));
        return done.withNextNumber(placing.next());
    }

    private Element cropped(Job job, Element e, Affine toSheet, Placing placing) {
        Outline clip = to.isPresent() ? rectangle(e, toSheet) : seen(job, e);
        Traits outer = e.traits().withPlacement(Affine.IDENTITY).withId(placing.freshId());
        Element inner = e.with(t -> Traits.named(t.name()).withId(t.id()).withPlacement(t.placement()));
        return new GroupElement(
                outer, List.of(inner), Optional.of(new Clip(clip, FillRule.NON_ZERO)), Optional.empty());
    }

    /** In the space around the element. */
    private Outline rectangle(Element e, Affine toSheet) {
        Affine back = toSheet.inverse().orElseThrow(() -> Refusal.of("operation.flattened", Targets.display(e)));
        boolean meets =
                Extent.of(e, toSheet).filter(b -> b.intersects(to.get())).isPresent();
        if (!meets || !(to.get().width() > 0 && to.get().height() > 0)) {
            throw Refusal.of("crop.nothingLeft", Targets.display(e));
        }
        return Outline.rectangle(to.get()).transformed(back);
    }

    private static Outline seen(Job job, Element e) {
        if (!(e instanceof PictureElement p)) {
            throw Refusal.of("crop.noPicture", Targets.display(e));
        }
        Box seen = p.seen()
                .or(() -> Optional.ofNullable(job.media().get(p.media()))
                        .flatMap(m -> SeenBox.of(m, p.frame(), SeenBox.THRESHOLD)))
                .orElseThrow(() -> Refusal.of("crop.allSeen", Targets.display(e)));
        return Outline.rectangle(seen).transformed(p.placement());
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return Targets.addedGroups(before, after);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.crop");
    }
}
