package rondel.run.registration;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import rondel.gang.marks.RegistrationMarks;
import rondel.gang.marks.RegistrationMarks.Mark;
import rondel.geometry.Point;

/** Brings a map nearer to a picture: at places all around each mark it is looked how far the edge is seen from where the map puts it, at half
 *  the step from light to dark, and the map is changed so that the squares of those distances become least (Gauss and Newton), without
 *  places that are far off, as dirt makes them. */
final class EdgeFit {

    private static final int PLACES = 48;
    private static final int ROUNDS = 4;

    /** How far in and out of the edge it is looked for, as a share of the radius. */
    private static final double REACH = 0.3;

    private static final int SAMPLES = 40;

    /** Places farther off than so many times the middle of all are left out. */
    private static final double OUTLIER = 3;

    /** Less of a step from light to dark, of 255, is no edge. */
    private static final double FAINT = 30;

    /** A mark of which fewer places show an edge is covered. */
    private static final double LEAST_SEEN = 0.6;

    private EdgeFit() {}

    /** @param residual in pixels; endless where a mark's edge is not seen */
    record Fitted(Homography map, double residual) {}

    /** One place of an edge.
     *
     * @param off how far it is seen out of where it should be, in pixels
     * @param nx the way out, in pixels, of length 1 */
    private record Place(Point design, double off, double nx, double ny) {}

    static Fitted of(GreyPicture picture, List<Mark> marks, Homography first) {
        Homography map = first;
        List<Place> places = List.of();
        for (int round = 0; round <= ROUNDS; round++) {
            places = new ArrayList<>();
            for (Mark mark : marks) {
                List<Place> own = seen(picture, mark, map);
                if (own.size() < LEAST_SEEN * PLACES) {
                    return new Fitted(map, Double.POSITIVE_INFINITY);
                }
                places.addAll(own);
            }
            places = withoutOutliers(places);
            if (round < ROUNDS) {
                map = nearer(map, places);
            }
        }
        double square = places.stream().mapToDouble(p -> p.off * p.off).sum();
        return new Fitted(map, Math.sqrt(square / places.size()));
    }

    private static List<Place> withoutOutliers(List<Place> places) {
        double[] off =
                places.stream().mapToDouble(p -> Math.abs(p.off)).sorted().toArray();
        double most = Math.max(0.25, OUTLIER * off[off.length / 2]);
        return places.stream().filter(p -> Math.abs(p.off) <= most).toList();
    }

    private static List<Place> seen(GreyPicture picture, Mark mark, Homography map) {
        List<Place> all = new ArrayList<>();
        double r = RegistrationMarks.RADIUS;
        for (int k = 0; k < PLACES; k++) {
            double a = 2 * Math.PI * k / PLACES;
            double ux = Math.cos(a);
            double uy = Math.sin(a);
            Point edge = new Point(mark.centre().x() + r * ux, mark.centre().y() + r * uy);
            Point in = map.apply(along(mark.centre(), ux, uy, r * (1 - REACH)));
            Point out = map.apply(along(mark.centre(), ux, uy, r * (1 + REACH)));
            Point at = map.apply(edge);
            double[] light = new double[SAMPLES + 1];
            for (int i = 0; i <= SAMPLES; i++) {
                double t = (double) i / SAMPLES;
                light[i] = picture.between(in.x() + t * (out.x() - in.x()), in.y() + t * (out.y() - in.y()));
            }
            double crossing = crossing(light);
            if (crossing < 0) {
                continue;
            }
            Point there = new Point(in.x() + crossing * (out.x() - in.x()), in.y() + crossing * (out.y() - in.y()));
            // Out of the seen edge, square to it: the way along the edge tells nothing.
            Point next = map.apply(along(mark.centre(), Math.cos(a + 0.01), Math.sin(a + 0.01), r));
            double tx = next.x() - at.x();
            double ty = next.y() - at.y();
            double length = Math.hypot(tx, ty);
            double nx = ty / length;
            double ny = -tx / length;
            if (nx * (out.x() - in.x()) + ny * (out.y() - in.y()) < 0) {
                nx = -nx;
                ny = -ny;
            }
            all.add(new Place(edge, (there.x() - at.x()) * nx + (there.y() - at.y()) * ny, nx, ny));
        }
        return all;
    }

    private static Point along(Point from, double ux, double uy, double by) {
        return new Point(from.x() + ux * by, from.y() + uy * by);
    }

    /** Where, from 0 to 1, dark becomes light; -1 where it does not. */
    private static double crossing(double[] light) {
        int quarter = light.length / 4;
        double dark = Arrays.stream(light, 0, quarter).average().orElse(0);
        double pale = Arrays.stream(light, light.length - quarter, light.length)
                .average()
                .orElse(0);
        if (pale - dark < FAINT) {
            return -1;
        }
        double half = (dark + pale) / 2;
        for (int i = 1; i < light.length; i++) {
            if (light[i - 1] < half && light[i] >= half) {
                double share = (half - light[i - 1]) / (light[i] - light[i - 1]);
                return (i - 1 + share) / (light.length - 1);
            }
        }
        return -1;
    }

    private static Homography nearer(Homography map, List<Place> places) {
        double[] v = map.figures();
        int n = Homography.FIGURES;
        double[][] normal = new double[n][n];
        double[] right = new double[n];
        double[] row = new double[n];
        double[] steps = new double[n];
        for (int k = 0; k < n; k++) {
            steps[k] = k < 6 ? 1e-4 * Math.max(1, Math.abs(v[k])) : 1e-8;
        }
        for (Place p : places) {
            Point at = map.apply(p.design);
            for (int k = 0; k < n; k++) {
                double[] changed = v.clone();
                changed[k] += steps[k];
                Point moved = Homography.of(changed).apply(p.design);
                row[k] = ((moved.x() - at.x()) * p.nx + (moved.y() - at.y()) * p.ny) / steps[k];
            }
            for (int i = 0; i < n; i++) {
                right[i] += row[i] * p.off;
                for (int j = 0; j < n; j++) {
                    normal[i][j] += row[i] * row[j];
                }
            }
        }
        // In even units, so that elimination loses no figures.
        double[] size = new double[n];
        for (int i = 0; i < n; i++) {
            size[i] = Math.sqrt(normal[i][i]);
        }
        for (int i = 0; i < n; i++) {
            right[i] /= size[i];
            for (int j = 0; j < n; j++) {
                normal[i][j] /= size[i] * size[j];
            }
        }
        double[] by = LinearSystem.solved(normal, right);
        double[] better = v.clone();
        for (int k = 0; k < n; k++) {
            better[k] += by[k] / size[k];
        }
        return Arrays.stream(better).allMatch(Double::isFinite) ? Homography.of(better) : map;
    }
}
