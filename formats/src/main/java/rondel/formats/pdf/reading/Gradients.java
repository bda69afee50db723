package rondel.formats.pdf.reading;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType3;
import rondel.geometry.Affine;
import rondel.job.Paint;
import rondel.job.Rgba;

/** Axial and radial shadings as gradients, their functions looked at in so many places. */
final class Gradients {

    private static final int STOPS = 17;

    private Gradients() {}

    /** @param to from the shading's space to mm
     *  @return nothing for what is no such shading */
    static Optional<Paint> of(PDShading shading, Affine to) throws IOException {
        if (shading instanceof PDShadingType3 radial) {
            float[] c = figures(radial.getCoords(), 6);
            // Circles that are not in each other, or a first one with a size, have no word here.
            boolean plain = c != null && c[2] == 0;
            return plain
                    ? Optional.of(new Paint.Radial(c[3], c[4], c[5], c[0], c[1], stops(radial), Paint.Spread.PAD, to))
                    : Optional.empty();
        }
        if (shading instanceof PDShadingType2 axial) {
            float[] c = figures(axial.getCoords(), 4);
            return c == null
                    ? Optional.empty()
                    : Optional.of(new Paint.Linear(c[0], c[1], c[2], c[3], stops(axial), Paint.Spread.PAD, to));
        }
        return Optional.empty();
    }

    private static float[] figures(COSArray array, int count) {
        return array != null && array.size() >= count ? array.toFloatArray() : null;
    }

    private static List<Paint.Stop> stops(PDShadingType2 shading) throws IOException {
        COSArray domain = shading.getDomain();
        float from = domain == null ? 0 : domain.toFloatArray()[0];
        float to = domain == null ? 1 : domain.toFloatArray()[1];
        List<Paint.Stop> all = new ArrayList<>();
        for (int i = 0; i < STOPS; i++) {
            float share = i / (float) (STOPS - 1);
            float[] components = shading.evalFunction(from + share * (to - from));
            int rgb = new PDColor(components, shading.getColorSpace()).toRGB();
            all.add(new Paint.Stop(share, new Rgba(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255, 255)));
        }
        return all;
    }
}
