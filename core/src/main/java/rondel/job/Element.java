package rondel.job;

import java.util.List;
import java.util.function.UnaryOperator;
import rondel.geometry.Affine;

/** Anything on a sheet. Immutable; every {@code with} makes a new one. */
public sealed interface Element permits ShapeElement, PictureElement, TextElement, GroupElement, CopyElement {

    Traits traits();

    Element withTraits(Traits traits);

    /** The word for its kind, as in files and in {@code info}: {@code shape}, {@code picture}, {@code text}, {@code group} or {@code copy}. */
    String kind();

    /** What a group holds, back to front; nothing for the other kinds. */
    default List<Element> children() {
        return List.of();
    }

    default Element with(UnaryOperator<Traits> change) {
        return withTraits(change.apply(traits()));
    }

    default ElementId id() {
        return traits().id();
    }

    default String name() {
        return traits().name();
    }

    default Affine placement() {
        return traits().placement();
    }

    default Role role() {
        return traits().role();
    }

    default boolean locked() {
        return traits().locked();
    }

    default boolean hidden() {
        return traits().hidden();
    }

    default boolean pinned() {
        return traits().pinned();
    }

    default double opacity() {
        return traits().opacity();
    }
}
