package rondel.job;

import java.util.List;

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
}
