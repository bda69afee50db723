package rondel.formats.pdf.printready;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The profiles that a file carries: of the press it is made for, and of the screen colours that are in it. */
public final class OutputProfile {

    private static final String CONDITION = "FOGRA39";
    private static final String REGISTRY = "http://www.color.org";

    private OutputProfile() {}

    /** Of a press that prints on coated paper. */
    public static byte[] cmyk() {
        try (InputStream in = OutputProfile.class.getResourceAsStream("/rondel/formats/pdf/coated.icc")) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The output intent of PDF/X (ISO 15930-7, 6.2.2). */
    static COSDictionary intent(PDDocument document) throws IOException {
        COSDictionary intent = new COSDictionary();
        intent.setItem(COSName.TYPE, COSName.getPDFName("OutputIntent"));
        intent.setItem(COSName.S, COSName.getPDFName("GTS_PDFX"));
        intent.setString("OutputCondition", "Offset printing on coated paper, ISO 12647-2");
        intent.setString("OutputConditionIdentifier", CONDITION);
        intent.setString("RegistryName", REGISTRY);
        intent.setString("Info", "Coated paper, FOGRA39 characterisation");
        intent.setItem(COSName.getPDFName("DestOutputProfile"), stream(document, cmyk(), 4));
        return intent;
    }

    /** sRGB as a colour space. */
    static COSArray screen(PDDocument document) throws IOException {
        COSArray space = new COSArray();
        space.add(COSName.ICCBASED);
        space.add(stream(document, ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData(), 3));
        return space;
    }

    private static COSStream stream(PDDocument document, byte[] profile, int components) throws IOException {
        COSStream stream = document.getDocument().createCOSStream();
        stream.setInt(COSName.N, components);
        try (var out = stream.createOutputStream(COSName.FLATE_DECODE)) {
            out.write(profile);
        }
        return stream;
    }
}
