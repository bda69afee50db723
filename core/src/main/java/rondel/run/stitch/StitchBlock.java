package rondel.run.stitch;

import java.util.List;
import org.locationtech.jts.geom.Geometry;
import rondel.geometry.Point;
import rondel.job.Rgba;
import rondel.job.SewnPart;

/** What is sewn of one element: it may come before or after others, but not in parts.
 *
 * @param area that it covers, on the sheet
 * @param threads each the places where the needle goes down, uncut
 * @param exact whether they are all there is, ties too, as a tape has them */
record StitchBlock(SewnPart part, Rgba thread, Geometry area, List<List<Point>> threads, boolean exact) {

    StitchBlock(SewnPart part, Rgba thread, Geometry area, List<List<Point>> threads) {
        this(part, thread, area, threads, false);
    }

    StitchBlock {
        threads = List.copyOf(threads);
    }

    Point first() {
        return threads.getFirst().getFirst();
    }

    Point last() {
        return threads.getLast().getLast();
    }
}
