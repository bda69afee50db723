package rondel.gang.nest;

import java.util.ArrayList;
import java.util.List;

/** Circles inside a shape that together cover most of it, the largest first: each is the largest about a place of a grid that overlaps none before
 *  it (poles of inaccessibility, as in Gardeyn and Wauters 2024). */
final class InscribedCircles {

    private InscribedCircles() {}

    /** @return x, y and radius of each */
    static List<double[]> of(NestShape shape) {
        double w = shape.maxX - shape.minX;
        double h = shape.maxY - shape.minY;
        double cell = Math.max(w, h) / NestTuning.CIRCLE_GRID;
        List<double[]> places = new ArrayList<>();
        for (double y = shape.minY + cell / 2; y < shape.maxY; y += cell) {
            for (double x = shape.minX + cell / 2; x < shape.maxX; x += cell) {
                if (shape.contains(x, y)) {
                    places.add(new double[] {x, y, shape.distanceToEdge(x, y)});
                }
            }
        }
        List<double[]> circles = new ArrayList<>();
        double covered = 0;
        while (circles.size() < NestTuning.MOST_CIRCLES && covered < NestTuning.COVERED * shape.area) {
            double[] best = null;
            double bestRadius = 0;
            for (double[] p : places) {
                double r = p[2];
                for (double[] c : circles) {
                    r = Math.min(r, Math.hypot(p[0] - c[0], p[1] - c[1]) - c[2]);
                }
                if (r > bestRadius) {
                    bestRadius = r;
                    best = p;
                }
            }
            if (best == null || !circles.isEmpty() && bestRadius < NestTuning.SMALLEST_CIRCLE * circles.getFirst()[2]) {
                break;
            }
            double radius = Math.min(best[2], bestRadius);
            circles.add(new double[] {best[0], best[1], radius});
            covered += Math.PI * radius * radius;
        }
        if (circles.isEmpty()) {
            circles.add(new double[] {(shape.minX + shape.maxX) / 2, (shape.minY + shape.maxY) / 2, 1e-3});
        }
        return circles;
    }
}
