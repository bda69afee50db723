package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.formats.proof.SoftProof;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.Sheet;
import rondel.paint.PaintedExtent;

/** One state of a sheet to be painted: a snapshot that any thread may read.
 *
 * @param without what is left out because it is being dragged
 * @param colours as they are drawn, or as they are printed */
public record SheetScene(Sheet sheet, Map<MediaId, Media> media, Set<ElementId> without, SoftProof.Shown colours) {

    /** From so many changed elements on, all is painted anew: measuring them takes longer than they are worth. */
    private static final int MANY = 300;

    private static final Box EVERYWHERE = new Box(-1e6, -1e6, 2e6, 2e6);

    public static SheetScene of(Job job, Sheet sheet) {
        return new SheetScene(sheet, job.media(), Set.of(), SoftProof.Shown.AS_DRAWN);
    }

    public SheetScene leavingOut(Set<ElementId> ids) {
        return new SheetScene(sheet, media, Set.copyOf(ids), colours);
    }

    SheetScene withColours(SoftProof.Shown other) {
        return new SheetScene(sheet, media, without, other);
    }

    /** Where this scene may look different from {@code before}, by comparing which elements are the same objects; nothing
     *  where it looks the same. */
    public Optional<Box> changedSince(SheetScene before) {
        if (before.colours != colours) {
            return Optional.of(EVERYWHERE);
        }
        List<Box> boxes = new ArrayList<>();
        if (before.sheet != sheet) {
            List<Element> changed = SheetDifference.changed(before.sheet.elements(), sheet.elements());
            if (changed.size() > MANY) {
                return Optional.of(EVERYWHERE);
            }
            changed.stream()
                    .filter(e -> !(without.contains(e.id()) && before.without.contains(e.id())))
                    .forEach(e -> PaintedExtent.of(e, Affine.IDENTITY).ifPresent(boxes::add));
        }
        if (!before.without.equals(without)) {
            boxes.addAll(inked(before.sheet, before.without, without));
            boxes.addAll(inked(sheet, without, before.without));
        }
        return Box.around(boxes).map(b -> b.grown(0.5));
    }

    private static List<Box> inked(Sheet sheet, Set<ElementId> ids, Set<ElementId> except) {
        return ids.stream()
                .filter(id -> !except.contains(id))
                .flatMap(id -> sheet.find(id).stream())
                .flatMap(l -> PaintedExtent.of(l.element(), l.toSheet()).stream())
                .toList();
    }
}
