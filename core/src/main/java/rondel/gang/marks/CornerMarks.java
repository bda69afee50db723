package rondel.gang.marks;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.MarkSettings;
import rondel.job.Stroke;
import rondel.words.Words;

/** Trim marks at the corners of pieces and fold marks at the ends of folds, in the form of the trade: short fine lines that go on outside
 *  where the edge or the fold ends, and begin beyond the bleed. A mark that would lie on a piece, or off the sheet, is left out. */
public final class CornerMarks {

    private static final double SAME = 1e-3;

    private final MarkSettings settings;
    private final List<Box> pieces;
    private final Box sheet;
    private final double offset;

    /** @param pieces the boxes of all pieces on the sheet
     *  @param bleed how far they print beyond their boxes, in mm
     *  @param sheet on which marks may be printed */
    public CornerMarks(MarkSettings settings, List<Box> pieces, double bleed, Box sheet) {
        this.settings = settings;
        this.pieces = pieces;
        this.sheet = sheet;
        this.offset = Math.max(settings.offset(), bleed);
    }

    /** Where a line begins, which way it goes. */
    private record Ray(double x, double y, int dx, int dy) {}

    /** Two marks for each corner of each piece. */
    public List<Element> trim() {
        Set<Ray> rays = new LinkedHashSet<>();
        for (Box b : pieces) {
            for (double x : new double[] {b.x(), b.right()}) {
                rays.add(ray(x, b.y(), 0, -1));
                rays.add(ray(x, b.bottom(), 0, 1));
            }
            for (double y : new double[] {b.y(), b.bottom()}) {
                rays.add(ray(b.x(), y, -1, 0));
                rays.add(ray(b.right(), y, 1, 0));
            }
        }
        return drawn(rays, Words.of("marks.trim"), Stroke.plain(MarkLines.BLACK, settings.weight()));
    }

    /** A mark at both ends of each fold.
     *
     * @param folds each as its two ends on the sheet */
    public List<Element> fold(List<Point[]> folds) {
        Set<Ray> rays = new LinkedHashSet<>();
        for (Point[] f : folds) {
            int dx = (int) Math.signum(Math.rint((f[1].x() - f[0].x()) * 1000));
            int dy = (int) Math.signum(Math.rint((f[1].y() - f[0].y()) * 1000));
            rays.add(ray(f[0].x(), f[0].y(), -dx, -dy));
            rays.add(ray(f[1].x(), f[1].y(), dx, dy));
        }
        double dash = settings.length() / 5;
        Stroke whole = Stroke.plain(MarkLines.BLACK, settings.weight());
        Stroke dashed = new Stroke(
                whole.paint(), whole.width(), whole.cap(), whole.join(), whole.miterLimit(), List.of(dash, dash), 0);
        return drawn(rays, Words.of("marks.fold"), dashed);
    }

    private static Ray ray(double x, double y, int dx, int dy) {
        return new Ray(Math.rint(x * 1e6) / 1e6, Math.rint(y * 1e6) / 1e6, dx, dy);
    }

    private List<Element> drawn(Set<Ray> rays, String name, Stroke stroke) {
        List<Element> marks = new ArrayList<>();
        for (Ray r : rays) {
            Point from = new Point(r.x + r.dx * offset, r.y + r.dy * offset);
            Point to = new Point(r.x + r.dx * (offset + settings.length()), r.y + r.dy * (offset + settings.length()));
            if (isFree(from, to)) {
                marks.add(MarkLines.line(name, from, to, stroke));
            }
        }
        return marks;
    }

    private boolean isFree(Point from, Point to) {
        Box line = Box.between(
                Math.min(from.x(), to.x()),
                Math.min(from.y(), to.y()),
                Math.max(from.x(), to.x()),
                Math.max(from.y(), to.y()));
        if (!sheet.grown(SAME).contains(line)) {
            return false;
        }
        double near = Math.max(0, offset - SAME);
        Box kept = line.grown(Math.min(near, settings.weight()));
        return pieces.stream()
                .noneMatch(p -> kept.x() < p.right() - SAME
                        && kept.right() > p.x() + SAME
                        && kept.y() < p.bottom() - SAME
                        && kept.bottom() > p.y() + SAME);
    }
}
