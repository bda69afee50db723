package rondel.job;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.LeftOut;
import rondel.geometry.Point;

/** How a picture's backdrop is cleared.
 *
 * @param tolerance how far a colour may look from the backdrop beside it, in OKLab: 0 for hardly at all, 1 for anything
 * @param softness how wide the edge is made softer, in pixels of the picture; 0 as the picture has it
 * @param pockets whether patches of the backdrop that the motif encloses are cleared too
 * @param clicks places in the backdrop, as fractions of the picture's width and height; without any it is found from the
 *     picture's borders
 * @param strokes of the brush, in the order that they were made */
public record BackdropSettings(
        double tolerance,
        double softness,
        boolean pockets,
        @LeftOut("[]") List<Point> clicks,
        @LeftOut("[]") List<Brush> strokes) {

    public static final BackdropSettings USUAL = new BackdropSettings(0.07, 0, true, List.of(), List.of());

    public BackdropSettings {
        clicks = List.copyOf(clicks);
        strokes = List.copyOf(strokes);
    }

    /** One stroke of a round brush.
     *
     * @param keep whether what it covers is kept, or dropped
     * @param radius as a fraction of the picture's width
     * @param points that it passes, as fractions of the picture's width and height */
    public record Brush(boolean keep, double radius, List<Point> points) {
        public Brush {
            points = List.copyOf(points);
        }
    }

    public BackdropSettings withClick(Point p) {
        List<Point> all = new ArrayList<>(clicks);
        all.add(p);
        return new BackdropSettings(tolerance, softness, pockets, all, strokes);
    }

    public BackdropSettings withStroke(Brush stroke) {
        List<Brush> all = new ArrayList<>(strokes);
        all.add(stroke);
        return new BackdropSettings(tolerance, softness, pockets, clicks, all);
    }

    /** Other figures with the same clicks and strokes. */
    public BackdropSettings withFigures(double otherTolerance, double otherSoftness, boolean otherPockets) {
        return new BackdropSettings(otherTolerance, otherSoftness, otherPockets, clicks, strokes);
    }
}
