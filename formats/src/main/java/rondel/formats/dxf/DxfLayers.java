package rondel.formats.dxf;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleLook;

/** A layer for each role: its name as old readers take it, and the colour of their fixed ones that is nearest. */
final class DxfLayers {

    private static final int WHITE = 7;

    /** What the first colours of a DXF file are. */
    private static final int[] FIRST = {0, 0xff0000, 0xffff00, 0x00ff00, 0x00ffff, 0x0000ff, 0xff00ff, 0xffffff};

    private final Map<Role, String> names = new LinkedHashMap<>();
    private final Map<Role, Rgba> colours = new LinkedHashMap<>();

    DxfLayers(List<RoleLook> looks) {
        for (Role role : Role.values()) {
            if (role != Role.GUIDE) {
                RoleLook look =
                        looks.stream().filter(l -> l.role() == role).findFirst().orElseGet(() -> RoleLook.usual(role));
                names.put(role, plain(look.layer()));
                colours.put(role, look.colour());
            }
        }
    }

    /** Letters, figures, dashes and underscores, in capitals. */
    static String plain(String name) {
        String plain = name.strip().toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9_$-]+", "_");
        return plain.isEmpty() ? "LAYER" : plain;
    }

    String name(Role role) {
        return names.getOrDefault(role, "0");
    }

    Map<Role, String> names() {
        return names;
    }

    Rgba colour(Role role) {
        return colours.get(role);
    }

    /** The number of the fixed colour that is nearest; one that is nearly black is drawn as the paper's opposite. */
    static int index(Rgba c) {
        if (c.red() + c.green() + c.blue() < 120) {
            return WHITE;
        }
        int best = 1;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < FIRST.length; i++) {
            double r = (FIRST[i] >> 16 & 255) - c.red();
            double g = (FIRST[i] >> 8 & 255) - c.green();
            double b = (FIRST[i] & 255) - c.blue();
            double d = r * r + g * g + b * b;
            if (d < least) {
                least = d;
                best = i;
            }
        }
        return best;
    }
}
