package rondel.handoff.ledger;

import java.util.List;
import rondel.job.Licence;

/** One thing that a job contains.
 *
 * @param thing by its name
 * @param maker who made it; empty where nobody says
 * @param source where it was got from; empty where nobody says
 * @param terms of a font, in its own words; else what its licence means
 * @param sheets that it is on, by their names
 * @param uses how often */
public record LedgerEntry(
        Kind kind,
        String thing,
        String maker,
        String source,
        Licence licence,
        String terms,
        List<String> sheets,
        int uses) {

    /** What it is. */
    public enum Kind {
        ARTWORK,
        PICTURE,
        FONT
    }

    public LedgerEntry {
        sheets = List.copyOf(sheets);
    }

    /** Whether a product with it may be sold. */
    public boolean forSale() {
        return licence.forSale();
    }
}
