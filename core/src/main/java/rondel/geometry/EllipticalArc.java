package rondel.geometry;

/** From SVG's endpoint arcs to cubics: the conversion to a centre of SVG 2, appendix B.2.4, then the usual tangent
 *  length 4/3·tan(θ/4) for each part. */
final class EllipticalArc {

    private static final double PART = Math.PI / 4;

    private EllipticalArc() {}

    static void append(
            OutlineBuilder out,
            double x0,
            double y0,
            double rxGiven,
            double ryGiven,
            double turn,
            boolean large,
            boolean sweep,
            double x1,
            double y1) {
        if (x0 == x1 && y0 == y1) {
            return;
        }
        double rx = Math.abs(rxGiven);
        double ry = Math.abs(ryGiven);
        if (rx == 0 || ry == 0) {
            out.lineTo(x1, y1);
            return;
        }
        double phi = Math.toRadians(turn % 360);
        double cos = Math.cos(phi);
        double sin = Math.sin(phi);
        double hx = (x0 - x1) / 2;
        double hy = (y0 - y1) / 2;
        double px = cos * hx + sin * hy;
        double py = -sin * hx + cos * hy;
        double grow = px * px / (rx * rx) + py * py / (ry * ry);
        if (grow > 1) {
            rx *= Math.sqrt(grow);
            ry *= Math.sqrt(grow);
        }
        double sum = rx * rx * py * py + ry * ry * px * px;
        double factor = Math.sqrt(Math.max(0, (rx * rx * ry * ry - sum) / sum)) * (large == sweep ? -1 : 1);
        double cpx = factor * rx * py / ry;
        double cpy = -factor * ry * px / rx;
        double cx = cos * cpx - sin * cpy + (x0 + x1) / 2;
        double cy = sin * cpx + cos * cpy + (y0 + y1) / 2;
        double from = Math.atan2((py - cpy) / ry, (px - cpx) / rx);
        double span = Math.atan2((-py - cpy) / ry, (-px - cpx) / rx) - from;
        if (sweep && span < 0) {
            span += 2 * Math.PI;
        } else if (!sweep && span > 0) {
            span -= 2 * Math.PI;
        }
        int parts = Math.max(1, (int) Math.ceil(Math.abs(span) / PART - 1e-9));
        double step = span / parts;
        double reach = 4.0 / 3 * Math.tan(step / 4);
        for (int i = 0; i < parts; i++) {
            double t0 = from + i * step;
            double t1 = t0 + step;
            double c0 = Math.cos(t0);
            double s0 = Math.sin(t0);
            double c1 = Math.cos(t1);
            double s1 = Math.sin(t1);
            double ax = rx * (c0 - reach * s0);
            double ay = ry * (s0 + reach * c0);
            double bx = rx * (c1 + reach * s1);
            double by = ry * (s1 - reach * c1);
            boolean last = i == parts - 1;
            out.cubicTo(
                    cos * ax - sin * ay + cx,
                    sin * ax + cos * ay + cy,
                    cos * bx - sin * by + cx,
                    sin * bx + cos * by + cy,
                    last ? x1 : cos * rx * c1 - sin * ry * s1 + cx,
                    last ? y1 : sin * rx * c1 + cos * ry * s1 + cy);
        }
    }
}
