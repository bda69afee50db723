package rondel.job;

/** Which point of a line of text stands at its origin. */
public enum TextAlign {
    START,
    MIDDLE,
    END
}
