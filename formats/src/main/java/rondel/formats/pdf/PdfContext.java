package rondel.formats.pdf;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.CopyContent;
import rondel.job.Element;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.paint.Painter;
import rondel.paint.PictureSource;
import rondel.paint.ShadowPicture;

/** What the parts of one PDF share; each picture goes into the file once. */
final class PdfContext {

    /** Fine enough for what is blurred, and small enough for a page full of it. */
    private static final double SHADOW_PPI = 300;

    final PDDocument document;
    final Page page;
    final Affine toPage;
    final PdfColours colours;
    private final PictureSource pictures;
    private final Map<MediaId, PDImageXObject> images;
    final Map<CopyContent, Optional<PDFormXObject>> copies;

    PdfContext(PDDocument document, Page page, Affine toPage, PdfColours colours, PictureSource pictures) {
        this(document, page, toPage, colours, pictures, new HashMap<>(), new HashMap<>());
    }

    private PdfContext(
            PDDocument document,
            Page page,
            Affine toPage,
            PdfColours colours,
            PictureSource pictures,
            Map<MediaId, PDImageXObject> images,
            Map<CopyContent, Optional<PDFormXObject>> copies) {
        this.document = document;
        this.page = page;
        this.toPage = toPage;
        this.colours = colours;
        this.pictures = pictures;
        this.images = images;
        this.copies = copies;
    }

    /** Another page of the same file, which shares pictures and forms. */
    PdfContext onPage(Page other, Affine toOther) {
        return new PdfContext(document, other, toOther, colours, pictures, images, copies);
    }

    /** For what goes into the file in other colours; it shares nothing with the rest. */
    PdfContext withColours(PdfColours other) {
        return other == colours
                ? this
                : new PdfContext(document, page, toPage, other, pictures, new HashMap<>(), new HashMap<>());
    }

    /** For what is painted once in a design's own space, in mm. */
    PdfContext inDesign() {
        return onPage(page, Affine.IDENTITY);
    }

    /** The page in points. */
    PDRectangle pageBox() {
        Box b = new Box(0, 0, page.width(), page.height()).transformed(toPage);
        return new PDRectangle((float) b.x(), (float) b.y(), (float) b.width(), (float) b.height());
    }

    /** The shadow of an element by itself, as a picture with a soft mask, and where it lies in mm.
     *
     * @param toStream from the element's parent to points */
    Optional<Shade> shadow(Element e, Affine toStream) throws IOException {
        Affine toSheet = toPage.inverse().orElseThrow().times(toStream);
        Painter painter = new Painter(page.media(), pictures);
        Optional<ShadowPicture> picture = ShadowPicture.of(painter, e, toSheet, SHADOW_PPI);
        return picture.isEmpty()
                ? Optional.empty()
                : Optional.of(new Shade(
                        packed(straight(picture.get().pixels())), picture.get().area()));
    }

    /** PDF takes colours that are not multiplied by their alpha. */
    private static BufferedImage straight(BufferedImage premultiplied) {
        BufferedImage image =
                new BufferedImage(premultiplied.getWidth(), premultiplied.getHeight(), BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.drawImage(premultiplied, 0, 0, null);
        g.dispose();
        return image;
    }

    private PDImageXObject packed(BufferedImage image) throws IOException {
        Optional<PDImageXObject> converted = colours.picture(document, image);
        return converted.isPresent() ? converted.get() : LosslessFactory.createFromImage(document, image);
    }

    /** A shadow's picture and its place on the page, in mm. */
    record Shade(PDImageXObject image, Box area) {}

    /** An upright, plain JPEG goes in as it came; anything else without loss. */
    PDImageXObject image(Media media) throws IOException {
        PDImageXObject known = images.get(media.id());
        if (known == null) {
            boolean asItCame = colours.space().equals(COSName.DEVICERGB)
                    && media.extension().equals("jpg")
                    && media.orientation() <= 1;
            known = asItCame
                    ? JPEGFactory.createFromByteArray(document, media.bytes().content())
                    : null;
            if (known == null || known.getColorSpace().getNumberOfComponents() == 4) {
                known = packed(pictures.pixels(media, 1));
            }
            images.put(media.id(), known);
        }
        return known;
    }
}
