package rondel.text;

import static org.lwjgl.util.harfbuzz.HarfBuzz.*;
import static org.lwjgl.util.harfbuzz.OpenType.hb_ot_name_get_utf16;

import java.lang.ref.Cleaner;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.lwjgl.system.MemoryStack;
import org.lwjgl.system.MemoryUtil;
import rondel.words.Refusal;

/** One face of a font file, held by HarfBuzz until nothing uses it any more. */
public final class FontFace {

    private static final Cleaner CLEANER = Cleaner.create();
    private static final int LONGEST_NAME = 4096;
    private static final int FAMILY = 1;
    private static final int TYPOGRAPHIC_FAMILY = 16;

    private final long font;
    private final int unitsPerEm;
    private final String family;
    private final int weight;
    private final boolean italic;

    /** @param file the bytes of a .ttf or .otf file
     *  @param name how to call the file in a refusal */
    public FontFace(byte[] file, String name) {
        this(blob(file), 0, name);
    }

    private FontFace(long blob, int index, String name) {
        long face = hb_face_create_or_fail(blob, index);
        hb_blob_destroy(blob);
        if (face == 0) {
            throw Refusal.of("font.unreadable", name);
        }
        long made = hb_font_create(face);
        this.font = made;
        hb_face_destroy(face); // the font holds it
        CLEANER.register(this, () -> hb_font_destroy(made));
        this.unitsPerEm = hb_face_get_upem(face);
        hb_font_set_scale(font, unitsPerEm, unitsPerEm);
        String typographic = name(face, TYPOGRAPHIC_FAMILY);
        this.family = typographic.isEmpty() ? name(face, FAMILY) : typographic;
        this.weight = Math.round(hb_style_get_value(font, STYLE_TAG_WEIGHT));
        this.italic = hb_style_get_value(font, STYLE_TAG_ITALIC) > 0.5f
                || hb_style_get_value(font, STYLE_TAG_SLANT_ANGLE) < -1;
    }

    /** Every face of a font file, which is mapped into memory and only read where it is used.
     *
     * @throws Refusal if it is no font */
    public static List<FontFace> mapped(String file) {
        HarfBuzzLibrary.load();
        long blob = hb_blob_create_from_file_or_fail(file);
        if (blob == 0) {
            throw Refusal.of("font.unreadable", file);
        }
        List<FontFace> faces = new ArrayList<>();
        try {
            for (int i = 0; i < hb_face_count(blob); i++) {
                faces.add(new FontFace(hb_blob_reference(blob), i, file));
            }
        } finally {
            hb_blob_destroy(blob);
        }
        return faces;
    }

    private static long blob(byte[] file) {
        HarfBuzzLibrary.load();
        ByteBuffer bytes = MemoryUtil.memAlloc(file.length);
        bytes.put(file).flip();
        long blob = hb_blob_create(bytes, HB_MEMORY_MODE_DUPLICATE, 0, null);
        MemoryUtil.memFree(bytes);
        return blob;
    }

    public String family() {
        return family;
    }

    public int weight() {
        return weight;
    }

    public boolean italic() {
        return italic;
    }

    int unitsPerEm() {
        return unitsPerEm;
    }

    long handle() {
        return font;
    }

    long face() {
        return hb_font_get_face(font);
    }

    /** A table of the font file; empty where it has none like it. */
    byte[] table(String tag) {
        long blob = hb_face_reference_table(face(), hb_tag_from_string(tag));
        try {
            ByteBuffer data = hb_blob_get_data(blob);
            byte[] bytes = new byte[data == null ? 0 : data.remaining()];
            if (data != null) {
                data.get(bytes);
            }
            return bytes;
        } finally {
            hb_blob_destroy(blob);
        }
    }

    boolean isFamily(String wanted) {
        return family.toLowerCase(Locale.ROOT).equals(wanted.toLowerCase(Locale.ROOT));
    }

    /** What the font calls something, by the number of its name; empty where it has none. */
    static String name(long face, int id) {
        try (MemoryStack stack = MemoryStack.stackPush()) {
            var size = stack.ints(LONGEST_NAME);
            var text = stack.malloc(2 * LONGEST_NAME);
            hb_ot_name_get_utf16(face, id, hb_language_from_string("en"), size, text.asShortBuffer());
            StringBuilder name = new StringBuilder();
            for (int i = 0; i < size.get(0); i++) {
                name.append((char) text.asShortBuffer().get(i));
            }
            return name.toString();
        }
    }
}
