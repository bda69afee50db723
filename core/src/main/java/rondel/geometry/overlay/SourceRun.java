package rondel.geometry.overlay;

import org.locationtech.jts.geom.Coordinate;

/** A stretch of a result's boundary that follows one source.
 *
 * @param start the source's t where it begins; more than at its end where it goes against the source
 * @param end the source's t where it ends
 * @param to where it ends, on the grid */
record SourceRun(int source, double start, double end, Coordinate to) {

    SourceRun upTo(double t, Coordinate place) {
        return new SourceRun(source, start, t, place);
    }

    boolean forward() {
        return end >= start;
    }
}
