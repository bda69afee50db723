package rondel.geometry.overlay;

import org.locationtech.jts.geom.Coordinate;

/** A line by its vertices, the same whichever way it runs. */
final class LineKey {

    private final Coordinate[] line;
    private final boolean backwards;
    private final int hash;

    LineKey(Coordinate[] line) {
        this.line = line;
        this.backwards = runsBackwards(line);
        int h = line.length;
        for (int i = 0; i < line.length; i++) {
            h = 31 * h + at(i).hashCode();
        }
        this.hash = h;
    }

    private static boolean runsBackwards(Coordinate[] line) {
        int last = line.length - 1;
        for (int i = 0; i < last - i; i++) {
            int order = line[i].compareTo(line[last - i]);
            if (order != 0) {
                return order > 0;
            }
        }
        return false;
    }

    private Coordinate at(int i) {
        return backwards ? line[line.length - 1 - i] : line[i];
    }

    @Override
    public boolean equals(Object other) {
        if (!(other instanceof LineKey key) || key.hash != hash || key.line.length != line.length) {
            return false;
        }
        for (int i = 0; i < line.length; i++) {
            if (!at(i).equals2D(key.at(i))) {
                return false;
            }
        }
        return true;
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
