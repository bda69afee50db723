package rondel.text;

import java.util.List;

/** What a glyph is for, by the OpenType features that lead to it (OpenType 1.9.1, registered features). */
public enum GlyphKind {
    SWASH(List.of("swsh", "cswh")),
    ALTERNATE(List.of(
            "salt", "calt", "titl", "hist", "aalt", "ss01", "ss02", "ss03", "ss04", "ss05", "ss06", "ss07", "ss08",
            "ss09", "ss10", "ss11", "ss12", "ss13", "ss14", "ss15", "ss16", "ss17", "ss18", "ss19", "ss20", "init",
            "fina", "medi", "smcp", "c2sc")),
    LIGATURE(List.of("liga", "dlig", "clig", "hlig", "rlig")),
    ORNAMENT(List.of("ornm"));

    private final List<String> features;

    GlyphKind(List<String> features) {
        this.features = features;
    }

    List<String> features() {
        return features;
    }
}
