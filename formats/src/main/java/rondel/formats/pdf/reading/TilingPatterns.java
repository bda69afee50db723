package rondel.formats.pdf.reading;

import java.io.IOException;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDTilingPattern;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Paint;

/** Tiling patterns (ISO 32000-1, 8.7.3) as tiles in their own space, each drawn once; one whose tiles lie over each other has no like here. */
final class TilingPatterns {

    /** How far tiles may reach over each other, in units of the pattern: rounding. */
    private static final double OVERLAP = 0.01;

    private final Drawing drawing;
    private final Map<COSDictionary, Optional<Paint.Tiles>> known = new IdentityHashMap<>();

    /** Draws a tile in the pattern's space. */
    interface Drawing {
        List<Element> of(PDTilingPattern pattern, PDColor colour, PDColorSpace space) throws IOException;
    }

    TilingPatterns(Drawing drawing) {
        this.drawing = drawing;
    }

    /** @param colour with which it is used, for one that has no colour of its own */
    Optional<Paint.Tiles> of(PDTilingPattern pattern, PDColor colour, PDColorSpace underlying) throws IOException {
        boolean coloured = pattern.getPaintType() == PDTilingPattern.PAINT_COLORED;
        Optional<Paint.Tiles> drawn = coloured ? known.get(pattern.getCOSObject()) : null;
        if (drawn == null) {
            // Before it is drawn: a pattern that is filled with itself ends here.
            known.put(pattern.getCOSObject(), Optional.empty());
            drawn = drawn(pattern, coloured ? null : colour, coloured ? null : underlying);
            known.put(pattern.getCOSObject(), drawn);
        }
        return drawn;
    }

    private Optional<Paint.Tiles> drawn(PDTilingPattern pattern, PDColor colour, PDColorSpace space)
            throws IOException {
        PDRectangle box = pattern.getBBox();
        double across = Math.abs(pattern.getXStep());
        double down = Math.abs(pattern.getYStep());
        boolean apart = box != null && across >= box.getWidth() - OVERLAP && down >= box.getHeight() - OVERLAP;
        if (!apart || across == 0 || down == 0) {
            return Optional.empty();
        }
        Box tile = new Box(box.getLowerLeftX(), box.getLowerLeftY(), across, down);
        return Optional.of(new Paint.Tiles(tile, drawing.of(pattern, colour, space), Affine.IDENTITY));
    }
}
