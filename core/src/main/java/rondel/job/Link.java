package rondel.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.geometry.Affine;

/** What an element follows when an edit changes that. */
public sealed interface Link {

    /** The link of a copy that was made together with what the original follows: it follows the copies of that.
     *
     * @param copies what was copied, each with the copy's id
     * @return nothing where the copy is to be free */
    default Optional<Link> amongCopies(Map<ElementId, ElementId> copies) {
        return Optional.empty();
    }

    private static Optional<List<ElementId>> renamed(List<ElementId> elements, Map<ElementId, ElementId> copies) {
        return copies.keySet().containsAll(elements)
                ? Optional.of(elements.stream().map(copies::get).toList())
                : Optional.empty();
    }

    /** One of several that are the same thing in several places, perhaps mirrored: an edit of one is made to all. */
    record Alike(String set) implements Link {}

    /** A line around artwork at a distance, which follows what it goes around.
     *
     * @param gap how far it keeps, in mm, from lines around other artwork on the sheet that keep a gap too: where they would
     *     come nearer, each ends half way; where the artwork itself is nearer, the gap is smaller */
    record Around(List<ElementId> elements, HaloSettings settings, OptionalDouble gap) implements Link {
        public Around {
            elements = List.copyOf(elements);
        }

        @Override
        public Optional<Link> amongCopies(Map<ElementId, ElementId> copies) {
            return renamed(elements, copies).map(of -> new Around(of, settings, gap));
        }
    }

    /** A group of copies that fills an outline. */
    record Filling(ElementId outline, List<ElementId> drawings, FillingSettings settings) implements Link {
        public Filling {
            drawings = List.copyOf(drawings);
        }
    }

    /** One of the copies that fill an outline.
     *
     * @param put where it was put; one that is elsewhere by now has been moved by hand */
    record Copy(ElementId of, Affine put) implements Link {}

    /** The one settings that hidden siblings make together. */
    record Union(List<ElementId> elements) implements Link {
        public Union {
            elements = List.copyOf(elements);
        }

        @Override
        public Optional<Link> amongCopies(Map<ElementId, ElementId> copies) {
            return renamed(elements, copies).map(Union::new);
        }
    }
}
