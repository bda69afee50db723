package rondel.formats.pdf;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.paint.PictureSource;

/** What the parts of one PDF share; each picture goes into the file once. */
final class PdfContext {

    final PDDocument document;
    final Page page;
    final Affine toPage;
    private final PictureSource pictures;
    private final Map<MediaId, PDImageXObject> images = new HashMap<>();

    PdfContext(PDDocument document, Page page, Affine toPage, PictureSource pictures) {
        this.document = document;
        this.page = page;
        this.toPage = toPage;
        this.pictures = pictures;
    }

    /** The page in points. */
    PDRectangle pageBox() {
        Box b = new Box(0, 0, page.width(), page.height()).transformed(toPage);
        return new PDRectangle((float) b.x(), (float) b.y(), (float) b.width(), (float) b.height());
    }

    /** An upright, plain JPEG goes in as it came; anything else without loss. */
    PDImageXObject image(Media media) throws IOException {
        PDImageXObject known = images.get(media.id());
        if (known == null) {
            boolean asItCame = media.extension().equals("jpg") && media.orientation() <= 1;
            known = asItCame
                    ? JPEGFactory.createFromByteArray(document, media.bytes().content())
                    : null;
            if (known == null || known.getColorSpace().getNumberOfComponents() == 4) {
                known = LosslessFactory.createFromImage(document, pictures.pixels(media, 1));
            }
            images.put(media.id(), known);
        }
        return known;
    }
}
