package rondel.lines.combine;

/** How shapes are made of shapes. */
public enum BooleanOperation {
    /** What lies in any of them, as one. */
    UNITE,
    /** The backmost, less those in front of it. */
    SUBTRACT,
    /** What lies in all of them. */
    INTERSECT,
    /** What lies in an odd number of them. */
    EXCLUDE,
    /** Every piece that they cut each other into. */
    DIVIDE,
    /** Each, less what lies in front of it. */
    DROP_COVERED
}
