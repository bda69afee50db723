package rondel.job;

import java.util.List;
import rondel.geometry.Affine;

/** What an element follows when an edit changes that. */
public sealed interface Link {

    /** One of several that are the same thing in several places, perhaps mirrored: an edit of one is made to all. */
    record Alike(String set) implements Link {}

    /** A line around artwork at a distance, which follows what it goes around. */
    record Around(List<ElementId> elements, HaloShape shape) implements Link {
        public Around {
            elements = List.copyOf(elements);
        }
    }

    /** A group of copies that fills an outline. */
    record Filling(ElementId outline, List<ElementId> drawings, FillingShape shape) implements Link {
        public Filling {
            drawings = List.copyOf(drawings);
        }
    }

    /** One of the copies that fill an outline.
     *
     * @param put where it was put; one that is elsewhere by now has been moved by hand */
    record Copy(ElementId of, Affine put) implements Link {}

    /** The one shape that hidden siblings make together. */
    record Union(List<ElementId> elements) implements Link {
        public Union {
            elements = List.copyOf(elements);
        }
    }
}
