package rondel.formats.pdf;

import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDPattern;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDAbstractPattern;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDTilingPattern;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Stroke;

/** Colours, gradients and tiles as the current colour of a content stream. */
final class PdfPaints {

    private final PdfContext context;
    private final PDPageContentStream out;
    private final PDResources resources;

    PdfPaints(PdfContext context, PDPageContentStream out, PDResources resources) {
        this.context = context;
        this.out = out;
        this.resources = resources;
    }

    void opacity(double opacity) throws IOException {
        if (opacity < 1) {
            PDExtendedGraphicsState state = new PDExtendedGraphicsState();
            state.setNonStrokingAlphaConstant((float) opacity);
            state.setStrokingAlphaConstant((float) opacity);
            out.setGraphicsStateParameters(state);
        }
    }

    /** Sets what fills next; false where it paints nothing.
     *
     * @param own from the paint's space to the stream's
     * @param area what is to be filled, in the stream's space */
    boolean fillWith(Paint paint, Affine own, Box area) throws IOException {
        switch (paint) {
            case Paint.None n -> {
                return false;
            }
            case Paint.Solid s -> solid(s.colour());
            case Paint.Linear g -> {
                return gradient(PdfGradient.of(g, own.times(g.placement()), area), g.stops(), own, area);
            }
            case Paint.Radial g -> {
                return gradient(PdfGradient.of(g, own.times(g.placement()), area), g.stops(), own, area);
            }
            case Paint.Tiles t -> tiles(t, own);
        }
        return true;
    }

    private void solid(Rgba colour) throws IOException {
        out.setNonStrokingColor(context.colours.solid(colour));
        opacityOfPaint(colour.alpha() / 255.0);
    }

    /** The paint's own see-through, which replaces that of the element around it only where there is some. */
    private void opacityOfPaint(double alpha) throws IOException {
        if (alpha < 1) {
            opacity(alpha);
        }
    }

    void strokeWith(Stroke stroke, double scale) throws IOException {
        Rgba colour = ((Paint.Solid) stroke.paint()).colour();
        out.setStrokingColor(context.colours.solid(colour));
        opacityOfPaint(colour.alpha() / 255.0);
        out.setLineWidth((float) (stroke.width() * scale));
        out.setLineCapStyle(stroke.cap().ordinal());
        out.setLineJoinStyle(stroke.join().ordinal());
        out.setMiterLimit((float) Math.max(1, stroke.miterLimit()));
        List<Double> dashes = stroke.dashes();
        if (dashes.stream().anyMatch(d -> d > 0)) {
            float[] pattern = new float[dashes.size()];
            for (int i = 0; i < pattern.length; i++) {
                pattern[i] = (float) (dashes.get(i) * scale);
            }
            double period = dashes.stream().mapToDouble(d -> d).sum() * 2;
            double phase = (stroke.dashOffset() % period + period) % period;
            out.setLineDashPattern(pattern, (float) (phase * scale));
        }
    }

    private boolean gradient(PdfGradient gradient, List<Paint.Stop> stops, Affine own, Box area) throws IOException {
        if (gradient == null) {
            solid(stops.getLast().colour());
            return true;
        }
        double alpha = stops.getFirst().colour().alpha() / 255.0;
        boolean even = stops.stream()
                .allMatch(s -> s.colour().alpha() == stops.getFirst().colour().alpha());
        if (even) {
            opacityOfPaint(alpha);
        } else {
            PDFormXObject form = PdfForms.mask(context, painter -> painter.fillArea(gradient.ofAlpha(), area));
            out.setGraphicsStateParameters(PdfForms.softMask(form, "Luminosity"));
        }
        pattern(gradient.pattern(context.colours));
        return true;
    }

    void pattern(PDAbstractPattern pattern) throws IOException {
        COSName name = resources.add(pattern);
        out.setNonStrokingColor(new PDColor(name, new PDPattern(null)));
    }

    private void tiles(Paint.Tiles t, Affine own) throws IOException {
        PDTilingPattern pattern = new PDTilingPattern();
        Box tile = t.tile();
        pattern.setBBox(
                new PDRectangle((float) tile.x(), (float) tile.y(), (float) tile.width(), (float) tile.height()));
        pattern.setPaintType(PDTilingPattern.PAINT_COLORED);
        pattern.setTilingType(PDTilingPattern.TILING_CONSTANT_SPACING);
        pattern.setXStep((float) tile.width());
        pattern.setYStep((float) tile.height());
        AffineTransform matrix = own.times(t.placement()).toAwt();
        pattern.setMatrix(matrix);
        PDAppearanceStream content =
                new PDAppearanceStream(pattern.getContentStream().getCOSObject());
        content.setResources(new PDResources());
        pattern.setResources(content.getResources());
        try (OutputStream bytes = pattern.getContentStream().createOutputStream(COSName.FLATE_DECODE);
                PDPageContentStream stream = new PDPageContentStream(context.document, content, bytes)) {
            new PdfPainter(context, stream, content.getResources()).elements(t.content(), Affine.IDENTITY);
        }
        pattern.getCOSObject().setItem(COSName.TYPE, COSName.PATTERN);
        pattern.getCOSObject().removeItem(COSName.SUBTYPE);
        pattern(pattern);
    }
}
