package rondel.formats.dxf;

import java.awt.Color;
import rondel.job.Rgba;

/** The 255 numbered colours of DXF: nine by themselves, six greys at the end, and between them 24 hues in five shades, full and half. */
final class IndexedColours {

    private static final int[] FIRST = {
        0x000000, 0xff0000, 0xffff00, 0x00ff00, 0x00ffff, 0x0000ff, 0xff00ff, 0x000000, 0x808080, 0xc0c0c0
    };
    private static final int[] GREYS = {0x333333, 0x505050, 0x696969, 0x828282, 0xbebebe, 0xffffff};
    private static final float[] SHADES = {1, 0.65f, 0.5f, 0.3f, 0.15f};

    private IndexedColours() {}

    static Rgba of(int red, int green, int blue) {
        return new Rgba(red, green, blue, 255);
    }

    /** Seven, white on the black of old screens, is black on paper. */
    static Rgba of(int index) {
        if (index < FIRST.length) {
            return rgb(FIRST[Math.max(0, index)]);
        }
        if (index >= 250) {
            return rgb(GREYS[Math.min(5, index - 250)]);
        }
        float hue = (index / 10 - 1) * 15 / 360f;
        float shade = SHADES[index % 10 / 2];
        return rgb(Color.HSBtoRGB(hue, index % 2 == 0 ? 1 : 0.5f, shade));
    }

    private static Rgba rgb(int c) {
        return new Rgba(c >> 16 & 255, c >> 8 & 255, c & 255, 255);
    }
}
