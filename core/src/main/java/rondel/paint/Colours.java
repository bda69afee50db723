package rondel.paint;

import java.awt.Color;
import java.awt.LinearGradientPaint;
import java.awt.MultipleGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import rondel.job.Paint;
import rondel.job.Rgba;

/** Paints as Java 2D fills with them. */
public final class Colours {

    /** Stands where a picture's file is lost. */
    static final Color MISSING = new Color(0xd8, 0xd2, 0xc4);

    private Colours() {}

    public static Color awt(Rgba c) {
        return new Color(c.red(), c.green(), c.blue(), c.alpha());
    }

    /** Everything but tiles, which the painter lays itself. */
    static java.awt.Paint awt(Paint paint) {
        return switch (paint) {
            case Paint.Solid s -> awt(s.colour());
            case Paint.Linear g -> linear(g);
            case Paint.Radial g -> radial(g);
            case Paint.None n -> new Color(0, true);
            case Paint.Tiles t -> new Color(0, true);
        };
    }

    private static java.awt.Paint linear(Paint.Linear g) {
        List<Paint.Stop> stops = increasing(g.stops());
        Point2D from = new Point2D.Double(g.x1(), g.y1());
        Point2D to = new Point2D.Double(g.x2(), g.y2());
        if (stops.size() < 2 || from.equals(to) || g.placement().inverse().isEmpty()) {
            return last(g.stops());
        }
        return new LinearGradientPaint(
                from,
                to,
                offsets(stops),
                colours(stops),
                cycle(g.spread()),
                MultipleGradientPaint.ColorSpaceType.SRGB,
                g.placement().toAwt());
    }

    private static java.awt.Paint radial(Paint.Radial g) {
        List<Paint.Stop> stops = increasing(g.stops());
        if (stops.size() < 2 || !((float) g.r() > 0) || g.placement().inverse().isEmpty()) {
            return last(g.stops());
        }
        return new RadialGradientPaint(
                new Point2D.Double(g.cx(), g.cy()),
                (float) g.r(),
                new Point2D.Double(g.fx(), g.fy()),
                offsets(stops),
                colours(stops),
                cycle(g.spread()),
                MultipleGradientPaint.ColorSpaceType.SRGB,
                g.placement().toAwt());
    }

    private static Color last(List<Paint.Stop> stops) {
        return stops.isEmpty() ? new Color(0, true) : awt(stops.getLast().colour());
    }

    /** Java 2D wants offsets that grow; equal ones, a hard edge, are told apart by the least there is. */
    private static List<Paint.Stop> increasing(List<Paint.Stop> stops) {
        List<Paint.Stop> result = new ArrayList<>();
        float before = -1;
        for (Paint.Stop stop : stops) {
            float at = (float) Math.min(1, Math.max(0, stop.offset()));
            if (at <= before) {
                at = Math.nextUp(before);
            }
            if (at > 1) {
                Paint.Stop previous = result.removeLast();
                float room = Math.nextDown(1f);
                if (result.isEmpty() || (float) result.getLast().offset() < room) {
                    result.add(new Paint.Stop(room, previous.colour()));
                }
                at = 1;
            }
            result.add(new Paint.Stop(at, stop.colour()));
            before = at;
        }
        return result;
    }

    private static float[] offsets(List<Paint.Stop> stops) {
        float[] result = new float[stops.size()];
        for (int i = 0; i < result.length; i++) {
            result[i] = (float) stops.get(i).offset();
        }
        return result;
    }

    private static Color[] colours(List<Paint.Stop> stops) {
        return stops.stream().map(s -> awt(s.colour())).toArray(Color[]::new);
    }

    private static MultipleGradientPaint.CycleMethod cycle(Paint.Spread spread) {
        return switch (spread) {
            case PAD -> MultipleGradientPaint.CycleMethod.NO_CYCLE;
            case REFLECT -> MultipleGradientPaint.CycleMethod.REFLECT;
            case REPEAT -> MultipleGradientPaint.CycleMethod.REPEAT;
        };
    }
}
