package rondel.geometry;

/** A stretch of an axis, in mm, from low to high. */
public record Span(double low, double high) {

    public double length() {
        return high - low;
    }

    public double centre() {
        return (low + high) / 2;
    }

    /** A place along it: 0 at the low end, 1 at the high one. */
    public double at(double share) {
        return low + share * (high - low);
    }

    /** Whether the two share more than an end. */
    public boolean overlaps(Span other) {
        return low < other.high && other.low < high;
    }
}
