package rondel.formats.pdf.reading;

import java.io.IOException;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.common.function.PDFunction;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionTypeIdentity;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroup;
import org.apache.pdfbox.pdmodel.graphics.state.PDSoftMask;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.Mask;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;

/** Soft masks (ISO 32000-1, 11.5) as masks of what they hide, each drawn once. */
final class SoftMasks {

    private final Drawing drawing;
    private final Map<COSDictionary, Optional<Mask>> known = new IdentityHashMap<>();

    /** Draws what a mask is made of, in mm on the page. */
    interface Drawing {
        List<Element> of(PDTransparencyGroup group) throws IOException;
    }

    SoftMasks(Drawing drawing) {
        this.drawing = drawing;
    }

    /** @param page in mm: outside of it nothing is seen
     *  @return nothing for one that can't be carried over */
    Optional<Mask> of(PDSoftMask soft, Box page) throws IOException {
        Optional<Mask> drawn = known.get(soft.getCOSObject());
        if (drawn == null) {
            // Before it is drawn: a mask that is masked by itself ends here.
            known.put(soft.getCOSObject(), Optional.empty());
            drawn = drawn(soft, page);
            known.put(soft.getCOSObject(), drawn);
        }
        return drawn;
    }

    private Optional<Mask> drawn(PDSoftMask soft, Box page) throws IOException {
        PDTransparencyGroup group = soft.getGroup();
        PDFunction transfer = soft.getTransferFunction();
        if (group == null || transfer != null && !(transfer instanceof PDFunctionTypeIdentity)) {
            return Optional.empty();
        }
        boolean light = COSName.LUMINOSITY.equals(soft.getSubType());
        List<Element> content = new ArrayList<>();
        if (light) {
            backdrop(soft)
                    .ifPresent(c -> content.add(ShapeElement.filled("", Outline.rectangle(page), Paint.solid(c))));
        }
        content.addAll(drawing.of(group));
        return Optional.of(new Mask(content, page, light ? Mask.Kind.LUMINANCE : Mask.Kind.ALPHA));
    }

    /** What is behind a mask's content, where that is not black. */
    private static Optional<Rgba> backdrop(PDSoftMask soft) throws IOException {
        COSArray colour = soft.getBackdropColor();
        PDTransparencyGroup group = soft.getGroup();
        PDColorSpace space = group.getGroup() == null ? null : group.getGroup().getColorSpace();
        if (colour == null || space == null) {
            return Optional.empty();
        }
        int rgb = new PDColor(colour, space).toRGB();
        return (rgb & 0xffffff) == 0
                ? Optional.empty()
                : Optional.of(new Rgba(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255, 255));
    }
}
