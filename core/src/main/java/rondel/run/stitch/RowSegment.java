package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;

/** A stretch of one row of a fill that lies inside the shape, in the space in which rows lie level.
 *
 * @param row its number from the top, from 0
 * @param beside those of the rows next to it that lie over or under it, so that one can go from one to the other inside the shape */
record RowSegment(int row, double y, double left, double right, List<RowSegment> beside) {

    RowSegment(int row, double y, double left, double right) {
        this(row, y, left, right, new ArrayList<>());
    }

    boolean meets(RowSegment other) {
        return left < other.right && other.left < right;
    }

    double within(double x) {
        return Math.clamp(x, left, right);
    }

    // By identity: two stretches of one place are the same only if they are one.
    @Override
    public boolean equals(Object other) {
        return this == other;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(this);
    }

    @Override
    public String toString() {
        return "row " + row + " from " + left + " to " + right;
    }
}
