package rondel.lines.combine;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** Evens out a line so that a blade can follow it: segments that are too short go into their neighbours, and corners as sharp as
 *  a needle are rounded. Everything else stays the curve it was.
 *
 * @param angle corners below are rounded, in degrees
 * @param radius how far from its tip on a corner is rounded, in mm; at most half of a side
 * @param shortest segments below go, in mm */
record BladeSmoothing(double angle, double radius, double shortest) {

    /** How far handles reach towards the tip that they round. */
    private static final double REACH = 0.6;

    private static final double SIDE = 0.45;

    private static final int SAMPLES = 64;

    Contour of(Contour contour) {
        List<Bezier> kept = withoutShort(contour);
        return new Contour(rounded(kept, contour.closed()), contour.closed());
    }

    /** Points that lie closer to each other than the shortest segment become one, each no farther from it than that. */
    private List<Bezier> withoutShort(Contour contour) {
        List<Bezier> kept = new ArrayList<>(contour.segments());
        List<List<Point>> dropped = new ArrayList<>();
        kept.forEach(b -> dropped.add(new ArrayList<>()));
        int least = contour.closed() ? 3 : 1;
        for (int i = 0; i < kept.size() && kept.size() > least; ) {
            Bezier one = kept.get(i);
            boolean last = i + 1 == kept.size();
            boolean opensAtEnd = last && !contour.closed();
            int next = last ? 0 : i + 1;
            Point stays = opensAtEnd ? one.end() : one.start();
            List<Point> gone = new ArrayList<>(dropped.get(i));
            gone.add(opensAtEnd ? one.start() : one.end());
            if (!opensAtEnd) {
                gone.addAll(dropped.get(next));
            }
            if (one.controlLength() >= shortest || gone.stream().anyMatch(p -> p.distanceTo(stays) > shortest)) {
                i++;
                continue;
            }
            if (opensAtEnd) {
                kept.set(i - 1, kept.get(i - 1).between(kept.get(i - 1).start(), stays));
            } else {
                kept.set(next, kept.get(next).between(stays, kept.get(next).end()));
                dropped.set(next, gone);
            }
            kept.remove(i);
            dropped.remove(i);
        }
        return kept;
    }

    private List<Bezier> rounded(List<Bezier> segments, boolean closed) {
        int n = segments.size();
        double[] from = new double[n];
        double[] to = new double[n];
        boolean[] sharp = new boolean[n];
        for (int i = 0; i < n; i++) {
            int next = (i + 1) % n;
            to[i] = 1;
            sharp[i] = (closed || i + 1 < n) && n > 1 && segments.get(i).cornerWith(segments.get(next)) < angle;
        }
        for (int i = 0; i < n; i++) {
            if (sharp[i]) {
                int next = (i + 1) % n;
                to[i] = 1 - reached(segments.get(i).reversed());
                from[next] = reached(segments.get(next));
            }
        }
        List<Bezier> done = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            done.add(segments.get(i).part(from[i], to[i]));
            if (sharp[i]) {
                Bezier a = done.getLast();
                Bezier b = segments.get((i + 1) % n).part(from[(i + 1) % n], 1);
                done.add(tip(a, b, segments.get(i).end()));
            }
        }
        return done;
    }

    /** How far on a curve a place is that lies the radius from its start, as t. */
    private double reached(Bezier b) {
        double whole = 0;
        double[] along = new double[SAMPLES + 1];
        for (int i = 1; i <= SAMPLES; i++) {
            whole += b.at((i - 1.0) / SAMPLES).distanceTo(b.at((double) i / SAMPLES));
            along[i] = whole;
        }
        double wanted = Math.min(radius, SIDE * whole);
        int i = 1;
        while (i < SAMPLES && along[i] < wanted) {
            i++;
        }
        double step = along[i] - along[i - 1];
        return (i - 1 + (step == 0 ? 1 : (wanted - along[i - 1]) / step)) / SAMPLES;
    }

    private static Bezier tip(Bezier in, Bezier out, Point tip) {
        Point a = in.end();
        Point b = out.start();
        Point before = in.tangent(1);
        Point after = out.tangent(0);
        double ha = REACH * a.distanceTo(tip);
        double hb = REACH * b.distanceTo(tip);
        return new Bezier(
                a.x(),
                a.y(),
                a.x() + ha * before.x(),
                a.y() + ha * before.y(),
                b.x() - hb * after.x(),
                b.y() - hb * after.y(),
                b.x(),
                b.y());
    }
}
