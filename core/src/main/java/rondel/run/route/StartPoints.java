package rondel.run.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import rondel.geometry.Point;

/** Where a closed line may be begun: a nick is seen least at its sharpest corners; one that is smooth all round may be begun anywhere. */
final class StartPoints {

    /** How many places are offered at most. */
    private static final int MOST = 16;

    /** Corners that turn so much less than the sharpest, in degrees, are as good. */
    private static final double AS_GOOD = 25;

    private StartPoints() {}

    static Stop of(FlatLine line) {
        if (!line.closed()) {
            Point first = line.points().getFirst();
            Point last = line.points().getLast();
            return new Stop(List.of(
                    new Stop.Way(first, last, 0),
                    new Stop.Way(last, new Point(first.x(), first.y()), line.size() - 1)));
        }
        List<Stop.Way> ways = new ArrayList<>();
        for (int i : candidates(line)) {
            ways.add(new Stop.Way(line.at(i), line.at(i), i));
        }
        return new Stop(List.copyOf(ways));
    }

    private static List<Integer> candidates(FlatLine line) {
        List<Integer> corners = line.corners().stream().boxed().toList();
        if (corners.isEmpty()) {
            List<Integer> even = new ArrayList<>();
            int count = Math.min(MOST, line.size());
            for (int i = 0; i < count; i++) {
                even.add((int) ((long) i * line.size() / count));
            }
            return even;
        }
        double sharpest = corners.stream().mapToDouble(i -> turn(line, i)).max().orElse(0);
        return corners.stream()
                .filter(i -> turn(line, i) >= sharpest - AS_GOOD)
                .sorted(Comparator.comparingDouble(i -> -turn(line, i)))
                .limit(MOST)
                .toList();
    }

    /** How much a line turns at a point, in degrees from 0 to 180. */
    static double turn(FlatLine line, int i) {
        Point a = line.at(i - 1);
        Point b = line.at(i);
        Point c = line.at(i + 1);
        double in = Math.atan2(b.y() - a.y(), b.x() - a.x());
        double out = Math.atan2(c.y() - b.y(), c.x() - b.x());
        double turn = Math.toDegrees(Math.abs(out - in));
        return turn > 180 ? 360 - turn : turn;
    }
}
