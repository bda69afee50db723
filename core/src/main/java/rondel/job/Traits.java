package rondel.job;

import java.util.Optional;
import rondel.geometry.Affine;

/** What every element has, whatever its kind.
 *
 * @param name as the person sees it; empty for one that was never named
 * @param placement from the element's own space to its parent's
 * @param opacity 0 to 1, of the element as a whole
 * @param pinned keeps its size when what it belongs to is scaled
 * @param link what it follows when an edit changes that
 * @param provenance where its artwork comes from, where that is known
 * @param stitch how it is stitched, where its role is that; as is usual where nothing is said */
public record Traits(
        ElementId id,
        String name,
        Affine placement,
        Role role,
        boolean locked,
        boolean hidden,
        double opacity,
        boolean pinned,
        Optional<Shadow> shadow,
        Optional<Link> link,
        Optional<Provenance> provenance,
        Optional<StitchSettings> stitch,
        Extras extras) {

    /** The id of an element that is not in a job yet; the job gives it one when it is placed. */
    public static final ElementId UNPLACED = new ElementId("");

    public static Traits named(String name) {
        return new Traits(
                UNPLACED,
                name,
                Affine.IDENTITY,
                Role.PRINT,
                false,
                false,
                1,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Extras.NONE);
    }

    public Traits withId(ElementId other) {
        return new Traits(
                other,
                name,
                placement,
                role,
                locked,
                hidden,
                opacity,
                pinned,
                shadow,
                link,
                provenance,
                stitch,
                extras);
    }

    public Traits withName(String other) {
        return new Traits(
                id, other, placement, role, locked, hidden, opacity, pinned, shadow, link, provenance, stitch, extras);
    }

    public Traits withPlacement(Affine other) {
        return new Traits(
                id, name, other, role, locked, hidden, opacity, pinned, shadow, link, provenance, stitch, extras);
    }

    public Traits withRole(Role other) {
        return new Traits(
                id, name, placement, other, locked, hidden, opacity, pinned, shadow, link, provenance, stitch, extras);
    }

    public Traits withLocked(boolean other) {
        return new Traits(
                id, name, placement, role, other, hidden, opacity, pinned, shadow, link, provenance, stitch, extras);
    }

    public Traits withHidden(boolean other) {
        return new Traits(
                id, name, placement, role, locked, other, opacity, pinned, shadow, link, provenance, stitch, extras);
    }

    public Traits withOpacity(double other) {
        return new Traits(
                id, name, placement, role, locked, hidden, other, pinned, shadow, link, provenance, stitch, extras);
    }

    public Traits withPinned(boolean other) {
        return new Traits(
                id, name, placement, role, locked, hidden, opacity, other, shadow, link, provenance, stitch, extras);
    }

    public Traits withShadow(Optional<Shadow> other) {
        return new Traits(
                id, name, placement, role, locked, hidden, opacity, pinned, other, link, provenance, stitch, extras);
    }

    public Traits withLink(Optional<Link> other) {
        return new Traits(
                id, name, placement, role, locked, hidden, opacity, pinned, shadow, other, provenance, stitch, extras);
    }

    public Traits withProvenance(Optional<Provenance> other) {
        return new Traits(
                id, name, placement, role, locked, hidden, opacity, pinned, shadow, link, other, stitch, extras);
    }

    public Traits withStitch(Optional<StitchSettings> other) {
        return new Traits(
                id, name, placement, role, locked, hidden, opacity, pinned, shadow, link, provenance, other, extras);
    }

    /** Moved, sized or turned in the parent's space. */
    public Traits placedBy(Affine affine) {
        return withPlacement(affine.times(placement));
    }
}
