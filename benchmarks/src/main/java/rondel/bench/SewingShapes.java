package rondel.bench;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.StarShape;
import rondel.job.ElementId;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.StitchSettings;
import rondel.job.StitchSettings.Kind;
import rondel.job.Traits;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.StitchPlan;

/** Forty shapes sewn, against a plain hatch of the same rows that knows nothing of sections, travel, underlay and ties; and how much of each is covered. */
final class SewingShapes {

    private static final double AIM = 4;
    private static final int RUNS = 12;
    private static final int STITCHES = 10_000;
    private static final double ROWS = 0.4;
    private static final double LENGTH = 3.5;
    private static final double PIXELS = 20;

    private SewingShapes() {}

    static List<Bench.Row> rows() {
        List<Outline> shapes = shapes();
        Speed rows = speed(shapes, Kind.FILL);
        Speed usual = speed(shapes, Kind.AUTO);
        double least = 1;
        for (Outline o : shapes) {
            least = Math.min(least, covered(o));
        }
        return List.of(
                rows.row(shapes.size() + " shapes in rows"),
                usual.row(shapes.size() + " shapes, by their shape in rows or satin"),
                // At least 97 % of the least covered one: its bare share against 3 %.
                new Bench.Row("bare share of the shape that is covered least, in % / 3 %", 100 * (1 - least), 3, 1));
    }

    /** Times for 10,000 stitches, in ms. */
    private record Speed(double ours, double peer) {
        Bench.Row row(String what) {
            return new Bench.Row(what + ", ms for 10,000 stitches / of a plain hatch", ours, peer, AIM);
        }
    }

    private static Speed speed(List<Outline> shapes, Kind kind) {
        double ours = Double.POSITIVE_INFINITY;
        double peer = Double.POSITIVE_INFINITY;
        for (int i = 0; i < RUNS; i++) {
            long start = System.nanoTime();
            long sewn = 0;
            for (Outline o : shapes) {
                sewn += StitchPlan.of(sheet(o, kind)).count();
            }
            ours = Math.min(ours, (System.nanoTime() - start) / 1e6 / sewn * STITCHES);
            start = System.nanoTime();
            long hatched = 0;
            for (Outline o : shapes) {
                hatched += hatch(o).size();
            }
            peer = Math.min(peer, (System.nanoTime() - start) / 1e6 / hatched * STITCHES);
        }
        return new Speed(ours, peer);
    }

    private static Sheet sheet(Outline o, Kind kind) {
        return Sheet.of(new SheetId("s"), "Hoop", 100, 100)
                .withElements(List.of(new ShapeElement(
                        Traits.named("shape")
                                .withId(new ElementId("shape"))
                                .withRole(Role.STITCH)
                                .withStitch(Optional.of(StitchSettings.USUAL.withKind(kind))),
                        o,
                        FillRule.NON_ZERO,
                        Paint.solid(new Rgba(0x1f, 0x6f, 0x6b, 255)),
                        Optional.empty())));
    }

    /** Rings, crescents, stars, hearts, islands, combs and bars, each at five sizes. */
    private static List<Outline> shapes() {
        List<Outline> all = new ArrayList<>();
        for (double k : new double[] {0.3, 0.5, 0.8, 1.2, 1.6}) {
            List<Outline> some = List.of(
                    oval(0, 0, 40, 40),
                    without(oval(0, 0, 40, 40), oval(10, 10, 20, 20)),
                    without(oval(0, 0, 40, 40), oval(12, -2, 40, 40)),
                    StarShape.regular(5, 0.45, 20).outline().transformed(Affine.translate(20, 20)),
                    new HeartShape(34, 30).outline(),
                    oval(0, 0, 14, 10).plus(oval(25, 15, 10, 14)),
                    comb(),
                    box(0, 0, 40, 4).plus(box(0, 8, 40, 2)));
            some.forEach(o -> all.add(o.transformed(Affine.translate(10, 10).times(Affine.scale(k, k)))));
        }
        return all;
    }

    private static Outline comb() {
        List<Operand> teeth = new ArrayList<>(List.of(new Operand(box(0, 0, 40, 8), FillRule.NON_ZERO)));
        for (int i = 0; i < 5; i++) {
            teeth.add(new Operand(box(i * 9, 5, 4, 25), FillRule.NON_ZERO));
        }
        return Overlay.of(teeth).unite();
    }

    private static Outline oval(double x, double y, double w, double h) {
        return OvalShape.of(w, h).outline().transformed(Affine.translate(x, y));
    }

    private static Outline box(double x, double y, double w, double h) {
        return Outline.rectangle(new Box(x, y, w, h));
    }

    private static Outline without(Outline a, Outline b) {
        return Overlay.of(List.of(new Operand(a, FillRule.NON_ZERO), new Operand(b, FillRule.NON_ZERO)))
                .subtract();
    }

    /** Level rows cut by the outline's own chords, each parted into stitches: the plainest fill there is. */
    private static List<Point> hatch(Outline o) {
        List<double[]> edges = edges(o);
        Box box = o.bounds().orElseThrow();
        List<Point> places = new ArrayList<>();
        boolean back = false;
        for (double y = box.y() + ROWS / 2; y < box.y() + box.height(); y += ROWS) {
            double at = y;
            double[] x = edges.stream()
                    .filter(e -> (e[1] <= at) != (e[3] <= at))
                    .mapToDouble(e -> e[0] + (at - e[1]) / (e[3] - e[1]) * (e[2] - e[0]))
                    .sorted()
                    .toArray();
            for (int i = 0; i + 1 < x.length; i += 2) {
                int parts = (int) Math.max(1, Math.ceil((x[i + 1] - x[i]) / LENGTH));
                for (int k = 0; k <= parts; k++) {
                    double t = back ? 1 - (double) k / parts : (double) k / parts;
                    places.add(new Point(x[i] + t * (x[i + 1] - x[i]), y));
                }
            }
            back = !back;
        }
        return places;
    }

    private static List<double[]> edges(Outline o) {
        List<double[]> edges = new ArrayList<>();
        double[] p = new double[6];
        double x = 0;
        double y = 0;
        double sx = 0;
        double sy = 0;
        var it = new java.awt.geom.FlatteningPathIterator(o.iterator(null, FillRule.NON_ZERO), 0.02);
        for (; !it.isDone(); it.next()) {
            switch (it.currentSegment(p)) {
                case java.awt.geom.PathIterator.SEG_MOVETO -> {
                    sx = p[0];
                    sy = p[1];
                }
                case java.awt.geom.PathIterator.SEG_CLOSE -> {
                    edges.add(new double[] {x, y, sx, sy});
                    p[0] = sx;
                    p[1] = sy;
                }
                default -> edges.add(new double[] {x, y, p[0], p[1]});
            }
            x = p[0];
            y = p[1];
        }
        return edges;
    }

    /** Which share of a shape lies under threads, by its pixels. */
    private static double covered(Outline o) {
        Box box = o.bounds().orElseThrow();
        int w = (int) Math.ceil(box.width() * PIXELS);
        int h = (int) Math.ceil(box.height() * PIXELS);
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.transform(new AffineTransform(PIXELS, 0, 0, PIXELS, -box.x() * PIXELS, -box.y() * PIXELS));
        g.setColor(java.awt.Color.WHITE);
        g.fill(o.toShape(FillRule.NON_ZERO));
        long all = white(image);
        g.setColor(java.awt.Color.BLACK);
        g.setStroke(new BasicStroke((float) StitchPlan.THREAD, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        StitchPattern pattern = StitchPlan.of(sheet(o, Kind.AUTO));
        Point before = Point.ORIGIN;
        for (Stitch s : pattern.stitches()) {
            if (s.move() == Stitch.Move.SEW) {
                g.draw(new Line2D.Double(before.x(), before.y(), s.at().x(), s.at().y()));
            }
            before = s.at();
        }
        g.dispose();
        return 1 - (double) white(image) / all;
    }

    private static long white(BufferedImage image) {
        long white = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                white += (image.getRGB(x, y) & 0xff) > 127 ? 1 : 0;
            }
        }
        return white;
    }
}
