package rondel.compose.snap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.Span;

/** The places along one axis that things snap to. */
final class Rails {

    /** A place, and what stands there: nothing for a place of the sheet. */
    private record Rail(double at, Optional<Box> of) {}

    /** One way to snap: how far to move, and what to draw once that is done. */
    interface Hit {
        double move();

        List<Snap.Line> lines(Box moved);
    }

    private final Axis axis;
    private final Box trim;
    private final List<Rail> edges;
    private final List<Rail> middles;
    private final EqualGaps equal;

    Rails(Axis axis, List<Box> others, List<Double> sheetPlaces, Box trim) {
        this.axis = axis;
        this.trim = trim;
        List<Rail> all = new ArrayList<>();
        List<Rail> centres = new ArrayList<>();
        for (Box b : others) {
            Span s = axis.of(b);
            all.add(new Rail(s.low(), Optional.of(b)));
            all.add(new Rail(s.high(), Optional.of(b)));
            centres.add(new Rail(s.centre(), Optional.of(b)));
        }
        for (double place : sheetPlaces) {
            all.add(new Rail(place, Optional.empty()));
            centres.add(new Rail(place, Optional.empty()));
        }
        all.sort(Comparator.comparingDouble(Rail::at));
        centres.sort(Comparator.comparingDouble(Rail::at));
        this.edges = all;
        this.middles = centres;
        this.equal = new EqualGaps(axis, others);
    }

    /** The nearest of: an edge on an edge, the middle on a middle, equal gaps. */
    Optional<Hit> box(Box moving, double reach) {
        Span s = axis.of(moving);
        return Stream.of(
                        near(edges, s.low(), reach),
                        near(edges, s.high(), reach),
                        near(middles, s.centre(), reach),
                        equal.near(moving, reach))
                .flatMap(Optional::stream)
                .min(Comparator.comparingDouble(h -> Math.abs(h.move())));
    }

    Optional<Hit> edge(double at, double reach) {
        return near(edges, at, reach);
    }

    private Optional<Hit> near(List<Rail> rails, double at, double reach) {
        int low = 0;
        int high = rails.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (rails.get(middle).at < at) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        Optional<Rail> best = Stream.of(low - 1, low)
                .filter(i -> i >= 0 && i < rails.size())
                .map(rails::get)
                .min(Comparator.comparingDouble(r -> Math.abs(r.at - at)));
        return best.filter(r -> Math.abs(r.at - at) <= reach).map(r -> new Met(r, r.at - at));
    }

    /** A line across both things at the place where they meet; right across the sheet for a place of the sheet. */
    private final class Met implements Hit {
        private final Rail rail;
        private final double move;

        Met(Rail rail, double move) {
            this.rail = rail;
            this.move = move;
        }

        @Override
        public double move() {
            return move;
        }

        @Override
        public List<Snap.Line> lines(Box moved) {
            Box all = moved.union(rail.of.orElse(trim));
            Span length = axis.other().of(all);
            Snap.Kind kind = rail.of.isPresent() ? Snap.Kind.MEETS : Snap.Kind.SHEET;
            return List.of(
                    new Snap.Line(kind, axis, point(axis, rail.at, length.low()), point(axis, rail.at, length.high())));
        }
    }

    static Point point(Axis axis, double along, double beside) {
        return axis == Axis.HORIZONTAL ? new Point(along, beside) : new Point(beside, along);
    }
}
