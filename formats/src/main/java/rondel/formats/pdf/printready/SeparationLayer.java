package rondel.formats.pdf.printready;

import java.awt.geom.PathIterator;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType2;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
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

/** Lines of one role on a page, in their own ink, over all that is printed and without knocking anything out of it. */
final class SeparationLayer {

    /** How wide lines are that say no width, in mm: a quarter of a point. */
    private static final double HAIRLINE = 0.0882;

    private final PDDocument document;
    private final Separation separation;
    private final PDOptionalContentGroup group;
    private final PDSeparation space;

    SeparationLayer(PDDocument document, Separation separation) throws IOException {
        this.document = document;
        this.separation = separation;
        this.group = new PDOptionalContentGroup(separation.layer());
        separation.processingStep().ifPresent(step -> {
            COSDictionary metadata = new COSDictionary();
            metadata.setItem(COSName.getPDFName("GTS_ProcStepsGroup"), COSName.getPDFName("Structural"));
            metadata.setItem(COSName.getPDFName("GTS_ProcStepsType"), COSName.getPDFName(step));
            group.getCOSObject().setItem(COSName.getPDFName("GTS_Metadata"), metadata);
        });
        space = space();
    }

    PDOptionalContentGroup group() {
        return group;
    }

    private PDSeparation space() throws IOException {
        COSDictionary function = new COSDictionary();
        function.setItem(COSName.FUNCTION_TYPE, COSInteger.TWO);
        function.setItem(COSName.DOMAIN, numbers(0, 1));
        function.setItem(COSName.C0, numbers(0, 0, 0, 0));
        function.setItem(COSName.C1, numbers(separation.cmyk()));
        function.setItem(COSName.N, COSInteger.ONE);
        COSArray array = new COSArray();
        array.add(COSName.SEPARATION);
        array.add(COSName.getPDFName(separation.name()));
        array.add(PDDeviceCMYK.INSTANCE.getCOSObject());
        array.add(new PDFunctionType2(function).getCOSObject());
        return new PDSeparation(array, null);
    }

    private static COSArray numbers(float... values) {
        COSArray array = new COSArray();
        for (float v : values) {
            array.add(new COSFloat(v));
        }
        return array;
    }

    /** @param toPage from the page's mm to its points */
    void draw(PDPage pdf, Page lines, Affine toPage) throws IOException {
        PDExtendedGraphicsState overprint = new PDExtendedGraphicsState();
        overprint.getCOSObject().setItem(COSName.getPDFName("OP"), COSBoolean.TRUE);
        overprint.getCOSObject().setItem(COSName.getPDFName("op"), COSBoolean.TRUE);
        overprint.getCOSObject().setItem(COSName.getPDFName("OPM"), COSInteger.ONE);
        PDResources resources = pdf.getResources();
        COSName ink = resources.add(space);
        try (PDPageContentStream out =
                new PDPageContentStream(document, pdf, PDPageContentStream.AppendMode.APPEND, true, true)) {
            out.beginMarkedContent(COSName.OC, group);
            out.saveGraphicsState();
            out.setGraphicsStateParameters(overprint);
            StringBuilder raw = new StringBuilder();
            raw.append('/')
                    .append(ink.getName())
                    .append(" CS 1 SCN /")
                    .append(ink.getName())
                    .append(" cs 1 scn\n");
            elements(lines.elements(), toPage, raw);
            raw(out, raw.toString());
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
