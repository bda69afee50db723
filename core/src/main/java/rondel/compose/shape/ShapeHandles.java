package rondel.compose.shape;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.shape.ArrowShape;
import rondel.geometry.shape.BalloonShape;
import rondel.geometry.shape.BannerShape;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.Corners;
import rondel.geometry.shape.Edge;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.LineShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.PlainShape;
import rondel.geometry.shape.PolygonShape;
import rondel.geometry.shape.PolylineShape;
import rondel.geometry.shape.RingShape;
import rondel.geometry.shape.StarShape;
import rondel.geometry.shape.TagShape;

/** Where the main figures of plain shapes are dragged: corners, points, depths. All places are in the shape's own space, and a
 *  figure that would leave its bounds stays at them. */
public final class ShapeHandles {

    /** How far inside of a corner handles stand, as a share of the shorter side: on the corner is the handle of the size. */
    private static final double INSIDE = 0.1;

    /** How far out, as a share of the radius, the handle stands that sets the number of points. */
    private static final double OUT = 0.8;

    /** As many points as can be dragged; more are typed. */
    private static final int MOST_POINTS = 60;

    /** A star is never deeper than this share. */
    private static final double DEEPEST = 0.98;

    /** No scallop is dragged finer, in mm. */
    private static final double FINEST = 0.5;

    /** No arrow is dragged thinner, nor its head shorter, as a share of its frame. */
    private static final double THINNEST = 0.02;

    private ShapeHandles() {}

    public static List<ShapeHandle> of(PlainShape shape) {
        return switch (shape) {
            case BoxShape s -> box(s);
            case OvalShape s ->
                edge(s.edge(), new Point(s.width(), s.height()), e -> new OvalShape(s.width(), s.height(), e));
            case LineShape s ->
                List.of(
                        new ShapeHandle(
                                "x1", new Point(s.x1(), s.y1()), p -> new LineShape(p.x(), p.y(), s.x2(), s.y2())),
                        new ShapeHandle(
                                "x2", new Point(s.x2(), s.y2()), p -> new LineShape(s.x1(), s.y1(), p.x(), p.y())));
            case PolygonShape s -> List.of(sides(s));
            case StarShape s -> star(s);
            case TagShape s -> tag(s);
            case BannerShape s ->
                List.of(new ShapeHandle(
                        "notch",
                        new Point(s.width() - s.notch(), s.height() / 2),
                        p -> new BannerShape(s.width(), s.height(), within(s.width() - p.x(), s.width() * 0.49))));
            case ArrowShape s ->
                List.of(new ShapeHandle(
                        "head",
                        new Point(s.width() - s.head(), (s.height() - s.shaft()) / 2),
                        p -> new ArrowShape(
                                s.width(),
                                s.height(),
                                Math.max(s.width() * THINNEST, within(s.width() - p.x(), s.width())),
                                Math.max(s.height() * THINNEST, within(s.height() - 2 * p.y(), s.height())))));
            case RingShape s ->
                List.of(new ShapeHandle(
                        "thickness",
                        new Point(s.thickness(), s.height() / 2),
                        p -> new RingShape(
                                s.width(), s.height(), within(p.x(), Math.min(s.width(), s.height()) / 2 * 0.98))));
            case BalloonShape s -> balloon(s);
            case PolylineShape s -> List.of();
            case HeartShape s -> List.of();
        };
    }

    private static List<ShapeHandle> box(BoxShape s) {
        double side = Math.min(s.width(), s.height());
        List<ShapeHandle> all = new ArrayList<>();
        all.add(corner(
                ShapeFigures.ALL_CORNERS,
                side,
                s.corners().topLeft(),
                r -> new BoxShape(s.width(), s.height(), Corners.all(s.corners().style(), r), s.edge())));
        all.addAll(edge(
                s.edge(), new Point(s.width(), s.height()), e -> new BoxShape(s.width(), s.height(), s.corners(), e)));
        return List.copyOf(all);
    }

    /** A handle on the line from the corner at the origin to the middle of its square. */
    private static ShapeHandle corner(
            String figure, double side, double radius, java.util.function.DoubleFunction<PlainShape> with) {
        double from = INSIDE * side;
        double each = 1 - 2 * INSIDE;
        double at = from + Math.min(radius, side / 2) * each;
        return new ShapeHandle(
                figure, new Point(at, at), p -> with.apply(within(((p.x() + p.y()) / 2 - from) / each, side / 2)));
    }

    private static List<ShapeHandle> edge(Edge e, Point size, java.util.function.Function<Edge, PlainShape> with) {
        if (e.plain()) {
            return List.of();
        }
        double middle = size.x() / 2;
        double from = INSIDE * Math.min(size.x(), size.y());
        return List.of(
                new ShapeHandle(
                        "edge.pitch",
                        new Point(middle + e.pitch(), from),
                        p -> with.apply(new Edge(
                                e.style(), Math.clamp(p.x() - middle, FINEST, Math.max(FINEST, middle)), e.depth()))),
                new ShapeHandle(
                        "edge.depth",
                        new Point(middle, from + e.depth()),
                        p -> with.apply(new Edge(e.style(), e.pitch(), Math.max(0.05, p.y() - from)))));
    }

    private static ShapeHandle sides(PolygonShape s) {
        Round frame = Round.of(
                PolygonShape.regular(s.sides(), 2).outline().bounds().orElseThrow(),
                s.width(),
                s.height(),
                90 + 180.0 / s.sides());
        return new ShapeHandle("sides", frame.place(OUT, frame.first()), p -> {
            double turn = Math.abs(difference(frame.angle(p), 90));
            return new PolygonShape(s.width(), s.height(), number(180 / turn));
        });
    }

    private static List<ShapeHandle> star(StarShape s) {
        double each = 360.0 / s.points();
        StarShape unit = StarShape.regular(s.points(), s.depth(), 2);
        Round frame = Round.of(unit.outline().bounds().orElseThrow(), s.width(), s.height(), -90);
        return List.of(
                new ShapeHandle(
                        "depth",
                        frame.place(1 - s.depth(), -90 + each / 2),
                        p -> new StarShape(
                                s.width(), s.height(), s.points(), Math.clamp(1 - frame.radius(p), 0, DEEPEST))),
                new ShapeHandle("points", frame.place(OUT, -90 + each), p -> {
                    double turn = Math.abs(difference(frame.angle(p), -90));
                    return new StarShape(s.width(), s.height(), number(360 / turn), s.depth());
                }));
    }

    private static int number(double points) {
        return (int) Math.clamp(Math.rint(points), 3, MOST_POINTS);
    }

    private static double difference(double a, double b) {
        return Math.IEEEremainder(a - b, 360);
    }

    private static List<ShapeHandle> tag(TagShape s) {
        double in = INSIDE * Math.min(s.width(), s.height()) / 2;
        double most = Math.min(s.width() / 2, s.height());
        double r = s.hole() / 2;
        return List.of(
                new ShapeHandle(
                        "cut",
                        new Point(Math.min(s.cut(), most) + in, in),
                        p -> new TagShape(s.width(), s.height(), within(p.x() - in, most), s.hole(), s.holeFromTop())),
                new ShapeHandle(
                        "hole",
                        new Point(s.width() / 2 + r, s.holeFromTop()),
                        p -> new TagShape(
                                s.width(),
                                s.height(),
                                s.cut(),
                                within(2 * (p.x() - s.width() / 2), s.width()),
                                within(p.y(), s.height()))));
    }

    private static List<ShapeHandle> balloon(BalloonShape s) {
        double body = s.height() - Math.min(s.tail(), s.height() * 0.9);
        double side = Math.min(s.width(), body);
        double r = Math.min(s.radius(), side / 2 * 0.9);
        double straight = s.width() - 2 * r;
        double foot = Math.min(s.tailWidth(), straight);
        double left = r + (straight - foot) * s.tailAt();
        return List.of(
                corner(
                        "radius",
                        side,
                        s.radius(),
                        to -> balloon(s, to, s.tail(), s.tailWidth(), s.tailAt(), s.tipAt())),
                new ShapeHandle(
                        "tipAt",
                        new Point(s.width() * s.tipAt(), s.height()),
                        p -> balloon(s, s.radius(), s.tail(), s.tailWidth(), s.tailAt(), within(p.x() / s.width(), 1))),
                new ShapeHandle(
                        "tail",
                        new Point(left, body),
                        p -> balloon(
                                s,
                                s.radius(),
                                within(s.height() - p.y(), s.height() * 0.9),
                                s.tailWidth(),
                                straight - foot > 1e-9 ? within((p.x() - r) / (straight - foot), 1) : s.tailAt(),
                                s.tipAt())),
                new ShapeHandle(
                        "tailWidth",
                        new Point(left + foot, body),
                        p -> balloon(
                                s,
                                s.radius(),
                                s.tail(),
                                Math.max(straight * THINNEST, within(p.x() - left, straight)),
                                s.tailAt(),
                                s.tipAt())));
    }

    private static BalloonShape balloon(
            BalloonShape s, double radius, double tail, double tailWidth, double tailAt, double tipAt) {
        return new BalloonShape(s.width(), s.height(), radius, tail, tailWidth, tailAt, tipAt);
    }

    private static double within(double value, double most) {
        return Math.clamp(value, 0, Math.max(0, most));
    }

    /** A unit circle as it is stretched into the frame of a shape that was made on it.
     *
     * @param unit the frame of the shape on the circle
     * @param first the angle of its first point, in degrees */
    private record Round(Box unit, double width, double height, double first, Point centre) {

        /** The frame is the unit shape's own, which begins at (0, 0): where the circle's middle lies in it follows from its points. */
        static Round of(Box unit, double width, double height, double first) {
            boolean down = first < 0;
            // Stars point up and polygons stand on a side: the circle reaches to the top, or the lowest side is known.
            double cy = down ? 1 : unit.height() - Math.sin(Math.toRadians(first));
            return new Round(unit, width, height, first, new Point(unit.width() / 2, cy));
        }

        Point place(double radius, double degrees) {
            double a = Math.toRadians(degrees);
            return new Point(
                    (centre.x() + radius * Math.cos(a)) / unit.width() * width,
                    (centre.y() + radius * Math.sin(a)) / unit.height() * height);
        }

        private Point back(Point p) {
            return new Point(p.x() / width * unit.width() - centre.x(), p.y() / height * unit.height() - centre.y());
        }

        double radius(Point p) {
            Point b = back(p);
            return Math.hypot(b.x(), b.y());
        }

        double angle(Point p) {
            Point b = back(p);
            return Math.toDegrees(Math.atan2(b.y(), b.x()));
        }
    }
}
