package rondel.formats.pdf;

import java.io.IOException;
import java.io.OutputStream;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroupAttributes;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.GroupElement;
import rondel.job.Mask;
import rondel.job.Traits;

/** Transparency groups and soft masks (ISO 32000-2, 11.4 and 11.5). */
final class PdfForms {

    private PdfForms() {}

    /** Paints into a group's own stream. */
    interface Painting {
        void paint(PdfPainter painter) throws IOException;
    }

    static PDFormXObject group(PdfContext context, Affine toStream, Painting painting) throws IOException {
        PDAppearanceStream form = new PDAppearanceStream(context.document);
        form.setBBox(context.pageBox());
        PDTransparencyGroupAttributes attributes = new PDTransparencyGroupAttributes();
        attributes.getCOSObject().setItem(COSName.CS, COSName.DEVICERGB);
        form.getCOSObject().setItem(COSName.GROUP, attributes.getCOSObject());
        form.setResources(new PDResources());
        try (OutputStream bytes = form.getContentStream().createOutputStream(COSName.FLATE_DECODE);
                PDPageContentStream stream = new PDPageContentStream(context.document, form, bytes)) {
            painting.paint(new PdfPainter(context, stream, form.getResources()));
        }
        return form;
    }

    /** @param own from the masked group's space to the stream's */
    static PDExtendedGraphicsState softMask(PdfContext context, Mask mask, Affine own) throws IOException {
        GroupElement content = new GroupElement(
                Traits.named(""),
                mask.content(),
                java.util.Optional.of(new Clip(Outline.rectangle(mask.area()), rondel.geometry.FillRule.NON_ZERO)),
                java.util.Optional.empty());
        PDFormXObject form = group(context, own, painter -> painter.elements(java.util.List.of(content), own));
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
