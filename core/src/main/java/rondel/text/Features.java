package rondel.text;

import static org.lwjgl.util.harfbuzz.HarfBuzz.hb_feature_from_string;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Consumer;
import org.lwjgl.system.MemoryStack;
import org.lwjgl.util.harfbuzz.hb_feature_t;

/** OpenType features as HarfBuzz takes them. */
final class Features {

    private Features() {}

    static void withoutLigatures(Consumer<hb_feature_t.Buffer> use) {
        List<String> off = List.of("-liga", "-clig", "-dlig");
        try (MemoryStack stack = MemoryStack.stackPush()) {
            hb_feature_t.Buffer features = hb_feature_t.malloc(off.size(), stack);
            for (int i = 0; i < off.size(); i++) {
                hb_feature_from_string(stack.bytes(off.get(i).getBytes(StandardCharsets.US_ASCII)), features.get(i));
            }
            use.accept(features);
        }
    }
}
