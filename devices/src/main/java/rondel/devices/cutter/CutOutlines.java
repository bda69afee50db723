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
import rondel.run.route.Stroke;

/** What a machine has cut, given back as SVG on a page as large as its bed: the lines as points from the upper left corner of the sheet, which
 *  lies in the bed's lower left one. The line by which the blade got its direction is left out. */
public final class CutOutlines {

    /** How much farther off that line may be than it is long, in mm. */
    private static final double NEAR = 4;

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

    /** An open line that is about as long as that one and near to where it was to be cut: askew sheets are off by some mm. */
    private static boolean isAligning(List<Point> line, Route route) {
        return route.strokes().stream().filter(Stroke::isAligning).anyMatch(s -> {
            Point from = s.tool().getFirst();
            double length = length(s.tool());
            return line.stream().allMatch(p -> p.distanceTo(from) < length + NEAR)
                    && length(line) < length + NEAR
                    && line.getFirst().distanceTo(line.getLast()) > length / 3;
        });
    }

    private static double length(List<Point> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += line.get(i - 1).distanceTo(line.get(i));
        }
        return sum;
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
