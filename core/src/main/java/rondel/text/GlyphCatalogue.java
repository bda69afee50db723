package rondel.text;

import static org.lwjgl.util.harfbuzz.HarfBuzz.*;
import static org.lwjgl.util.harfbuzz.OpenType.*;

import java.nio.ByteBuffer;
import java.nio.IntBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntConsumer;
import org.lwjgl.system.MemoryStack;
import rondel.geometry.Outline;

/** Every glyph of a font, and what each is for. */
public final class GlyphCatalogue {

    private static final int MOST_ALTERNATES = 64;

    private final FontFace font;
    private final long face;
    private final List<Glyph> glyphs;

    public GlyphCatalogue(FontFace font) {
        this.font = font;
        this.face = hb_font_get_face(font.handle());
        Map<Integer, Integer> characters = characters();
        Map<GlyphKind, Set<Integer>> kinds = new EnumMap<>(GlyphKind.class);
        for (GlyphKind kind : GlyphKind.values()) {
            Set<Integer> reached = new TreeSet<>();
            lookups(kind).forEach(lookup -> collect(lookup, reached));
            kinds.put(kind, reached);
        }
        List<Glyph> all = new ArrayList<>();
        int count = hb_face_get_glyph_count(face);
        for (int i = 0; i < count; i++) {
            Integer character = characters.get(i);
            Set<GlyphKind> of = EnumSet.noneOf(GlyphKind.class);
            int number = i;
            kinds.forEach((kind, reached) -> {
                if (reached.contains(number)) {
                    of.add(kind);
                }
            });
            all.add(new Glyph(i, name(i), character == null ? OptionalInt.empty() : OptionalInt.of(character), of));
        }
        glyphs = List.copyOf(all);
    }

    public FontFace font() {
        return font;
    }

    public List<Glyph> glyphs() {
        return glyphs;
    }

    /** The glyphs that can stand in for one, by any of the font's features of alternates. */
    public List<Glyph> alternates(int glyph) {
        Set<Integer> found = new TreeSet<>();
        for (GlyphKind kind : List.of(GlyphKind.SWASH, GlyphKind.ALTERNATE, GlyphKind.ORNAMENT)) {
            for (int lookup : lookups(kind)) {
                try (MemoryStack stack = MemoryStack.stackPush()) {
                    IntBuffer count = stack.ints(MOST_ALTERNATES);
                    IntBuffer out = stack.mallocInt(MOST_ALTERNATES);
                    hb_ot_layout_lookup_get_glyph_alternates(face, lookup, glyph, 0, count, out);
                    for (int i = 0; i < Math.min(count.get(0), MOST_ALTERNATES); i++) {
                        found.add(out.get(i));
                    }
                }
            }
        }
        found.remove(glyph);
        return found.stream()
                .filter(n -> n >= 0 && n < glyphs.size())
                .map(glyphs::get)
                .toList();
    }

    /** The glyph that a character has by itself. */
    public OptionalInt of(int codePoint) {
        return Shaper.nominal(font, codePoint);
    }

    /** The outlines of several glyphs, each in ems, y down, from its origin. */
    public List<Outline> outlines(List<Glyph> wanted) {
        double em = 1.0 / font.unitsPerEm();
        try (GlyphOutlines outlines = new GlyphOutlines(font)) {
            return wanted.stream()
                    .map(g -> outlines.of(g.number()).transformed(rondel.geometry.Affine.scale(em, em)))
                    .toList();
        }
    }

    private Map<Integer, Integer> characters() {
        Map<Integer, Integer> characters = new HashMap<>();
        long set = hb_set_create();
        hb_face_collect_unicodes(face, set);
        each(set, c -> of(c).ifPresent(glyph -> characters.putIfAbsent(glyph, c)));
        hb_set_destroy(set);
        return characters;
    }

    private Set<Integer> lookups(GlyphKind kind) {
        Set<Integer> found = new TreeSet<>();
        long set = hb_set_create();
        try (MemoryStack stack = MemoryStack.stackPush()) {
            IntBuffer tags = stack.mallocInt(kind.features().size() + 1);
            kind.features().forEach(f -> tags.put(hb_tag_from_string(f)));
            tags.put(HB_TAG_NONE).flip();
            hb_ot_layout_collect_lookups(face, HB_OT_TAG_GSUB, null, null, tags, set);
        }
        each(set, found::add);
        hb_set_destroy(set);
        return found;
    }

    private void collect(int lookup, Set<Integer> reached) {
        long before = hb_set_create();
        long input = hb_set_create();
        long after = hb_set_create();
        long output = hb_set_create();
        hb_ot_layout_lookup_collect_glyphs(face, HB_OT_TAG_GSUB, lookup, before, input, after, output);
        each(output, reached::add);
        for (long set : new long[] {before, input, after, output}) {
            hb_set_destroy(set);
        }
    }

    private static void each(long set, IntConsumer use) {
        try (MemoryStack stack = MemoryStack.stackPush()) {
            IntBuffer at = stack.ints(-1);
            while (hb_set_next(set, at)) {
                use.accept(at.get(0));
            }
        }
    }

    private String name(int glyph) {
        try (MemoryStack stack = MemoryStack.stackPush()) {
            ByteBuffer name = stack.calloc(64);
            if (!hb_font_get_glyph_name(font.handle(), glyph, name)) {
                return Integer.toString(glyph);
            }
            int length = 0;
            while (length < name.capacity() && name.get(length) != 0) {
                length++;
            }
            byte[] bytes = new byte[length];
            name.get(0, bytes);
            return new String(bytes, StandardCharsets.UTF_8);
        }
    }
}
