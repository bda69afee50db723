package rondel.geometry;

import java.util.Optional;

/** The exact bounds of contours: ends, and the places where a curve's derivative along an axis is zero. */
final class OutlineBounds {

    private final Affine affine;
    private double minX = Double.POSITIVE_INFINITY;
    private double minY = Double.POSITIVE_INFINITY;
    private double maxX = Double.NEGATIVE_INFINITY;
    private double maxY = Double.NEGATIVE_INFINITY;

    private OutlineBounds(Affine affine) {
        this.affine = affine;
    }

    static Optional<Box> of(byte[] verbs, double[] coords, Affine affine) {
        if (verbs.length == 0) {
            return Optional.empty();
        }
        OutlineBounds bounds = new OutlineBounds(affine);
        bounds.walk(verbs, coords);
        return Optional.of(Box.between(bounds.minX, bounds.minY, bounds.maxX, bounds.maxY));
    }

    private void walk(byte[] verbs, double[] c) {
        int at = 0;
        double x = 0;
        double y = 0;
        for (byte verb : verbs) {
            int points = verb == Outline.CLOSE ? 0 : verb == Outline.QUAD ? 2 : verb == Outline.CUBIC ? 3 : 1;
            if (points == 0) {
                continue;
            }
            double endX = mapX(c, at + 2 * points - 2);
            double endY = mapY(c, at + 2 * points - 2);
            if (points == 2) {
                double qx = mapX(c, at);
                double qy = mapY(c, at);
                if (outside(qx, qy)) {
                    quad(x, qx, endX, true);
                    quad(y, qy, endY, false);
                }
            } else if (points == 3) {
                double ax = mapX(c, at);
                double ay = mapY(c, at);
                double bx = mapX(c, at + 2);
                double by = mapY(c, at + 2);
                include(endX, true);
                include(endY, false);
                if (outside(ax, ay) || outside(bx, by)) {
                    cubic(x, ax, bx, endX, true);
                    cubic(y, ay, by, endY, false);
                }
            }
            include(endX, true);
            include(endY, false);
            x = endX;
            y = endY;
            at += 2 * points;
        }
    }

    private boolean outside(double px, double py) {
        return px < minX || px > maxX || py < minY || py > maxY;
    }

    private double mapX(double[] c, int i) {
        return affine.a() * c[i] + affine.c() * c[i + 1] + affine.e();
    }

    private double mapY(double[] c, int i) {
        return affine.b() * c[i] + affine.d() * c[i + 1] + affine.f();
    }

    private void include(double v, boolean horizontal) {
        if (horizontal) {
            minX = Math.min(minX, v);
            maxX = Math.max(maxX, v);
        } else {
            minY = Math.min(minY, v);
            maxY = Math.max(maxY, v);
        }
    }

    private void quad(double p0, double p1, double p2, boolean horizontal) {
        double t = (p0 - p1) / (p0 - 2 * p1 + p2);
        if (t > 0 && t < 1) {
            double u = 1 - t;
            include(u * u * p0 + 2 * u * t * p1 + t * t * p2, horizontal);
        }
    }

    private void cubic(double p0, double p1, double p2, double p3, boolean horizontal) {
        double a = -p0 + 3 * p1 - 3 * p2 + p3;
        double b = 2 * (p0 - 2 * p1 + p2);
        double c = p1 - p0;
        if (Math.abs(a) < 1e-12 * (Math.abs(b) + Math.abs(c) + 1e-300)) {
            cubicAt(-c / b, p0, p1, p2, p3, horizontal);
            return;
        }
        double root = b * b - 4 * a * c;
        if (root >= 0) {
            double q = -0.5 * (b + Math.copySign(Math.sqrt(root), b));
            cubicAt(q / a, p0, p1, p2, p3, horizontal);
            cubicAt(c / q, p0, p1, p2, p3, horizontal);
        }
    }

    private void cubicAt(double t, double p0, double p1, double p2, double p3, boolean horizontal) {
        if (t > 0 && t < 1) {
            double u = 1 - t;
            include(u * u * u * p0 + 3 * u * u * t * p1 + 3 * u * t * t * p2 + t * t * t * p3, horizontal);
        }
    }
}
