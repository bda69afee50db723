package rondel.formats.pdf.printready;

import java.io.IOException;
import java.util.Optional;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType2;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleLook;

/** An ink of its own.
 *
 * @param name of the ink
 * @param layer of what is in it
 * @param shown the colour that stands for it where there is no such ink
 * @param step what is done with it, where it is no ink of the picture */
public record Separation(String name, String layer, Rgba shown, Optional<ProcessingStep> step) {

    private static final float FULL = 255;

    /** What is done along lines, or with an area (ISO 19593-1, table 1).
     *
     * @param group as Structural or White
     * @param type of the group, where it has types */
    public record ProcessingStep(String group, Optional<String> type) {}

    /** The ink of the lines of a role; there is no processing step for what is drawn with a pen.
     *
     * @param name where it is not to be called as its layer */
    public static Separation of(Role role, RoleLook look, Optional<String> name) {
        Optional<String> type =
                switch (role) {
                    case CUT -> Optional.of("Cutting");
                    case KISS_CUT -> Optional.of("PartialCutting");
                    case SCORE -> Optional.of("Creasing");
                    default -> Optional.empty();
                };
        return new Separation(
                name.orElse(look.layer()),
                look.layer(),
                look.colour(),
                type.map(t -> new ProcessingStep("Structural", Optional.of(t))));
    }

    /** White under what is printed. On screens a breath of blue stands for it. */
    static Separation white(String name) {
        return new Separation(
                name, name, new Rgba(222, 240, 250, 255), Optional.of(new ProcessingStep("White", Optional.empty())));
    }

    /** As a colour space (ISO 32000-1, 8.6.6.4).
     *
     * @param screen sRGB: what is seen where there is no such ink is just the colour that stands for it */
    PDSeparation space(COSArray screen) throws IOException {
        COSDictionary function = new COSDictionary();
        function.setItem(COSName.FUNCTION_TYPE, COSInteger.TWO);
        function.setItem(COSName.DOMAIN, numbers(0, 1));
        function.setItem(COSName.C0, numbers(1, 1, 1));
        function.setItem(COSName.C1, numbers(shown.red() / FULL, shown.green() / FULL, shown.blue() / FULL));
        function.setItem(COSName.N, COSInteger.ONE);
        COSArray array = new COSArray();
        array.add(COSName.SEPARATION);
        array.add(COSName.getPDFName(name));
        array.add(screen);
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
}
