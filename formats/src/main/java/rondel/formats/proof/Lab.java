package rondel.formats.proof;

/** CIE L*a*b* of sRGB (IEC 61966-2-1; CIE 15, 8.2.1), for a white of D65. */
final class Lab {

    private static final double WHITE_X = 0.95047;
    private static final double WHITE_Z = 1.08883;
    private static final double LINEAR = 216.0 / 24389;
    private static final double SLOPE = 24389.0 / 27;

    private Lab() {}

    /** @param r red, and so on, from 0 to 255
     *  @return L*, a*, b* */
    static double[] of(int r, int g, int b) {
        double lr = light(r / 255.0);
        double lg = light(g / 255.0);
        double lb = light(b / 255.0);
        double x = root((0.4124564 * lr + 0.3575761 * lg + 0.1804375 * lb) / WHITE_X);
        double y = root(0.2126729 * lr + 0.7151522 * lg + 0.0721750 * lb);
        double z = root((0.0193339 * lr + 0.1191920 * lg + 0.9503041 * lb) / WHITE_Z);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double light(double v) {
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }

    private static double root(double t) {
        return t > LINEAR ? Math.cbrt(t) : (SLOPE * t + 16) / 116;
    }
}
