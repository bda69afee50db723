package rondel.compose.snap;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.Span;

/** Places along one axis where a box stands as far from its neighbours as they stand from each other. */
final class EqualGaps {

    private static final int NONE = -1;

    private final Axis axis;
    private final Box[] boxes;
    private final double[] low;
    private final double[] high;
    private final double[] besideLow;
    private final double[] besideHigh;

    EqualGaps(Axis axis, List<Box> others) {
        this.axis = axis;
        this.boxes = others.toArray(Box[]::new);
        this.low = new double[boxes.length];
        this.high = new double[boxes.length];
        this.besideLow = new double[boxes.length];
        this.besideHigh = new double[boxes.length];
        for (int i = 0; i < boxes.length; i++) {
            Span along = axis.of(boxes[i]);
            Span beside = axis.other().of(boxes[i]);
            low[i] = along.low();
            high[i] = along.high();
            besideLow[i] = beside.low();
            besideHigh[i] = beside.high();
        }
    }

    Optional<Rails.Hit> near(Box moving, double reach) {
        Span own = axis.of(moving);
        Span beside = axis.other().of(moving);
        int before = before(own.low() + reach, beside, NONE);
        int after = after(own.high() - reach, beside, NONE);
        Optional<Rails.Hit> best = Optional.empty();
        if (before != NONE && after != NONE) {
            double gap = (low[after] - high[before] - own.length()) / 2;
            best = nearer(best, gap, high[before] + gap - own.low(), reach, before, after, true);
        }
        int second = before == NONE ? NONE : before(low[before], axis.other().of(boxes[before]), before);
        if (second != NONE) {
            double gap = low[before] - high[second];
            best = nearer(best, gap, high[before] + gap - own.low(), reach, second, before, false);
        }
        int third = after == NONE ? NONE : after(high[after], axis.other().of(boxes[after]), after);
        if (third != NONE) {
            double gap = low[third] - high[after];
            best = nearer(best, gap, low[after] - gap - own.high(), reach, after, third, false);
        }
        return best;
    }

    /** The one that ends last before a place and faces the stretch beside. */
    private int before(double place, Span beside, int except) {
        int found = NONE;
        for (int i = 0; i < boxes.length; i++) {
            if (high[i] <= place
                    && i != except
                    && besideLow[i] < beside.high()
                    && beside.low() < besideHigh[i]
                    && (found == NONE || high[i] > high[found])) {
                found = i;
            }
        }
        return found;
    }

    /** The one that begins first after a place and faces the stretch beside. */
    private int after(double place, Span beside, int except) {
        int found = NONE;
        for (int i = 0; i < boxes.length; i++) {
            if (low[i] >= place
                    && i != except
                    && besideLow[i] < beside.high()
                    && beside.low() < besideHigh[i]
                    && (found == NONE || low[i] < low[found])) {
                found = i;
            }
        }
        return found;
    }

    private Optional<Rails.Hit> nearer(
            Optional<Rails.Hit> best, double gap, double move, double reach, int first, int second, boolean between) {
        double most = best.map(h -> Math.abs(h.move())).orElse(reach);
        return gap > 1e-6 && Math.abs(move) <= most
                ? Optional.of(new Equal(move, boxes[first], boxes[second], between))
                : best;
    }

    /** A line in each of the two gaps that are equal. */
    private final class Equal implements Rails.Hit {
        private final double move;
        private final Box first;
        private final Box second;
        private final boolean between;

        Equal(double move, Box first, Box second, boolean between) {
            this.move = move;
            this.first = first;
            this.second = second;
            this.between = between;
        }

        @Override
        public double move() {
            return move;
        }

        @Override
        public List<Snap.Line> lines(Box moved) {
            if (between) {
                return List.of(gap(first, moved), gap(moved, second));
            }
            boolean last = axis.of(moved).low() >= axis.of(second).high();
            return List.of(gap(first, second), last ? gap(second, moved) : gap(moved, first));
        }

        private Snap.Line gap(Box a, Box b) {
            Span x = axis.other().of(a);
            Span y = axis.other().of(b);
            double level = (Math.max(x.low(), y.low()) + Math.min(x.high(), y.high())) / 2;
            return new Snap.Line(
                    Snap.Kind.EQUAL_GAP,
                    axis,
                    Rails.point(axis, axis.of(a).high(), level),
                    Rails.point(axis, axis.of(b).low(), level));
        }
    }
}
