package rondel.text;

import static org.lwjgl.util.harfbuzz.HarfBuzz.*;
import static org.lwjgl.util.harfbuzz.OpenType.*;

import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.lwjgl.system.MemoryStack;

/** Which OpenType features lead from one glyph to another, and by which value: where a font has several alternates under a feature,
 *  the value counts them from 1 (OpenType 1.9.1, GSUB lookup types 1 and 3). */
final class AlternateFeatures {

    private static final int MOST_ALTERNATES = 256;

    /** In the order of preference: what is there for choosing comes before what is there for context. */
    private static final List<String> TAGS = Stream.of(
                    Stream.of("salt", "swsh", "cswh", "ornm", "titl", "hist", "init", "fina", "medi", "smcp", "c2sc"),
                    numbered("ss", 20),
                    numbered("cv", 99),
                    Stream.of("aalt", "calt", "case", "zero", "onum", "lnum", "sups", "subs", "dlig", "hlig"))
            .flatMap(s -> s)
            .toList();

    private AlternateFeatures() {}

    private static Stream<String> numbered(String tag, int last) {
        return IntStream.rangeClosed(1, last).mapToObj(i -> String.format("%s%02d", tag, i));
    }

    /** Features as {@code salt=2}, those first that are most likely meant. */
    static List<String> reaching(FontFace font, int from, int to) {
        List<String> found = new ArrayList<>();
        long face = hb_font_get_face(font.handle());
        for (String tag : TAGS) {
            long lookups = hb_set_create();
            try (MemoryStack stack = MemoryStack.stackPush()) {
                IntBuffer tags = stack.ints(hb_tag_from_string(tag), HB_TAG_NONE);
                hb_ot_layout_collect_lookups(face, HB_OT_TAG_GSUB, null, null, tags, lookups);
                IntBuffer at = stack.ints(-1);
                IntBuffer count = stack.mallocInt(1);
                IntBuffer alternates = stack.mallocInt(MOST_ALTERNATES);
                while (hb_set_next(lookups, at)) {
                    count.put(0, MOST_ALTERNATES);
                    hb_ot_layout_lookup_get_glyph_alternates(face, at.get(0), from, 0, count, alternates);
                    for (int i = 0; i < Math.min(count.get(0), MOST_ALTERNATES); i++) {
                        if (alternates.get(i) == to) {
                            found.add(tag + "=" + (i + 1));
                        }
                    }
                }
            } finally {
                hb_set_destroy(lookups);
            }
        }
        return found;
    }
}
