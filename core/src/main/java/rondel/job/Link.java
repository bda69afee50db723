package rondel.job;

/** What an element follows when an edit changes that. */
public sealed interface Link {

    /** One of several that are the same thing in several places, perhaps mirrored: an edit of one is made to all. */
    record Alike(String set) implements Link {}
}
