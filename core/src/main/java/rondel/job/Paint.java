package rondel.job;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;

/** What fills an area or a stroke. Geometry is in the space of the element it paints. */
public sealed interface Paint {

    /** Leaves the area as it is. */
    record None() implements Paint {}

    record Solid(Rgba colour) implements Paint {}

    /** Along the line from (x1, y1) to (x2, y2), before {@code placement}. */
    record Linear(double x1, double y1, double x2, double y2, List<Stop> stops, Spread spread, Affine placement)
            implements Paint {
        public Linear withStops(List<Stop> other) {
            return new Linear(x1, y1, x2, y2, other, spread, placement);
        }
    }

    /** From the focus (fx, fy) out to the circle, before {@code placement}. */
    record Radial(
            double cx, double cy, double r, double fx, double fy, List<Stop> stops, Spread spread, Affine placement)
            implements Paint {
        public Radial withStops(List<Stop> other) {
            return new Radial(cx, cy, r, fx, fy, other, spread, placement);
        }
    }

    /** Copies of a tile side by side, before {@code placement}. */
    record Tiles(Box tile, List<Element> content, Affine placement) implements Paint {}

    /** A colour at a place from 0 to 1 along a gradient. */
    record Stop(double offset, Rgba colour) {}

    /** What lies beyond a gradient's ends. */
    enum Spread {
        PAD,
        REFLECT,
        REPEAT
    }

    Paint NONE = new None();

    static Paint solid(Rgba colour) {
        return new Solid(colour);
    }

    /** The stops of a gradient; nothing for other paints. */
    default Optional<List<Stop>> gradient() {
        return switch (this) {
            case Linear g -> Optional.of(g.stops);
            case Radial g -> Optional.of(g.stops);
            default -> Optional.empty();
        };
    }

    /** The same paint seen after {@code affine}; solid paint does not care. */
    default Paint transformed(Affine affine) {
        return switch (this) {
            case None n -> n;
            case Solid s -> s;
            case Linear g -> new Linear(g.x1, g.y1, g.x2, g.y2, g.stops, g.spread, affine.times(g.placement));
            case Radial g -> new Radial(g.cx, g.cy, g.r, g.fx, g.fy, g.stops, g.spread, affine.times(g.placement));
            case Tiles t -> new Tiles(t.tile, t.content, affine.times(t.placement));
        };
    }

    default boolean visible() {
        return switch (this) {
            case None n -> false;
            case Solid s -> s.colour.alpha() > 0;
            case Linear g -> g.stops.stream().anyMatch(s -> s.colour.alpha() > 0);
            case Radial g -> g.stops.stream().anyMatch(s -> s.colour.alpha() > 0);
            case Tiles t -> !t.content.isEmpty();
        };
    }
}
