package rondel.gang.plan;

import rondel.words.Refusal;

/** How the places that were found for a plan stand to its pieces as they look now. */
public sealed interface Freshness {

    /** Laid out as they look, or laid out anew at every edit, as rows are. */
    record Fresh() implements Freshness {}

    /** The pieces look otherwise than when their places were found, or none were looked for yet. */
    record Stale() implements Freshness {}

    /** A piece can't be laid out.
     *
     * @param why as a sentence */
    record Refused(Refusal why) implements Freshness {}
}
