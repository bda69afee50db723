package rondel.job;

/** What may be done with artwork, from the freest to the least certain. */
public enum Licence {
    /** One's own work. */
    OWN,
    /** Products with it may be sold. */
    COMMERCIAL_USE,
    /** Nothing with it may be sold. */
    PERSONAL_USE,
    /** Nobody has said. */
    UNKNOWN;

    /** Whether a product with it may be sold. */
    public boolean forSale() {
        return this == OWN || this == COMMERCIAL_USE;
    }
}
