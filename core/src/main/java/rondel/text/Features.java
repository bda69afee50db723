package rondel.text;

import static org.lwjgl.util.harfbuzz.HarfBuzz.hb_feature_from_string;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.lwjgl.system.MemoryStack;
import org.lwjgl.util.harfbuzz.hb_feature_t;
import rondel.words.Refusal;

/** OpenType features as HarfBuzz takes them. */
final class Features {

    private static final List<String> NO_LIGATURES = List.of("-liga", "-clig", "-dlig");

    private Features() {}

    /** What a text asks for; tracked text has no ligatures unless it asks for them.
     *
     * @throws Refusal naming the first that is no feature */
    static void use(List<String> asked, boolean tracked, Consumer<hb_feature_t.Buffer> use) {
        List<String> all = new ArrayList<>(tracked ? NO_LIGATURES : List.of());
        all.addAll(asked);
        if (all.isEmpty()) {
            use.accept(null);
            return;
        }
        try (MemoryStack stack = MemoryStack.stackPush()) {
            hb_feature_t.Buffer features = hb_feature_t.malloc(all.size(), stack);
            for (int i = 0; i < all.size(); i++) {
                byte[] text = all.get(i).getBytes(StandardCharsets.US_ASCII);
                if (!hb_feature_from_string(stack.bytes(text), features.get(i))) {
                    throw Refusal.of("text.noFeature", all.get(i));
                }
            }
            use.accept(features);
        }
    }
}
