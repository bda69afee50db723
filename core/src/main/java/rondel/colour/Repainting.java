package rondel.colour;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Tree;

/** Changes every colour in an element: fills, lines, the stops of gradients, the tiles of patterns. What nothing changes is
 *  the same object afterwards. */
final class Repainting {

    private Repainting() {}

    static Element each(Element e, UnaryOperator<Rgba> change) {
        return switch (e) {
            case ShapeElement s -> {
                Paint fill = paint(s.fill(), change);
                Optional<Stroke> stroke = stroke(s.stroke(), change);
                yield fill == s.fill() && stroke == s.stroke()
                        ? s
                        : s.withFill(fill).withStroke(stroke);
            }
            case TextElement t -> {
                Paint fill = paint(t.fill(), change);
                Optional<Stroke> stroke = stroke(t.stroke(), change);
                yield fill == t.fill() && stroke == t.stroke()
                        ? t
                        : t.withFill(fill).withStroke(stroke);
            }
            case PictureElement p -> p;
            case CopyElement c -> c;
            case GroupElement g -> g.each(inside -> each(inside, change));
        };
    }

    private static List<Element> all(List<Element> elements, UnaryOperator<Rgba> change) {
        return Tree.each(elements, e -> each(e, change));
    }

    private static Optional<Stroke> stroke(Optional<Stroke> stroke, UnaryOperator<Rgba> change) {
        if (stroke.isEmpty()) {
            return stroke;
        }
        Paint paint = paint(stroke.get().paint(), change);
        return paint == stroke.get().paint() ? stroke : Optional.of(stroke.get().withPaint(paint));
    }

    private static Paint paint(Paint paint, UnaryOperator<Rgba> change) {
        return switch (paint) {
            case Paint.None n -> n;
            case Paint.Solid s -> {
                Rgba colour = change.apply(s.colour());
                yield colour.equals(s.colour()) ? s : new Paint.Solid(colour);
            }
            case Paint.Linear g -> {
                List<Paint.Stop> stops = stops(g.stops(), change);
                yield stops.equals(g.stops()) ? g : g.withStops(stops);
            }
            case Paint.Radial g -> {
                List<Paint.Stop> stops = stops(g.stops(), change);
                yield stops.equals(g.stops()) ? g : g.withStops(stops);
            }
            case Paint.Tiles t -> {
                List<Element> content = all(t.content(), change);
                yield content == t.content() ? t : new Paint.Tiles(t.tile(), content, t.placement());
            }
        };
    }

    private static List<Paint.Stop> stops(List<Paint.Stop> stops, UnaryOperator<Rgba> change) {
        return stops.stream()
                .map(s -> new Paint.Stop(s.offset(), change.apply(s.colour())))
                .toList();
    }
}
