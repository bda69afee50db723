package rondel.formats.pdf;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDShadingPattern;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Paint;

/** A gradient as an axial or radial shading (ISO 32000-2, 8.7.4.5.3 and 8.7.4.5.4) whose colours run along stitched
 *  linear functions. PDF has no repeated gradients, so as many turns as the area needs are written out. */
final class PdfGradient {

    private static final int MOST_TURNS = 200;

    private final int type;
    private final double[] coordinates;
    private final List<Paint.Stop> stops;
    private final Affine matrix;

    private PdfGradient(int type, double[] coordinates, List<Paint.Stop> stops, Affine matrix) {
        this.type = type;
        this.coordinates = coordinates;
        this.stops = stops;
        this.matrix = matrix;
    }

    /** Null where the gradient has no length or its space is flat: then its last colour fills.
     *
     * @param matrix from the gradient's space to the page's */
    static PdfGradient of(Paint.Linear g, Affine matrix, Box area) {
        double dx = g.x2() - g.x1();
        double dy = g.y2() - g.y1();
        double length2 = dx * dx + dy * dy;
        if (length2 == 0 || matrix.inverse().isEmpty()) {
            return null;
        }
        Turns turns = Turns.of(
                g.spread(), corners(area, matrix), p -> ((p.x() - g.x1()) * dx + (p.y() - g.y1()) * dy) / length2);
        double[] coordinates = {
            g.x1() + turns.from * dx, g.y1() + turns.from * dy, g.x1() + turns.to * dx, g.y1() + turns.to * dy
        };
        return new PdfGradient(2, coordinates, turns.stops(g.stops(), g.spread()), matrix);
    }

    /** As for a linear one. */
    static PdfGradient of(Paint.Radial g, Affine matrix, Box area) {
        if (!(g.r() > 0) || matrix.inverse().isEmpty()) {
            return null;
        }
        Turns reach = Turns.of(
                g.spread(), corners(area, matrix), p -> Math.hypot(p.x() - g.cx(), p.y() - g.cy()) / g.r() + 1);
        Turns turns = new Turns(0, reach.to);
        double[] coordinates = {
            g.fx(),
            g.fy(),
            0,
            g.fx() + turns.to * (g.cx() - g.fx()),
            g.fy() + turns.to * (g.cy() - g.fy()),
            turns.to * g.r()
        };
        return new PdfGradient(3, coordinates, turns.stops(g.stops(), g.spread()), matrix);
    }

    PDShadingPattern pattern(PdfColours colours) {
        return pattern(colours.space(), s -> colours.parts(s.colour()));
    }

    /** The gradient's see-through, as light. */
    PDShadingPattern ofAlpha() {
        return pattern(COSName.DEVICERGB, s -> {
            double a = s.colour().alpha() / 255.0;
            return new double[] {a, a, a};
        });
    }

    private PDShadingPattern pattern(COSName space, java.util.function.Function<Paint.Stop, double[]> colour) {
        COSDictionary shading = new COSDictionary();
        shading.setInt(COSName.SHADING_TYPE, type);
        shading.setItem(COSName.COLORSPACE, space);
        shading.setItem(COSName.COORDS, numbers(coordinates));
        COSArray extend = new COSArray();
        extend.add(COSBoolean.TRUE);
        extend.add(COSBoolean.TRUE);
        shading.setItem(COSName.EXTEND, extend);
        shading.setItem(COSName.FUNCTION, stitched(colour));
        PDShadingPattern pattern = new PDShadingPattern();
        try {
            pattern.setShading(PDShading.create(shading));
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        pattern.setMatrix(matrix.toAwt());
        return pattern;
    }

    private COSDictionary stitched(java.util.function.Function<Paint.Stop, double[]> colour) {
        COSArray functions = new COSArray();
        COSArray bounds = new COSArray();
        COSArray encode = new COSArray();
        for (int i = 0; i + 1 < stops.size(); i++) {
            COSDictionary part = new COSDictionary();
            part.setInt(COSName.FUNCTION_TYPE, 2);
            part.setItem(COSName.DOMAIN, numbers(0, 1));
            part.setItem(COSName.C0, numbers(colour.apply(stops.get(i))));
            part.setItem(COSName.C1, numbers(colour.apply(stops.get(i + 1))));
            part.setInt(COSName.N, 1);
            functions.add(part);
            encode.add(COSInteger.ZERO);
            encode.add(COSInteger.ONE);
            if (i > 0) {
                bounds.add(new COSFloat((float) stops.get(i).offset()));
            }
        }
        COSDictionary all = new COSDictionary();
        all.setInt(COSName.FUNCTION_TYPE, 3);
        all.setItem(COSName.DOMAIN, numbers(0, 1));
        all.setItem(COSName.FUNCTIONS, functions);
        all.setItem(COSName.BOUNDS, bounds);
        all.setItem(COSName.ENCODE, encode);
        return all;
    }

    private static COSArray numbers(double... values) {
        COSArray array = new COSArray();
        for (double v : values) {
            array.add(new COSFloat((float) v));
        }
        return array;
    }

    private static List<Point> corners(Box area, Affine matrix) {
        Affine back = matrix.inverse().orElseThrow();
        return List.of(
                back.apply(area.x(), area.y()),
                back.apply(area.right(), area.y()),
                back.apply(area.x(), area.bottom()),
                back.apply(area.right(), area.bottom()));
    }

    /** From which to which whole turn of the gradient the area reaches. */
    private record Turns(int from, int to) {

        static Turns of(Paint.Spread spread, List<Point> corners, ToDoubleFunction<Point> along) {
            if (spread == Paint.Spread.PAD) {
                return new Turns(0, 1);
            }
            double least = corners.stream().mapToDouble(along).min().orElse(0);
            double most = corners.stream().mapToDouble(along).max().orElse(1);
            int from = (int) Math.max(-MOST_TURNS, Math.floor(least));
            return new Turns(from, (int) Math.max(from + 1, Math.min(from + MOST_TURNS, Math.ceil(most))));
        }

        List<Paint.Stop> stops(List<Paint.Stop> once, Paint.Spread spread) {
            List<Paint.Stop> all = new ArrayList<>();
            for (int turn = from; turn < to; turn++) {
                boolean back = spread == Paint.Spread.REFLECT && Math.floorMod(turn, 2) == 1;
                List<Paint.Stop> ordered = back ? once.reversed() : once;
                for (Paint.Stop s : ordered) {
                    add(all, (turn - from + (back ? 1 - s.offset() : s.offset())) / (to - from), s);
                }
            }
            if (all.getFirst().offset() > 0) {
                all.addFirst(new Paint.Stop(0, all.getFirst().colour()));
            }
            if (all.getLast().offset() < 1) {
                all.addLast(new Paint.Stop(1, all.getLast().colour()));
            }
            return all;
        }

        private static void add(List<Paint.Stop> all, double offset, Paint.Stop stop) {
            all.add(new Paint.Stop(offset, stop.colour()));
        }
    }
}
