package rondel.desktop.compose.measure;

import rondel.text.FontFeature;
import rondel.words.Words;

/** OpenType features by the names that people have for them. */
final class FeatureNames {

    private FeatureNames() {}

    static String of(FontFeature f) {
        if (f.named().isPresent()) {
            return f.named().get();
        }
        if (f.tag().matches("(ss|cv)\\d\\d")) {
            return Words.of(
                    "feature." + f.tag().substring(0, 2),
                    Integer.parseInt(f.tag().substring(2)));
        }
        String key = "feature." + f.tag();
        return Words.has(key) ? Words.of(key) : f.tag();
    }
}
