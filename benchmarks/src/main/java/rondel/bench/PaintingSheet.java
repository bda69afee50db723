package rondel.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import rondel.geometry.FillRule;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.paint.Painter;

/** A 12 x 12 in sheet of 3,000 outlines at 72 ppi by the painter, against filling the same paths straight away. */
@State(Scope.Benchmark)
public class PaintingSheet {

    private static final int PIXELS = 864;

    private record Filled(Path2D path, Color colour) {}

    private final Sheet sheet = Outlines.job(3000).sheets().getFirst();
    private final BufferedImage image = new BufferedImage(PIXELS, PIXELS, BufferedImage.TYPE_INT_ARGB_PRE);
    private final List<Filled> paths = new ArrayList<>();

    public PaintingSheet() {
        for (Element e : sheet.elements()) {
            ShapeElement s = (ShapeElement) e;
            Rgba c = ((Paint.Solid) s.fill()).colour();
            paths.add(new Filled(
                    new Path2D.Double(
                            s.outline().toShape(FillRule.NON_ZERO),
                            s.placement().toAwt()),
                    new Color(c.red(), c.green(), c.blue())));
        }
    }

    private Graphics2D graphics() {
        Graphics2D g = image.createGraphics();
        g.setClip(0, 0, PIXELS, PIXELS);
        g.scale(PIXELS / Outlines.SIDE, PIXELS / Outlines.SIDE);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        return g;
    }

    @Benchmark
    public void ours() {
        Graphics2D g = graphics();
        new Painter(Map.of(), (media, scale) -> image).elements(g, sheet.elements());
        g.dispose();
    }

    @Benchmark
    public void peer() {
        Graphics2D g = graphics();
        for (Filled f : paths) {
            g.setColor(f.colour);
            g.fill(f.path);
        }
        g.dispose();
    }
}
