package rondel.text;

import static org.lwjgl.util.harfbuzz.OpenType.HB_OT_TAG_GPOS;
import static org.lwjgl.util.harfbuzz.OpenType.HB_OT_TAG_GSUB;
import static org.lwjgl.util.harfbuzz.OpenType.hb_ot_layout_feature_get_name_ids;
import static org.lwjgl.util.harfbuzz.OpenType.hb_ot_layout_table_get_feature_tags;

import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.lwjgl.system.MemoryStack;
import rondel.job.Lettering;

/** An OpenType feature that a person may switch, which a font has.
 *
 * @param tag its four letters
 * @param named what the font itself calls it, as many style sets are
 * @param usual whether it is on where nobody has said otherwise */
public record FontFeature(String tag, Optional<String> named, boolean usual) {

    /** Features that are on unless they are switched off (OpenType 1.9, "Registered features", UI suggestions). */
    private static final Set<String> USUAL = Set.of("liga", "clig", "calt", "kern");

    /** What a person chooses by; all others belong to scripts, or to the making of glyphs. */
    private static final Set<String> CHOSEN = Set.of(
            "liga", "clig", "calt", "kern", "dlig", "hlig", "smcp", "c2sc", "pcap", "c2pc", "unic", "swsh", "cswh",
            "salt", "titl", "onum", "lnum", "pnum", "tnum", "frac", "afrc", "ordn", "sups", "subs", "sinf", "case",
            "zero", "ornm", "hist", "rand");

    private static final int MOST = 512;

    /** The features of a face, each once, in the order of their tags. */
    public static List<FontFeature> of(FontFace face) {
        Map<String, FontFeature> found = new LinkedHashMap<>();
        for (int table : new int[] {HB_OT_TAG_GSUB, HB_OT_TAG_GPOS}) {
            read(face, table, found);
        }
        List<FontFeature> all = new ArrayList<>(found.values());
        all.sort(java.util.Comparator.comparing(FontFeature::usual).reversed().thenComparing(FontFeature::tag));
        return List.copyOf(all);
    }

    private static void read(FontFace face, int table, Map<String, FontFeature> found) {
        try (MemoryStack stack = MemoryStack.stackPush()) {
            IntBuffer count = stack.ints(MOST);
            IntBuffer tags = stack.mallocInt(MOST);
            hb_ot_layout_table_get_feature_tags(face.face(), table, 0, count, tags);
            for (int i = 0; i < count.get(0); i++) {
                String tag = text(tags.get(i));
                if (isChosen(tag) && !found.containsKey(tag)) {
                    found.put(tag, new FontFeature(tag, name(face, table, i), USUAL.contains(tag)));
                }
            }
        }
    }

    private static boolean isChosen(String tag) {
        return CHOSEN.contains(tag) || tag.matches("(ss|cv)\\d\\d");
    }

    private static String text(int tag) {
        return "" + (char) (tag >>> 24) + (char) (tag >>> 16 & 0xff) + (char) (tag >>> 8 & 0xff) + (char) (tag & 0xff);
    }

    private static Optional<String> name(FontFace face, int table, int index) {
        try (MemoryStack stack = MemoryStack.stackPush()) {
            IntBuffer label = stack.mallocInt(1);
            if (!hb_ot_layout_feature_get_name_ids(
                    face.face(),
                    table,
                    index,
                    label,
                    stack.mallocInt(1),
                    stack.mallocInt(1),
                    stack.mallocInt(1),
                    stack.mallocInt(1))) {
                return Optional.empty();
            }
            return Optional.of(FontFace.name(face.face(), label.get(0))).filter(n -> !n.isEmpty());
        }
    }

    /** Whether it is on in a lettering. */
    public boolean isOn(Lettering l) {
        return l.features().stream()
                .filter(this::isMine)
                .reduce((a, b) -> b)
                .map(f -> !f.startsWith("-") && !f.endsWith("=0"))
                .orElse(usual);
    }

    /** The lettering with it on or off. */
    public Lettering switched(Lettering l, boolean on) {
        List<String> features =
                new ArrayList<>(l.features().stream().filter(f -> !isMine(f)).toList());
        if (on != usual) {
            features.add(on ? tag : "-" + tag);
        }
        return l.withFeatures(features);
    }

    private boolean isMine(String feature) {
        return feature.matches("[+-]?" + tag + "(=\\d+)?");
    }
}
