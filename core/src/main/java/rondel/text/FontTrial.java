package rondel.text;

import java.util.List;
import rondel.words.Refusal;

/** Has the native library do with a font all that it may ever have to do: what kills a program, kills the one that tries it. */
public final class FontTrial {

    private static final int MOST_ALTERNATES = 400;

    /** Letters of several scripts, with marks, joining and numbers. */
    private static final List<String> TEXTS = List.of(
            "ffifjordAVATo0123456789½“ij”–ÄÖÜñçﬁ",
            "Привет Ελληνικά",
            "السلام عليكم שלום",
            "नमस्ते क्ष्म ไทย 한국어 日本語",
            "e\u0301\u0323 a\u030a \u200d\u200c \ud83d\ude00 \ufffd");

    private FontTrial() {}

    /** Uses every face of a file.
     *
     * @throws Refusal if it is no font */
    public static void use(String file) {
        FontFace.mapped(file).forEach(FontTrial::use);
    }

    private static void use(FontFace face) {
        FontClass.of(face);
        FontTerms.of(face);
        List<String> features =
                FontFeature.of(face).stream().map(FontFeature::tag).toList();
        GlyphCatalogue catalogue = new GlyphCatalogue(face);
        catalogue.outlines(catalogue.glyphs());
        catalogue.glyphs().stream().limit(MOST_ALTERNATES).forEach(g -> catalogue.alternates(g.number()));
        for (String text : TEXTS) {
            Shaper.shape(face, text, 0);
            Shaper.shape(face, text, 0.1, features);
        }
    }
}
