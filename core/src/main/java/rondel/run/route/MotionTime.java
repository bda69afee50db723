package rondel.run.route;

import java.util.List;
import rondel.geometry.Point;

/** How long a tool takes along a way: each straight piece is gone through at a speed that rises and falls evenly (trapezoids), no faster than
 *  it can come to the next corner; a corner is gone through as fast as an arc that rounds it by a set length would allow at the same
 *  acceleration (junction deviation, as open firmware for such machines has it), with the whole way ahead in view. */
public final class MotionTime {

    private final double acceleration;
    private final double corner;

    public MotionTime(Machine machine) {
        this.acceleration = machine.acceleration();
        this.corner = machine.corner();
    }

    /** From standstill to standstill, in s.
     *
     * @param speed at most, in mm/s */
    public double of(List<Point> way, double speed) {
        int n = way.size() - 1;
        if (n < 1) {
            return 0;
        }
        double[] length = new double[n];
        double[] entry = new double[n + 1];
        for (int i = 0; i < n; i++) {
            length[i] = way.get(i).distanceTo(way.get(i + 1));
            entry[i + 1] = i + 1 < n ? Math.min(speed, throughCorner(way.get(i), way.get(i + 1), way.get(i + 2))) : 0;
        }
        for (int i = n - 1; i >= 0; i--) {
            entry[i] = Math.min(entry[i], Math.sqrt(entry[i + 1] * entry[i + 1] + 2 * acceleration * length[i]));
        }
        double time = 0;
        for (int i = 0; i < n; i++) {
            entry[i + 1] = Math.min(entry[i + 1], Math.sqrt(entry[i] * entry[i] + 2 * acceleration * length[i]));
            time += piece(length[i], entry[i], entry[i + 1], speed);
        }
        return time;
    }

    private double piece(double length, double from, double to, double speed) {
        double peak = Math.min(speed, Math.sqrt((2 * acceleration * length + from * from + to * to) / 2));
        double up = (peak * peak - from * from) / (2 * acceleration);
        double down = (peak * peak - to * to) / (2 * acceleration);
        double even = Math.max(0, length - up - down);
        return (peak - from) / acceleration + (peak - to) / acceleration + (peak > 0 ? even / peak : 0);
    }

    private double throughCorner(Point a, Point b, Point c) {
        double in = a.distanceTo(b);
        double out = b.distanceTo(c);
        if (in == 0 || out == 0) {
            return Double.POSITIVE_INFINITY;
        }
        double cos = ((a.x() - b.x()) * (c.x() - b.x()) + (a.y() - b.y()) * (c.y() - b.y())) / (in * out);
        double sinHalf = Math.sqrt(Math.max(0, (1 - cos) / 2));
        return sinHalf > 1 - 1e-9
                ? Double.POSITIVE_INFINITY
                : Math.sqrt(acceleration * corner * sinHalf / (1 - sinHalf));
    }
}
