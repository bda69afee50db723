package rondel.job;

/** How an element is made. A guide never is. */
public enum Role {
    PRINT,
    CUT,
    KISS_CUT,
    SCORE,
    DRAW,
    STITCH,
    GUIDE;

    /** Whether a blade goes along it. */
    public boolean isCut() {
        return this == CUT || this == KISS_CUT;
    }
}
