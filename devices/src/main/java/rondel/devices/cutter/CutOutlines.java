package rondel.devices.cutter;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import rondel.formats.artwork.Artwork;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.reading.ArtworkReader;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.ShapeElement;
import rondel.run.route.Route;

/** What a machine has cut, given back as SVG on a page as large as its bed: the lines as points from the upper left corner of the sheet, which
 *  lies in the bed's lower left one. The line by which the blade got its direction is left out. */
public final class CutOutlines {

    /** What lies no farther from where that line was to be cut, in mm, is that line. */
    private static final double NEAR = 1.5;

    private CutOutlines() {}

    /** @throws rondel.words.Refusal if the file can't be read */
    public static List<List<Point>> read(Path file, Route route) {
        Artwork artwork = new ArtworkReader(new ShippedFonts()).read(file);
        List<List<Point>> lines = new ArrayList<>();
        artwork.elements().forEach(e -> take(e, Affine.IDENTITY, lines));
        return onSheet(lines, artwork.height(), route);
    }

    /** @param lines from the upper left corner of the bed
     *  @param bed how high it is, in mm */
    public static List<List<Point>> onSheet(List<List<Point>> lines, double bed, Route route) {
        double up = bed - route.height();
        return lines.stream()
                .map(l -> l.stream().map(p -> new Point(p.x(), p.y() - up)).toList())
                .filter(l -> !isAligning(l, route))
                .toList();
    }

    private static boolean isAligning(List<Point> line, Route route) {
        return route.strokes().stream().filter(s -> s.isAligning()).anyMatch(s -> line.stream()
                .allMatch(p -> s.tool().stream().anyMatch(q -> q.distanceTo(p) < NEAR)));
    }

    private static void take(Element e, Affine around, List<List<Point>> lines) {
        Affine own = around.times(e.placement());
        if (e instanceof ShapeElement s) {
            for (Contour c : Contour.of(s.outline().transformed(own))) {
                List<Point> line = new ArrayList<>();
                line.add(c.segments().getFirst().start());
                c.segments().stream().map(Bezier::end).forEach(line::add);
                lines.add(line);
            }
        }
        e.children().forEach(c -> take(c, own, lines));
    }
}
