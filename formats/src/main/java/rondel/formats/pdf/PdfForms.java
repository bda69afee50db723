package rondel.formats.pdf;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroupAttributes;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.CopyContent;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Mask;
import rondel.job.Paint;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.paint.PaintedExtent;

/** Transparency groups and soft masks (ISO 32000-2, 11.4 and 11.5). */
final class PdfForms {

    private PdfForms() {}

    /** Paints into a group's own stream. */
    interface Painting {
        void paint(PdfPainter painter) throws IOException;
    }

    /** A group that is seen. */
    static PDFormXObject group(PdfContext context, Painting painting) throws IOException {
        return form(context, painting);
    }

    /** A group that tells how far others are seen: by its light, which is that of the screen whatever the page is printed with. */
    static PDFormXObject mask(PdfContext context, Painting painting) throws IOException {
        return form(context.withColours(ScreenColours.RGB), painting);
    }

    private static PDFormXObject form(PdfContext context, Painting painting) throws IOException {
        PDAppearanceStream form = new PDAppearanceStream(context.document);
        form.setBBox(context.pageBox());
        PDTransparencyGroupAttributes attributes = new PDTransparencyGroupAttributes();
        attributes.getCOSObject().setItem(COSName.CS, context.colours.space());
        form.getCOSObject().setItem(COSName.GROUP, attributes.getCOSObject());
        form.setResources(new PDResources());
        try (OutputStream bytes = form.getContentStream().createOutputStream(COSName.FLATE_DECODE);
                PDPageContentStream stream = new PDPageContentStream(context.document, form, bytes)) {
            painting.paint(new PdfPainter(context, stream, form.getResources()));
        }
        return form;
    }

    /** A form that shows what copies of a design do, in mm in the design's own space; nothing where that depends on the page: shadows, whose
     *  light comes from one side of the sheet, and what has transparency or patterns of its own. */
    static Optional<PDFormXObject> copy(PdfContext context, CopyContent content) throws IOException {
        Optional<PDFormXObject> known = context.copies.get(content);
        if (known == null) {
            known = drawn(context, content);
            context.copies.put(content, known);
        }
        return known;
    }

    private static Optional<PDFormXObject> drawn(PdfContext context, CopyContent content) throws IOException {
        Optional<Box> ink = PaintedExtent.of(content.group(), Affine.IDENTITY);
        if (ink.isEmpty() || content.everything().anyMatch(PdfForms::belongsToPage)) {
            return Optional.empty();
        }
        PDAppearanceStream form = new PDAppearanceStream(context.document);
        Box b = ink.get().grown(1);
        form.setBBox(new PDRectangle((float) b.x(), (float) b.y(), (float) b.width(), (float) b.height()));
        form.setResources(new PDResources());
        try (OutputStream bytes = form.getContentStream().createOutputStream(COSName.FLATE_DECODE);
                PDPageContentStream stream = new PDPageContentStream(context.document, form, bytes)) {
            new PdfPainter(context.inDesign(), stream, form.getResources())
                    .elements(List.of(content.group()), Affine.IDENTITY);
        }
        return Optional.of(form);
    }

    private static boolean belongsToPage(Element e) {
        boolean seeThrough = e.opacity() < 1 && !(e instanceof ShapeElement);
        boolean veiled = e instanceof GroupElement g && g.mask().isPresent();
        return e.traits().shadow().isPresent() || seeThrough || veiled || e instanceof ShapeElement s && patterned(s);
    }

    private static boolean patterned(ShapeElement s) {
        return !plain(s.fill()) || s.stroke().filter(k -> !plain(k.paint())).isPresent() || s.opacity() < 1;
    }

    private static boolean plain(Paint paint) {
        return paint instanceof Paint.Solid || paint instanceof Paint.None;
    }

    /** @param own from the masked group's space to the stream's */
    static PDExtendedGraphicsState softMask(PdfContext context, Mask mask, Affine own) throws IOException {
        GroupElement content = new GroupElement(
                Traits.named(""),
                mask.content(),
                java.util.Optional.of(new Clip(Outline.rectangle(mask.area()), rondel.geometry.FillRule.NON_ZERO)),
                java.util.Optional.empty());
        PDFormXObject form = mask(context, painter -> painter.elements(java.util.List.of(content), own));
        return softMask(form, mask.kind() == Mask.Kind.ALPHA ? "Alpha" : "Luminosity");
    }

    static PDExtendedGraphicsState softMask(PDFormXObject form, String kind) {
        COSDictionary soft = new COSDictionary();
        soft.setItem(COSName.TYPE, COSName.MASK);
        soft.setItem(COSName.S, COSName.getPDFName(kind));
        soft.setItem(COSName.G, form.getCOSObject());
        if (kind.equals("Luminosity")) {
            COSArray black = new COSArray();
            for (int i = 0; i < 3; i++) {
                black.add(new COSFloat(0));
            }
            soft.setItem(COSName.BC, black);
        }
        PDExtendedGraphicsState state = new PDExtendedGraphicsState();
        state.getCOSObject().setItem(COSName.SMASK, soft);
        return state;
    }
}
