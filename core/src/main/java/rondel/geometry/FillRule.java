package rondel.geometry;

/** Which parts of a self-crossing or nested outline count as inside (SVG 2, 13.4.2). */
public enum FillRule {
    NON_ZERO,
    EVEN_ODD
}
