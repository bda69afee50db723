package rondel.text;

import static org.lwjgl.util.harfbuzz.HarfBuzz.*;

import java.lang.ref.Reference;
import org.lwjgl.util.harfbuzz.hb_draw_close_path_func_t;
import org.lwjgl.util.harfbuzz.hb_draw_cubic_to_func_t;
import org.lwjgl.util.harfbuzz.hb_draw_line_to_func_t;
import org.lwjgl.util.harfbuzz.hb_draw_move_to_func_t;
import org.lwjgl.util.harfbuzz.hb_draw_quadratic_to_func_t;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** The curves of a font's glyphs, as HarfBuzz draws them. */
final class GlyphOutlines implements AutoCloseable {

    private final FontFace font;
    private final long functions = hb_draw_funcs_create();
    private final hb_draw_move_to_func_t move;
    private final hb_draw_line_to_func_t line;
    private final hb_draw_quadratic_to_func_t quad;
    private final hb_draw_cubic_to_func_t cubic;
    private final hb_draw_close_path_func_t close;
    private OutlineBuilder out = new OutlineBuilder();

    GlyphOutlines(FontFace font) {
        this.font = font;
        move = hb_draw_move_to_func_t.create((f, data, state, x, y, user) -> out.moveTo(x, -y));
        line = hb_draw_line_to_func_t.create((f, data, state, x, y, user) -> out.lineTo(x, -y));
        quad = hb_draw_quadratic_to_func_t.create((f, data, state, cx, cy, x, y, user) -> out.quadTo(cx, -cy, x, -y));
        cubic = hb_draw_cubic_to_func_t.create(
                (f, data, state, ax, ay, bx, by, x, y, user) -> out.cubicTo(ax, -ay, bx, -by, x, -y));
        close = hb_draw_close_path_func_t.create((f, data, state, user) -> out.close());
        hb_draw_funcs_set_move_to_func(functions, move, 0, null);
        hb_draw_funcs_set_line_to_func(functions, line, 0, null);
        hb_draw_funcs_set_quadratic_to_func(functions, quad, 0, null);
        hb_draw_funcs_set_cubic_to_func(functions, cubic, 0, null);
        hb_draw_funcs_set_close_path_func(functions, close, 0, null);
    }

    /** In font units, y down, from the glyph's origin. */
    Outline of(int glyph) {
        out = new OutlineBuilder();
        hb_font_draw_glyph(font.handle(), glyph, functions, 0);
        return out.build();
    }

    @Override
    public void close() {
        hb_draw_funcs_destroy(functions);
        move.free();
        line.free();
        quad.free();
        cubic.free();
        close.free();
        Reference.reachabilityFence(font);
    }
}
