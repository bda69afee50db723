package rondel.text;

import static org.lwjgl.util.harfbuzz.HarfBuzz.*;

import java.nio.IntBuffer;
import java.util.Map;
import org.lwjgl.system.MemoryStack;
import org.lwjgl.system.MemoryUtil;
import org.lwjgl.util.harfbuzz.hb_font_get_nominal_glyph_func_t;

/** A font as another sees it: some characters of the private use area stand for glyphs that no feature leads to. Everything else,
 *  advances and kerning by classes among it, is the font's own. */
final class SubstituteFont implements AutoCloseable {

    private final FontFace parent;
    private final long font;
    private final long functions = hb_font_funcs_create();
    private final hb_font_get_nominal_glyph_func_t nominal;

    SubstituteFont(FontFace parent, Map<Integer, Integer> glyphs) {
        this.parent = parent;
        this.font = hb_font_create_sub_font(parent.handle());
        this.nominal = hb_font_get_nominal_glyph_func_t.create((f, data, character, glyph, user) -> {
            Integer chosen = glyphs.get(character);
            if (chosen != null) {
                MemoryUtil.memPutInt(glyph, chosen);
                return 1;
            }
            try (MemoryStack stack = MemoryStack.stackPush()) {
                IntBuffer own = stack.mallocInt(1);
                boolean known = hb_font_get_nominal_glyph(parent.handle(), character, own);
                if (known) {
                    MemoryUtil.memPutInt(glyph, own.get(0));
                }
                return known ? 1 : 0;
            }
        });
        hb_font_funcs_set_nominal_glyph_func(functions, nominal, 0, null);
        hb_font_set_funcs(font, functions, 0, null);
    }

    long handle() {
        return font;
    }

    FontFace parent() {
        return parent;
    }

    @Override
    public void close() {
        hb_font_destroy(font);
        hb_font_funcs_destroy(functions);
        nominal.free();
    }
}
