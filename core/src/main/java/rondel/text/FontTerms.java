package rondel.text;

import java.util.Locale;

/** What a font says of who made it and what may be done with it, in its table of names (OpenType, name ids 0, 9, 11, 13 and 14).
 *
 * @param maker its designer, else its copyright
 * @param source the address of its vendor
 * @param licence in its own words
 * @param address where the licence stands in full */
public record FontTerms(String maker, String source, String licence, String address) {

    public static final FontTerms NONE = new FontTerms("", "", "", "");

    private static final int COPYRIGHT = 0;
    private static final int DESIGNER = 9;
    private static final int VENDOR = 11;
    private static final int LICENCE = 13;
    private static final int LICENCE_ADDRESS = 14;

    public static FontTerms of(FontFace face) {
        String designer = FontFace.name(face.face(), DESIGNER);
        return new FontTerms(
                designer.isBlank() ? FontFace.name(face.face(), COPYRIGHT) : designer,
                FontFace.name(face.face(), VENDOR),
                FontFace.name(face.face(), LICENCE),
                FontFace.name(face.face(), LICENCE_ADDRESS));
    }

    /** Whether it says that it is under a licence that lets products with it be sold: the SIL Open Font License, Apache's or the GPL with its
     *  exception for fonts. */
    public boolean isOpen() {
        String all = (licence + " " + address).toLowerCase(Locale.ROOT);
        return all.contains("open font license")
                || all.contains("scripts.sil.org/ofl")
                || all.contains("openfontlicense.org")
                || all.contains("apache license")
                || all.contains("font exception");
    }
}
