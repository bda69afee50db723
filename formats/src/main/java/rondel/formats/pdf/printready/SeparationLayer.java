package rondel.formats.pdf.printready;

import java.awt.geom.PathIterator;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.blend.BlendMode;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;

/** What is in an ink of its own on a page, over all that is printed and without knocking anything out of it. */
final class SeparationLayer {

    /** How wide lines are that say no width, in mm: a quarter of a point. */
    private static final double HAIRLINE = 0.0882;

    private final PDDocument document;
    private final PDOptionalContentGroup group;
    private final PDSeparation space;

    SeparationLayer(PDDocument document, Separation separation, COSArray screen) throws IOException {
        this.document = document;
        this.group = new PDOptionalContentGroup(separation.layer());
        separation.step().ifPresent(step -> {
            COSDictionary metadata = new COSDictionary();
            metadata.setItem(COSName.getPDFName("GTS_ProcStepsGroup"), COSName.getPDFName(step.group()));
            step.type()
                    .ifPresent(t -> metadata.setItem(COSName.getPDFName("GTS_ProcStepsType"), COSName.getPDFName(t)));
            group.getCOSObject().setItem(COSName.getPDFName("GTS_Metadata"), metadata);
        });
        space = separation.space(screen);
    }

    PDOptionalContentGroup group() {
        return group;
    }

    /** Draws lines.
     *
     * @param toPage from the page's mm to its points */
    void draw(PDPage pdf, Page lines, Affine toPage) throws IOException {
        StringBuilder raw = new StringBuilder();
        elements(lines.elements(), toPage, raw);
        over(pdf, raw, new PDExtendedGraphicsState());
    }

    /** Fills an area. It is put over what it lies under, so that it is not knocked out by it; multiplied, it does not hide it on a screen, and leaves
     *  each ink as it is (ISO 32000-1, 11.7.4.2).
     *
     * @param toPage from the page's mm to its points */
    void fill(PDPage pdf, Outline area, Affine toPage) throws IOException {
        StringBuilder raw = new StringBuilder();
        path(area, toPage, raw);
        raw.append("f\n");
        PDExtendedGraphicsState multiplied = new PDExtendedGraphicsState();
        multiplied.setBlendMode(BlendMode.MULTIPLY);
        over(pdf, raw, multiplied);
    }

    private void over(PDPage pdf, StringBuilder drawing, PDExtendedGraphicsState overprint) throws IOException {
        overprint.getCOSObject().setItem(COSName.getPDFName("OP"), COSBoolean.TRUE);
        overprint.getCOSObject().setItem(COSName.getPDFName("op"), COSBoolean.TRUE);
        overprint.getCOSObject().setItem(COSName.getPDFName("OPM"), COSInteger.ONE);
        PDResources resources = pdf.getResources();
        String ink = resources.add(space).getName();
        try (PDPageContentStream out =
                new PDPageContentStream(document, pdf, PDPageContentStream.AppendMode.APPEND, true, true)) {
            out.beginMarkedContent(COSName.OC, group);
            out.saveGraphicsState();
            out.setGraphicsStateParameters(overprint);
            raw(out, "/" + ink + " CS 1 SCN /" + ink + " cs 1 scn\n" + drawing);
            out.restoreGraphicsState();
            out.endMarkedContent();
        }
    }

    /** PDFBox has no way to say these but as they are. */
    @SuppressWarnings("deprecation")
    private static void raw(PDPageContentStream out, String text) throws IOException {
        out.appendRawCommands(text);
    }

    private void elements(List<Element> elements, Affine around, StringBuilder to) {
        for (Element e : elements) {
            if (e.hidden()) {
                continue;
            }
            Affine own = around.times(e.placement());
            switch (e) {
                case ShapeElement s -> shape(s.outline(), s.stroke(), s.fill(), own, to);
                case TextElement t -> shape(t.outline(), t.stroke(), t.fill(), own, to);
                case CopyElement c -> elements(c.content().group().children(), own, to);
                default -> elements(e.children(), own, to);
            }
        }
    }

    /** A tool goes along the outline, whatever it is filled with. */
    private void shape(Outline outline, Optional<Stroke> stroke, Paint fill, Affine own, StringBuilder to) {
        double width = stroke.filter(Stroke::visible)
                .map(s -> s.width() * own.meanScale())
                .orElse(HAIRLINE * 72 / 25.4);
        to.append(String.format(Locale.ROOT, "%.4f w ", width));
        stroke.filter(s -> !s.dashes().isEmpty())
                .ifPresentOrElse(
                        s -> {
                            to.append('[');
                            s.dashes()
                                    .forEach(d -> to.append(String.format(Locale.ROOT, "%.4f ", d * own.meanScale())));
                            to.append("] 0 d\n");
                        },
                        () -> to.append("[] 0 d\n"));
        path(outline, own, to);
        to.append("S\n");
    }

    private static void path(Outline outline, Affine own, StringBuilder to) {
        double[] c = new double[6];
        double x = 0;
        double y = 0;
        for (PathIterator it = outline.iterator(own.toAwt(), FillRule.NON_ZERO); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> point(to, "m", x = c[0], y = c[1]);
                case PathIterator.SEG_LINETO -> point(to, "l", x = c[0], y = c[1]);
                case PathIterator.SEG_QUADTO -> {
                    point(
                            to,
                            "c",
                            x + 2 * (c[0] - x) / 3,
                            y + 2 * (c[1] - y) / 3,
                            c[2] + 2 * (c[0] - c[2]) / 3,
                            c[3] + 2 * (c[1] - c[3]) / 3,
                            c[2],
                            c[3]);
                    x = c[2];
                    y = c[3];
                }
                case PathIterator.SEG_CUBICTO -> {
                    point(to, "c", c[0], c[1], c[2], c[3], c[4], c[5]);
                    x = c[4];
                    y = c[5];
                }
                default -> to.append("h\n");
            }
        }
    }

    private static void point(StringBuilder to, String operator, double... values) {
        for (double v : values) {
            to.append(String.format(Locale.ROOT, "%.5f ", v));
        }
        to.append(operator).append('\n');
    }
}
