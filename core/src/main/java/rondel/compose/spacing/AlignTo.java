package rondel.compose.spacing;

/** What elements line up with. */
public enum AlignTo {
    /** The box around all of them. */
    EACH_OTHER,
    /** One of them, which stays. */
    KEY,
    SHEET,
    SAFE_MARGIN,
    /** The box around everything in their group; the sheet for those in none. */
    GROUP
}
