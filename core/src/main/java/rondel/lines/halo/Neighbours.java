package rondel.lines.halo;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.job.Sheet;

/** Whose halos a halo may come near to: what others that keep a gap go around, on the same sheet. */
final class Neighbours {

    /** Room for lines that reach beyond their elements' boxes, in mm. */
    private static final double MORE = 25;

    private static final double MITRE = 4;

    /** Questions about a sheet that cost less than building a tree of it: as many as there are neighbours of one, before and after an edit. */
    private static final int FEW = 32;

    private final Job job;
    private final Map<Sheet, OfSheet> sheets = new IdentityHashMap<>();

    /** Artwork with a halo that keeps a gap.
     *
     * @param order of the halos on the sheet
     * @param zone how far the halo may reach, on the sheet */
    record Kept(ElementId halo, int order, List<ElementId> elements, Box zone) {}

    Neighbours(Job job) {
        this.job = job;
    }

    /** @return the artwork of each other, as far as it is near enough to matter; nothing where no gap is kept */
    List<List<ElementId>> of(Located halo, Link.Around link) {
        Optional<Box> own = zone(link);
        if (own.isEmpty()) {
            return List.of();
        }
        return ofSheet(halo.sheet()).within(own.get()).stream()
                .filter(k -> k.elements.stream().noneMatch(link.elements()::contains))
                .sorted(Comparator.comparingInt(Kept::order))
                .map(Kept::elements)
                .distinct()
                .toList();
    }

    /** All of a sheet, in order. */
    List<Kept> on(Sheet sheet) {
        return ofSheet(sheet).all;
    }

    private synchronized OfSheet ofSheet(Sheet sheet) {
        return sheets.computeIfAbsent(sheet, s -> new OfSheet(found(s)));
    }

    /** Those of a sheet: after an edit of one, a few questions are answered sooner than a tree of all is built. */
    private static final class OfSheet {

        private final List<Kept> all;
        private int asked;
        private STRtree zones;

        OfSheet(List<Kept> all) {
            this.all = all;
        }

        List<Kept> within(Box zone) {
            if (!isTreeDue()) {
                return all.stream().filter(k -> k.zone.intersects(zone)).toList();
            }
            List<Kept> near = new ArrayList<>();
            zones.query(envelope(zone), found -> near.add((Kept) found));
            near.removeIf(k -> !k.zone.intersects(zone));
            return near;
        }

        private synchronized boolean isTreeDue() {
            asked++;
            if (zones == null && asked > FEW) {
                zones = new STRtree();
                all.forEach(k -> zones.insert(envelope(k.zone), k));
                zones.build();
            }
            return zones != null;
        }
    }

    private List<Kept> found(Sheet sheet) {
        List<Kept> all = new ArrayList<>();
        sheet.elements().stream().flatMap(GroupElement::everything).forEach(e -> link(e).forEach(
                        l -> zone(l).ifPresent(z -> all.add(new Kept(e.id(), all.size(), l.elements(), z)))));
        return all;
    }

    Job job() {
        return job;
    }

    private static Envelope envelope(Box b) {
        return new Envelope(b.x(), b.right(), b.y(), b.bottom());
    }

    static Stream<Link.Around> link(Element e) {
        return e.traits().link().filter(Link.Around.class::isInstance).map(Link.Around.class::cast).stream();
    }

    /** How far a halo that keeps a gap may reach, on its sheet. */
    Optional<Box> zone(Link.Around link) {
        if (link.gap().isEmpty()) {
            return Optional.empty();
        }
        double reach = Math.max(0, MITRE * link.settings().distance())
                + link.settings().bridge();
        return link.elements().stream()
                .flatMap(id -> job.find(id).stream())
                .flatMap(l -> Extent.onSheet(l).stream())
                .reduce(Box::union)
                .map(b -> b.grown(reach + link.gap().getAsDouble() + MORE));
    }
}
