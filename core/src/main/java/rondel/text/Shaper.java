package rondel.text;

import static org.lwjgl.util.harfbuzz.HarfBuzz.*;

import java.lang.ref.Reference;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.lwjgl.system.MemoryStack;
import org.lwjgl.util.harfbuzz.hb_glyph_info_t;
import org.lwjgl.util.harfbuzz.hb_glyph_position_t;

/** Text to glyphs by HarfBuzz, with the font's default features: kerning, ligatures, marks, bidirectional runs as guessed. */
public final class Shaper {

    /** A glyph at its place on the line, in units of the em, y down.
     *
     * @param cluster the index of the first character it stands for */
    public record PlacedGlyph(int glyph, int cluster, double x, double y, double advance) {}

    /** Glyphs in the order they stand, and how far the line runs in ems. */
    public record Run(List<PlacedGlyph> glyphs, double advance) {}

    private Shaper() {}

    /** @param tracking extra space after each cluster, in ems; where it is not 0, ligatures are left apart, as typography
     *  and CSS Text 3, 8.2 want */
    public static Run shape(FontFace font, String text, double tracking) {
        return shape(font, text, tracking, List.of());
    }

    /** @param features OpenType features to switch on or off, in HarfBuzz's own spelling */
    public static Run shape(FontFace font, String text, double tracking, List<String> features) {
        try {
            return shape(font.handle(), font.unitsPerEm(), text, tracking, features);
        } finally {
            Reference.reachabilityFence(font);
        }
    }

    static Run shape(SubstituteFont font, String text, double tracking, List<String> features) {
        return shape(font.handle(), font.parent().unitsPerEm(), text, tracking, features);
    }

    private static Run shape(long font, int unitsPerEm, String text, double tracking, List<String> features) {
        long buffer = hb_buffer_create();
        try {
            hb_buffer_add_utf16(buffer, text, 0, -1);
            hb_buffer_guess_segment_properties(buffer);
            Features.use(features, tracking != 0, f -> hb_shape(font, buffer, f));
            return read(buffer, unitsPerEm, tracking);
        } finally {
            hb_buffer_destroy(buffer);
        }
    }

    /** The glyph that a character has by itself. */
    static OptionalInt nominal(FontFace font, int codePoint) {
        try (MemoryStack stack = MemoryStack.stackPush()) {
            IntBuffer glyph = stack.mallocInt(1);
            return hb_font_get_nominal_glyph(font.handle(), codePoint, glyph)
                    ? OptionalInt.of(glyph.get(0))
                    : OptionalInt.empty();
        }
    }

    private static Run read(long buffer, double em, double tracking) {
        hb_glyph_info_t.Buffer infos = hb_buffer_get_glyph_infos(buffer);
        hb_glyph_position_t.Buffer positions = hb_buffer_get_glyph_positions(buffer);
        List<PlacedGlyph> glyphs = new ArrayList<>();
        double x = 0;
        int count = infos == null ? 0 : infos.remaining();
        for (int i = 0; i < count; i++) {
            hb_glyph_position_t p = positions.get(i);
            double advance = p.x_advance() / em;
            boolean endsCluster =
                    i + 1 == count || infos.get(i + 1).cluster() != infos.get(i).cluster();
            double step = advance + (endsCluster ? tracking : 0);
            glyphs.add(new PlacedGlyph(
                    infos.get(i).codepoint(), infos.get(i).cluster(), x + p.x_offset() / em, -p.y_offset() / em, step));
            x += step;
        }
        return new Run(glyphs, x);
    }
}
