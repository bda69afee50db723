package rondel.bench;

import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import rondel.compose.arrange.Place;
import rondel.formats.fonts.ShippedFonts;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.FillingSettings;
import rondel.job.FontChoice;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.lines.combine.Silhouette;
import rondel.lines.filling.FillOutline;
import rondel.text.Typesetter;
import rondel.units.LengthUnit;

/** Filling an 8 in whale, a star, the letter R and a thin crescent with three round drawings in sizes from 0.3 to 1.5 in,
 *  0.04 in apart: what is left uncovered, how far the silhouette of the copies alone is from the outline, and the time; and what
 *  is left uncovered by drawings that are rounder still, which can't come as close to an edge. */
final class FillingOutlines {

    private static final double SIDE = 203.2;
    private static final double GAP = 1.016;
    private static final double CLOSING = 3.81;
    private static final FillingSettings SHAPE = new FillingSettings(
            7.62, 38.1, OptionalInt.empty(), OptionalDouble.empty(), 180, GAP, true, 1, FillingSettings.USUAL.rounds());

    private FillingOutlines() {}

    static List<Bench.Row> rows() {
        List<Bench.Row> rows = new ArrayList<>();
        outlines().forEach((name, outline) -> {
            Filled beach = filled(outline, List.of(shell(), oval(6), pebble()));
            Filled discs = filled(outline, List.of(disc(), oval(8), pebble()));
            rows.add(new Bench.Row(
                    name + " filled with shells, ovals and pebbles, ms against 10 s", beach.ms, 10_000, 1));
            rows.add(new Bench.Row(
                    "  per mille uncovered, against 200; gap and edge kept: " + (beach.sound && discs.sound),
                    1000 * (1 - beach.coverage),
                    200,
                    1));
            rows.add(new Bench.Row(
                    "  per mille of its silhouette that is off, against 70", 1000 * (1 - beach.likeness), 70, 1));
            rows.add(new Bench.Row(
                    "  per mille uncovered by discs, rounder ovals and pebbles", 1000 * (1 - discs.coverage), 200, 1));
            rows.add(new Bench.Row("  per mille of their silhouette that is off", 1000 * (1 - discs.likeness), 70, 1));
        });
        return rows;
    }

    private record Filled(double ms, double coverage, double likeness, boolean sound) {}

    private static Filled filled(Outline outline, List<Outline> drawings) {
        List<Element> all = new ArrayList<>();
        all.add(shape("outline", outline));
        List<ElementId> ids = new ArrayList<>();
        for (int i = 0; i < drawings.size(); i++) {
            all.add(shape("drawing-" + i, drawings.get(i)));
            ids.add(new ElementId("drawing-" + i));
        }
        Job blank = Job.blank("Filling", LengthUnit.IN, SIDE, SIDE);
        Job job = new Place(blank.sheets().getFirst().id(), all, List.of()).apply(blank);
        FillOutline fill = new FillOutline(new ElementId("outline"), ids, SHAPE);
        long start = System.nanoTime();
        Job filled = fill.apply(job);
        double ms = (System.nanoTime() - start) / 1e6;
        Geometry inside = FlatArea.of(outline, 0.002);
        List<Geometry> copies = fill.selects(job, filled).stream()
                .flatMap(id -> filled.located(id).element().children().stream())
                .map(e -> FlatArea.of(Overlay.united(Silhouette.framed(true).of(e, Affine.IDENTITY)), 0.002))
                .toList();
        double area = copies.stream().mapToDouble(Geometry::getArea).sum();
        Geometry closed = UnaryUnionOp.union(copies).buffer(CLOSING, 32).buffer(-CLOSING, 32);
        double likeness =
                closed.intersection(inside).getArea() / closed.union(inside).getArea();
        return new Filled(ms, area / inside.getArea(), likeness, sound(copies, inside));
    }

    private static boolean sound(List<Geometry> copies, Geometry inside) {
        boolean sound = true;
        for (int i = 0; i < copies.size(); i++) {
            sound &= copies.get(i).difference(inside.buffer(1e-6)).isEmpty();
            for (int j = 0; j < i; j++) {
                sound &= copies.get(i).distance(copies.get(j)) >= GAP;
            }
        }
        return sound;
    }

    private static Element shape(String id, Outline outline) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)),
                outline,
                FillRule.NON_ZERO,
                Paint.solid(Rgba.BLACK),
                Optional.empty());
    }

    private static Map<String, Outline> outlines() {
        Map<String, Outline> outlines = new LinkedHashMap<>();
        outlines.put("a whale", sized(whale()));
        outlines.put("a star", sized(star()));
        Outline letter = new Typesetter(new ShippedFonts())
                .outline(Lettering.plain("R", new FontChoice("Nunito", 700, false), 100));
        outlines.put("the letter R", sized(letter));
        Area crescent = new Area(new Ellipse2D.Double(0, 0, 200, 200));
        crescent.subtract(new Area(new Ellipse2D.Double(45, -8, 200, 200)));
        outlines.put("a crescent", sized(Outline.of(crescent)));
        return outlines;
    }

    private static Outline sized(Outline o) {
        Box b = o.bounds().orElseThrow();
        double s = SIDE / Math.max(b.width(), b.height());
        return Overlay.united(o.transformed(Affine.scale(s, s).times(Affine.translate(-b.x(), -b.y()))));
    }

    private static Outline whale() {
        Path2D p = new Path2D.Double();
        p.moveTo(10, 62);
        p.curveTo(8, 30, 45, 14, 90, 18);
        p.curveTo(130, 22, 150, 48, 172, 46);
        p.curveTo(176, 34, 170, 22, 160, 12);
        p.curveTo(176, 10, 186, 18, 190, 28);
        p.curveTo(196, 18, 206, 14, 218, 18);
        p.curveTo(212, 30, 206, 44, 196, 52);
        p.curveTo(188, 80, 150, 104, 100, 106);
        p.curveTo(50, 108, 14, 96, 10, 62);
        p.closePath();
        return Outline.of(p);
    }

    private static Outline star() {
        Path2D p = new Path2D.Double();
        for (int i = 0; i < 10; i++) {
            double r = i % 2 == 0 ? 100 : 45;
            double a = Math.PI * i / 5 - Math.PI / 2;
            if (i == 0) {
                p.moveTo(r * Math.cos(a), r * Math.sin(a));
            } else {
                p.lineTo(r * Math.cos(a), r * Math.sin(a));
            }
        }
        p.closePath();
        return Outline.of(p);
    }

    private static Outline disc() {
        return Outline.of(new Ellipse2D.Double(0, 0, 10, 10));
    }

    private static Outline oval(double height) {
        return Outline.of(new Ellipse2D.Double(0, 0, 10, height));
    }

    private static Outline pebble() {
        Path2D p = new Path2D.Double();
        p.moveTo(0, 5);
        p.curveTo(0, 1, 3, 0, 6, 0.5);
        p.curveTo(10, 1, 11, 4, 10, 6);
        p.curveTo(9, 9, 6, 9, 4, 8.6);
        p.curveTo(1, 8, 0, 7, 0, 5);
        p.closePath();
        return Outline.of(p);
    }

    private static Outline shell() {
        Path2D p = new Path2D.Double();
        p.moveTo(4, 10);
        p.curveTo(2, 9.5, -1, 5, 0.5, 2.5);
        p.curveTo(2, 0, 8, 0, 9.5, 2.5);
        p.curveTo(11, 5, 8, 9.5, 6, 10);
        p.curveTo(5.5, 10.3, 4.5, 10.3, 4, 10);
        p.closePath();
        return Outline.of(p);
    }
}
