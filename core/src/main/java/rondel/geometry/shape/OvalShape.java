package rondel.geometry.shape;

import java.util.List;
import rondel.fields.Mm;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;

/** An oval, a circle where it is as wide as high. What its edge is made of comes in fours, so that it is alike on all sides. */
public record OvalShape(@Mm double width, @Mm double height, Edge edge) implements PlainShape {

    /** How often the line inside is corrected so that scallops reach to the size: each time the error falls several times. */
    private static final int CORRECTIONS = 10;

    /** The angle between two hollows where they meet, in radians at least. */
    private static final double APART = Math.toRadians(4);

    /** Hollows that would leave their chords at less, in radians, are left out. */
    private static final double FLATTEST = Math.toRadians(15);

    public OvalShape {
        ShapeLimits.size(width, height);
    }

    public static OvalShape of(double width, double height) {
        return new OvalShape(width, height, Edge.USUAL);
    }

    @Override
    public Outline outline() {
        if (edge.plain()) {
            return ellipse(new OutlineBuilder(), width / 2, height / 2, width / 2, height / 2, true)
                    .build();
        }
        double depth = Math.min(edge.outwards(), Math.min(width, height) / 6);
        double rx = width / 2 - depth;
        double ry = height / 2 - depth;
        int whole = (int) Math.floor(path(rx, ry).length() / edge.pitch() / 4 + 1e-9) * 4;
        int count = edge.outwards() > 0 ? Math.max(4, whole) : whole;
        Outline drawn = edged(rx, ry, count);
        for (int i = 0; i < CORRECTIONS; i++) {
            Box box = drawn.bounds().orElseThrow();
            rx = Math.max(width / 8, rx + (width - box.width()) / 2);
            ry = Math.max(height / 8, ry + (height - box.height()) / 2);
            drawn = edged(rx, ry, count);
        }
        return drawn;
    }

    private Outline base(double rx, double ry) {
        return ellipse(new OutlineBuilder(), width / 2, height / 2, rx, ry, true)
                .build();
    }

    private PathLength path(double rx, double ry) {
        return new PathLength(Contour.of(base(rx, ry)).getFirst().segments());
    }

    private Outline edged(double rx, double ry, int count) {
        PathLength path = path(rx, ry);
        double deepest = count == 0 ? 0 : deepest(path, count);
        if (deepest == 0) {
            return base(rx, ry);
        }
        double step = path.length() / count;
        // Scallops and teeth have a middle at each of the four ends of the axes, hollows a point between two.
        PathLength turned = edge.outwards() > 0 ? new PathLength(turned(path, step / 2)) : path;
        OutlineBuilder out = new OutlineBuilder();
        out.moveTo(turned.at(0).x(), turned.at(0).y());
        new EdgeLine(out, edge.withDepth(Math.min(edge.depth(), deepest))).run(turned, 0, turned.length(), count);
        return out.close().build();
    }

    /** How deep hollows may be so that they don't cross where they meet: there, the line turns. An arc that rises a share of its half
     *  chord leaves it at twice the arc tangent of that share. */
    private double deepest(PathLength path, int count) {
        double step = path.length() / count;
        if (edge.outwards() > 0) {
            return Math.min(step / 2, Math.min(width, height) / 6);
        }
        double turn = 0;
        double chord = step;
        Point before = path.at(path.length() - step);
        Point at = path.at(0);
        for (int i = 1; i <= count; i++) {
            Point next = path.at(Math.min(path.length(), i * step));
            double in = StrictMath.atan2(at.y() - before.y(), at.x() - before.x());
            double out = StrictMath.atan2(next.y() - at.y(), next.x() - at.x());
            turn = Math.max(turn, Math.abs(Math.IEEEremainder(out - in, 2 * Math.PI)));
            chord = Math.min(chord, at.distanceTo(next));
            before = at;
            at = next;
        }
        double leaves = Math.PI / 2 - turn / 2 - APART;
        double most = leaves > FLATTEST ? chord / 2 * StrictMath.tan(leaves / 2) : 0;
        return Math.min(most, Math.min(width, height) / 6);
    }

    /** The same closed run of curves, begun so far along it. */
    private static List<rondel.geometry.curve.Bezier> turned(PathLength path, double by) {
        OutlineBuilder out = new OutlineBuilder();
        out.moveTo(path.at(by).x(), path.at(by).y());
        path.addTo(out, by, path.length());
        path.addTo(out, 0, by);
        return Contour.of(out.build()).getFirst().segments();
    }

    /** An ellipse as a contour of its own. */
    static OutlineBuilder ellipse(OutlineBuilder out, double cx, double cy, double rx, double ry, boolean clockwise) {
        out.moveTo(cx + rx, cy);
        double first = clockwise ? ry : -ry;
        out.arcTo(rx, ry, 0, false, clockwise, cx, cy + first)
                .arcTo(rx, ry, 0, false, clockwise, cx - rx, cy)
                .arcTo(rx, ry, 0, false, clockwise, cx, cy - first)
                .arcTo(rx, ry, 0, false, clockwise, cx + rx, cy);
        return out.close();
    }

    @Override
    public OvalShape sized(double sx, double sy, double lengths) {
        return new OvalShape(width * sx, height * sy, edge.times(lengths));
    }
}
