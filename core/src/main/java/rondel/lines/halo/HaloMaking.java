package rondel.lines.halo;

import java.util.HashMap;
import java.util.List;
import rondel.cache.Memo;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.lines.combine.Opaque;
import rondel.lines.combine.Silhouette;

/** Computes the halos of one job: what artwork covers, and the outline at a distance around it, on the sheet. Any thread may ask. */
final class HaloMaking {

    private final Job job;
    private final HaloCache cache;
    private final Neighbours neighbours;
    private final Memo<Artwork, PlacedArtwork> covered = new Memo<>(new HashMap<>());
    private final Memo<Asked, List<List<ElementId>>> company = new Memo<>(new HashMap<>());

    /** A halo, and the link that it is asked about by. */
    private record Asked(ElementId halo, Link.Around link) {}

    /** Some elements, and from which opacity on pixels of them count. */
    private record Artwork(List<ElementId> elements, double threshold) {}

    HaloMaking(Job job, HaloCache cache) {
        this.job = job;
        this.cache = cache;
        this.neighbours = new Neighbours(job);
    }

    Job job() {
        return job;
    }

    Neighbours neighbours() {
        return neighbours;
    }

    /** What several elements cover together on their sheet: of pictures, what is opaque. Lines count with their area. */
    PlacedArtwork covered(List<ElementId> elements, double threshold) {
        return covered.get(new Artwork(elements, threshold), this::cover);
    }

    private PlacedArtwork cover(Artwork artwork) {
        List<Located> by =
                artwork.elements.stream().flatMap(id -> job.find(id).stream()).toList();
        if (by.isEmpty()) {
            return new PlacedArtwork(new CoveredArtwork(Outline.EMPTY), 0, 0);
        }
        Point origin = ArtworkKey.origin(by);
        CoveredArtwork art = cache.get(
                ArtworkKey.of(by, artwork.threshold), () -> new CoveredArtwork(united(by, origin, artwork.threshold)));
        return new PlacedArtwork(art, origin.x(), origin.y());
    }

    /** Worked out about the origin of the first element, so that it is the same to the last bit wherever that is. */
    private Outline united(List<Located> by, Point origin, double threshold) {
        Silhouette silhouette = new Silhouette(true, new Opaque(job, threshold)::of);
        List<Operand> operands = by.stream()
                .map(l -> new Operand(silhouette.of(atOrigin(l, origin), Affine.IDENTITY), FillRule.NON_ZERO))
                .toList();
        return Overlay.of(operands).unite();
    }

    private static Element atOrigin(Located l, Point origin) {
        Affine own = l.ownToSheet();
        Affine moved = new Affine(own.a(), own.b(), own.c(), own.d(), own.e() - origin.x(), own.f() - origin.y());
        return l.element().with(t -> t.withPlacement(moved));
    }

    /** The line around elements, on the sheet, where nothing else is kept clear of. */
    Outline around(List<ElementId> elements, HaloSettings settings) {
        PlacedArtwork own = covered(elements, settings.threshold());
        return own.isEmpty() ? Outline.EMPTY : own.onSheet(Offsetting.of(own.art(), settings, List.of(), 0));
    }

    /** The line that a halo's link asks for, on the sheet; nothing where nothing is left of it. */
    Outline line(Located halo, Link.Around link) {
        PlacedArtwork own = covered(link.elements(), link.settings().threshold());
        if (own.isEmpty()) {
            return Outline.EMPTY;
        }
        List<Neighbour> others = company(halo, link).stream()
                .map(n -> covered(n, link.settings().threshold()))
                .map(o -> new Neighbour(o.art(), o.x() - own.x(), o.y() - own.y()))
                .toList();
        return own.onSheet(
                Offsetting.of(own.art(), link.settings(), others, link.gap().orElse(0)));
    }

    /** What artwork covers, with all worked out that does not depend on neighbours. */
    CoveredArtwork prepared(Link.Around link) {
        CoveredArtwork art =
                covered(link.elements(), link.settings().threshold()).art();
        if (!art.outline().isEmpty()) {
            art.grown(link.settings());
            art.nearness();
        }
        return art;
    }

    /** The artwork of other halos that the halo does come near to: a place of it is no further from its artwork than its reach,
     *  and gives way only where the other is nearer than that and the gap. */
    List<List<ElementId>> company(Located halo, Link.Around link) {
        return company.get(new Asked(halo.element().id(), link), a -> neighbours.of(halo, link).stream()
                .filter(n -> isNear(n, link))
                .toList());
    }

    /** Whether the halo of a link comes near to the artwork of another, so that it is of its company. */
    boolean isNear(List<ElementId> other, Link.Around link) {
        double threshold = link.settings().threshold();
        double reach = 2 * Offsetting.reach(link.settings()) + link.gap().orElse(0);
        return covered(link.elements(), threshold)
                .bounds()
                .map(own -> own.grown(reach))
                .filter(reached -> covered(other, threshold)
                        .bounds()
                        .filter(reached::intersects)
                        .isPresent())
                .isPresent();
    }
}
