package rondel.compose.arrange;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.job.Placing;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Copies an arrangement for one corner to the other three of its sheet or of a box, mirrored across, down, and both. The
 *  copies stand in front of the arrangement, in its group.
 *
 * @param within the box whose corners are meant, in mm on the sheet; the sheet's trim where none is given
 * @param linked whether the copies follow each other's edits until they are unlinked */
public record MirrorToCorners(List<ElementId> elements, Optional<Box> within, boolean linked) implements Operation {

    public MirrorToCorners {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.existing(job, elements);
        Located first = job.located(elements.getFirst());
        Point middle = within.orElse(first.sheet().trim()).centre();
        List<Affine> mirrors =
                List.of(Affine.scale(-1, 1, middle), Affine.scale(1, -1, middle), Affine.scale(-1, -1, middle));
        Job copied = Copying.of(job, ids, first.toSheet(), mirrors);
        return linked ? linked(job, copied) : copied;
    }

    /** Links each element with its copies: the originals in their order, and after them their copies, mirror by mirror, each in the same order. */
    private Job linked(Job before, Job copied) {
        Set<ElementId> ids = Tree.outermost(before, elements);
        if (before.located(elements.getFirst()).siblings().stream()
                        .filter(e -> ids.contains(e.id()))
                        .count()
                != ids.size()) {
            throw Refusal.of("group.notSiblings");
        }
        List<ElementId> originals =
                before.everything().map(Element::id).filter(ids::contains).toList();
        List<ElementId> copies = new Duplicate(originals, 0, 0).selects(before, copied);
        Placing placing = new Placing(copied);
        Map<ElementId, Optional<Link>> links = new HashMap<>();
        for (int i = 0; i < originals.size(); i++) {
            Optional<Link> link = Optional.of(new Link.Alike(placing.freshId().value()));
            links.put(originals.get(i), link);
            for (int at = i; at < copies.size(); at += originals.size()) {
                links.put(copies.get(at), link);
            }
        }
        Job done = Tree.replace(copied, links.keySet(), (e, toSheet) -> e.with(t -> t.withLink(links.get(e.id()))));
        return done.withNextNumber(placing.next());
    }

    /** The arrangement with its copies. */
    @Override
    public List<ElementId> selects(Job before, Job after) {
        return Copying.withCopies(elements, before, after);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.mirrorToCorners");
    }
}
