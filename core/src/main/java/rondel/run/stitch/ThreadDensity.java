package rondel.run.stitch;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rondel.geometry.Point;

/** How many threads lie over each other, square millimetre by square millimetre: the length of thread in it times its width. */
final class ThreadDensity {

    /** Steps along a stitch by which its length is dealt out, in mm. */
    private static final double STEP = 0.25;

    private final Map<Cell, Double> layers = new HashMap<>();

    private record Cell(int x, int y) {}

    void add(List<Stitch> stitches) {
        for (int i = 1; i < stitches.size(); i++) {
            if (stitches.get(i).move() == Stitch.Move.SEW) {
                along(stitches.get(i - 1).at(), stitches.get(i).at());
            }
        }
    }

    private void along(Point a, Point b) {
        double far = a.distanceTo(b);
        int steps = (int) Math.max(1, Math.ceil(far / STEP));
        double share = far / steps * StitchPlan.THREAD;
        for (int k = 0; k < steps; k++) {
            double t = (k + 0.5) / steps;
            Cell cell = new Cell(
                    (int) Math.floor(a.x() + t * (b.x() - a.x())), (int) Math.floor(a.y() + t * (b.y() - a.y())));
            layers.merge(cell, share, Double::sum);
        }
    }

    /** How many square millimetres have more layers than that. */
    int over(double most) {
        return (int) layers.values().stream().filter(l -> l > most).count();
    }

    double most() {
        return layers.values().stream().mapToDouble(l -> l).max().orElse(0);
    }

    /** The middle of the square millimetre with the most layers. */
    Point densest() {
        return layers.entrySet().stream()
                .max(Map.Entry.<Cell, Double>comparingByValue()
                        .thenComparing(e -> e.getKey().x())
                        .thenComparing(e -> e.getKey().y()))
                .map(e -> new Point(e.getKey().x() + 0.5, e.getKey().y() + 0.5))
                .orElse(Point.ORIGIN);
    }
}
