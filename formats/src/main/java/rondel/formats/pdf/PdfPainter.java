package rondel.formats.pdf;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDAbstractPattern;
import org.apache.pdfbox.util.Matrix;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Clip;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.paint.PaintBound;
import rondel.paint.PaintedExtent;
import rondel.paint.Pens;
import rondel.paint.PositionedStroke;
import rondel.progress.Cancellation;

/** Elements into one PDF content stream. Coordinates are computed here in double precision and written in points. */
final class PdfPainter {

    /** In points; what is squared in single precision stays finite. */
    private static final double FARTHEST = 1e15;

    private static final Rgba MARK = new Rgba(0xb0, 0x3a, 0x2e, 255);

    /** Pixels to the mm of a print. */
    private static final double PRINTED = 300 / 25.4;

    private final PdfContext context;
    private final PDPageContentStream out;
    private final PDResources resources;
    private final PdfPaints paints;

    PdfPainter(PdfContext context, PDPageContentStream out, PDResources resources) {
        this.context = context;
        this.out = out;
        this.resources = resources;
        this.paints = new PdfPaints(context, out, resources);
    }

    void paper() throws IOException {
        if (context.page.paper().isPresent()) {
            Outline all = Outline.rectangle(new Box(0, 0, context.page.width(), context.page.height()));
            area(all, FillRule.NON_ZERO, Paint.solid(context.page.paper().get()), context.toPage);
        }
    }

    /** @param toStream from the elements' parent to this stream's space */
    void elements(List<Element> elements, Affine toStream) throws IOException {
        for (Element e : elements) {
            Cancellation.check();
            if (e instanceof CopyElement c && isPlain(c)) {
                copy(c, toStream);
                continue;
            }
            Affine own = toStream.times(e.placement());
            boolean seen = Page.made(e) && e.opacity() > 0 && Math.abs(own.determinant()) > 0;
            if (seen && problem(e, own)) {
                marked(e, toStream);
            } else if (seen) {
                element(e, toStream);
            }
        }
    }

    /** Whether nothing is done to a copy but to put it somewhere: there may be ten thousand. */
    private static boolean isPlain(CopyElement c) {
        return !c.hidden()
                && c.role() == Role.PRINT
                && c.opacity() >= 1
                && c.traits().shadow().isEmpty()
                && Math.abs(c.placement().determinant()) > 0;
    }

    /** Whether readers of the file could not paint it in time. */
    private boolean problem(Element e, Affine own) {
        return e instanceof PictureElement p
                ? Optional.ofNullable(context.page.media().get(p.media()))
                        .filter(m -> !m.isReadable())
                        .isPresent()
                : context.toPage
                        .inverse()
                        .map(back -> back.times(own))
                        .flatMap(toSheet -> PaintBound.problem(
                                e, Affine.scale(PRINTED, PRINTED).times(toSheet), toSheet))
                        .isPresent();
    }

    /** A box with its diagonals in the place of what can't be painted, as far as it is on the page. */
    private void marked(Element e, Affine toStream) throws IOException {
        Box page = new Box(0, 0, context.page.width(), context.page.height()).transformed(context.toPage);
        Optional<Box> box = PaintedExtent.drawn(e, toStream).flatMap(page::intersection);
        if (box.isPresent()) {
            Box b = box.get();
            Outline cross = new OutlineBuilder()
                    .moveTo(b.x(), b.y())
                    .lineTo(b.right(), b.bottom())
                    .moveTo(b.right(), b.y())
                    .lineTo(b.x(), b.bottom())
                    .build()
                    .plus(Outline.rectangle(b));
            line(cross, Stroke.plain(MARK, 1), Affine.IDENTITY);
        }
    }

    private void element(Element given, Affine toStream) throws IOException {
        Element shaded = PositionedStroke.spelled(given);
        Optional<PdfContext.Shade> shade = context.shadow(shaded, toStream);
        if (shade.isPresent()) {
            Box a = shade.get().area();
            Affine unit = context.toPage.times(new Affine(a.width(), 0, 0, -a.height(), a.x(), a.bottom()));
            out.drawImage(shade.get().image(), new Matrix(unit.toAwt()));
        }
        Element e = shade.isEmpty() ? shaded : shaded.with(t -> t.withShadow(Optional.empty()));
        boolean twoParts = e instanceof ShapeElement s
                        && s.stroke().isPresent()
                        && s.fill().visible()
                || e instanceof TextElement t
                        && t.stroke().isPresent()
                        && t.fill().visible();
        boolean apart = e.opacity() < 1
                        && (twoParts
                                || e instanceof GroupElement
                                || e instanceof CopyElement
                                || e instanceof PictureElement)
                || e instanceof GroupElement g && g.mask().isPresent();
        if (!apart) {
            plain(e, toStream);
            return;
        }
        PDFormXObject form = PdfForms.group(context, painter -> painter.plain(opaque(e), toStream));
        out.saveGraphicsState();
        if (e instanceof GroupElement g && g.mask().isPresent()) {
            Affine own = toStream.times(g.placement());
            out.setGraphicsStateParameters(PdfForms.softMask(context, g.mask().get(), own));
        }
        paints.opacity(e.opacity());
        out.drawForm(form);
        out.restoreGraphicsState();
    }

    private static Element opaque(Element e) {
        return e.with(t -> t.withOpacity(1));
    }

    private void plain(Element e, Affine toStream) throws IOException {
        Affine own = toStream.times(e.placement());
        switch (e) {
            case ShapeElement s -> drawn(s.outline(), s.rule(), s.fill(), s.stroke(), s.opacity(), own);
            case TextElement t -> drawn(t.outline(), FillRule.NON_ZERO, t.fill(), t.stroke(), t.opacity(), own);
            case PictureElement p -> picture(p, own);
            case CopyElement c -> copy(c, toStream);
            case GroupElement g -> {
                out.saveGraphicsState();
                if (g.clip().isPresent()) {
                    clip(g.clip().get(), own);
                }
                elements(g.children(), own);
                out.restoreGraphicsState();
            }
        }
    }

    /** Copies of one content share a form, unless what they show depends on where it lies on the page. */
    private void copy(CopyElement c, Affine toStream) throws IOException {
        Optional<PDFormXObject> form = PdfForms.copy(context, c.content());
        if (form.isEmpty()) {
            plain(c.asGroup(), toStream);
            return;
        }
        out.saveGraphicsState();
        out.transform(new Matrix(toStream.times(c.placement()).toAwt()));
        out.drawForm(form.get());
        out.restoreGraphicsState();
    }

    private void clip(Clip clip, Affine own) throws IOException {
        if (clip.outline().isEmpty()) {
            out.addRect(0, 0, 0, 0);
        } else {
            path(clip.outline().toShape(clip.rule()), own);
        }
        if (clip.rule() == FillRule.EVEN_ODD) {
            out.clipEvenOdd();
        } else {
            out.clip();
        }
    }

    private void drawn(Outline outline, FillRule rule, Paint fill, Optional<Stroke> stroke, double opacity, Affine own)
            throws IOException {
        boolean faded = opacity < 1;
        if (faded) {
            out.saveGraphicsState();
            paints.opacity(opacity);
        }
        if (fill.visible()) {
            area(outline, rule, fill, own);
        }
        if (stroke.isPresent() && stroke.get().visible()) {
            line(outline, stroke.get(), own);
        }
        if (faded) {
            out.restoreGraphicsState();
        }
    }

    private void area(Outline outline, FillRule rule, Paint paint, Affine own) throws IOException {
        out.saveGraphicsState();
        Optional<Box> bounds = outline.bounds(own);
        if (bounds.isPresent() && paints.fillWith(paint, own, bounds.get())) {
            path(outline.toShape(rule), own);
            if (rule == FillRule.EVEN_ODD) {
                out.fillEvenOdd();
            } else {
                out.fill();
            }
        }
        out.restoreGraphicsState();
    }

    /** A stroke that was stretched unevenly, or that no pen of PDF can draw, is drawn as the area it covers. */
    private void line(Outline outline, Stroke stroke, Affine own) throws IOException {
        if (!own.keepsCircles() || !(stroke.paint() instanceof Paint.Solid)) {
            Shape inked = Pens.of(stroke).createStrokedShape(outline.toShape(FillRule.NON_ZERO));
            area(Outline.of(inked), FillRule.NON_ZERO, stroke.paint(), own);
            return;
        }
        out.saveGraphicsState();
        paints.strokeWith(stroke, own.meanScale());
        path(outline.toShape(FillRule.NON_ZERO), own);
        out.stroke();
        out.restoreGraphicsState();
    }

    private void picture(PictureElement p, Affine own) throws IOException {
        Media media = context.page.media().get(p.media());
        if (media == null) {
            return;
        }
        Box f = p.frame();
        Affine unit = own.times(new Affine(f.width(), 0, 0, -f.height(), f.x(), f.bottom()));
        out.drawImage(context.image(media), new Matrix(unit.toAwt()));
    }

    /** Fills an area given in the stream's space with a pattern. */
    void fillArea(PDAbstractPattern pattern, Box area) throws IOException {
        paints.pattern(pattern);
        path(Outline.rectangle(area).toShape(FillRule.NON_ZERO), Affine.IDENTITY);
        out.fill();
    }

    private void path(Shape shape, Affine own) throws IOException {
        double[] c = new double[6];
        float x = 0;
        float y = 0;
        for (PathIterator it = shape.getPathIterator(own.toAwt()); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> out.moveTo(x = real(c[0]), y = real(c[1]));
                case PathIterator.SEG_LINETO -> out.lineTo(x = real(c[0]), y = real(c[1]));
                case PathIterator.SEG_QUADTO -> {
                    float qx = real(c[0]);
                    float qy = real(c[1]);
                    float ex = real(c[2]);
                    float ey = real(c[3]);
                    out.curveTo(
                            x + (qx - x) * 2 / 3,
                            y + (qy - y) * 2 / 3,
                            ex + (qx - ex) * 2 / 3,
                            ey + (qy - ey) * 2 / 3,
                            ex,
                            ey);
                    x = ex;
                    y = ey;
                }
                case PathIterator.SEG_CUBICTO ->
                    out.curveTo(real(c[0]), real(c[1]), real(c[2]), real(c[3]), x = real(c[4]), y = real(c[5]));
                default -> out.closePath();
            }
        }
    }

    /** A coordinate as PDF's single precision has it (ISO 32000-1, annex C.2), with room to reckon with it: damaged drawings have larger ones, which no page shows. */
    private static float real(double coordinate) {
        return (float) Math.clamp(coordinate, -FARTHEST, FARTHEST);
    }
}
