package rondel.lines.backdrop;

/** What clearing backdrops is tuned by: figures without a reason in theory, found by trying on pictures. */
final class BackdropTuning {

    // Where the backdrop is seen (Border, BackdropColours, LabImage)
    /** Pixels along the border of one colour that are a backdrop at least. */
    static final int LEAST_STRETCH = 8;

    /** Or such a part of the whole border. */
    static final int STRETCHES = 6;

    /** A colour that fewer than one in so many of the backdrop's pixels have is not counted as seen. */
    static final int RARE_PART = 5_000;

    /** The furthest that colours of sRGB lie from grey in OKLab. */
    static final double FURTHEST = 0.55;

    /** The least part of its light that a backdrop has in shadow. */
    static final float DEEPEST_SHADOW = 0.55f;

    // Region growing (RegionGrowing, GradientMap)
    /** How fast the running mean follows what is met: through gradients, but not across edges. */
    static final float FOLLOWING = 0.12f;

    /** Enclosed patches must look more like the backdrop than what it reaches: by this, of the tolerance. */
    static final double POCKET = 0.5;

    /** And shades of it by this. */
    static final double PURE = 0.5;

    /** An edge is out of focus, or blurred by compression, within so many pixels at most, or such a part of the longer side. */
    static final int BEYOND = 8;

    /** The part of the longer side. */
    static final int BEYOND_PART = 250;

    /** Pockets are as thick as this on average at least, in pixels, or such a part of the longer side. */
    static final double THIN = 5;

    /** The part of the longer side. */
    static final double THIN_PART = 300;

    /** The part of a pocket's rim that may fade away into it: more, and it is light on the motif. */
    static final double FADING = 0.2;

    /** Pixels that a patch has at least, or it is noise. */
    static final int LEAST_POCKET = 24;

    /** Or such a part of the picture. */
    static final int FINEST_PART = 25_000;

    /** Pixels along the longer side for each pixel of a cell's. */
    static final int GRADIENT_FINENESS = 700;

    /** Pixels along the side of a cell at least: single ones are noise. */
    static final int LEAST_CELL = 2;

    /** How far apart the cells are that are compared, either side. */
    static final int GRADIENT_REACH = 2;

    // The edge (EdgeWidth, EdgeColours, Matting)
    /** Pixels that an edge may be wide. */
    static final int WIDEST_EDGE = 16;

    /** Pixels behind the edge where the backdrop is sure. */
    static final int BEHIND = 3;

    /** Of the way to the motif's colour, from which on it counts as reached. */
    static final float COME_TO_REST = 0.9f;

    /** Colours that go away by less from pixel to pixel have come to rest: in levels of 256, and as a share of the way. */
    static final float LEAST_RISE = 2;

    /** The share of the way. */
    static final float REST = 0.02f;

    /** Places along the edge without which nothing is told. */
    static final int LEAST_SAMPLES = 40;

    /** Pixels along the side of a tile: fits into a processor's nearest memory. */
    static final int TILE = 96;

    /** Pixels along the side of the cells in which colours are known that are further off. */
    static final int CELL = 8;

    /** The least weight that tells a colour. */
    static final float CERTAIN = 1e-4f;

    /** How far from a sharp edge, in pixels, a colour may be a mixture. */
    static final int SHARP = 2;

    /** Edges no wider than this are as sharp as pictures are. */
    static final int BLURRED = 6;

    /** How far beyond that colours are averaged that are none. */
    static final int SURELY_BEYOND = 3;

    /** Off what a mixture would be, in levels of 256, a colour is one still, and no longer. */
    static final float EXPLAINED = 24;

    /** From here on it is a colour of its own. */
    static final float STRANGE = 64;

    /** Backdrop and motif that differ by less, squared, in levels of 256, tell opacity ever less. */
    static final float CLEAR_DIFFERENCE = 18f * 18f;

    // Drafts (ClearingDraft)
    /** Pixels along the longer side that the copies have at least. */
    static final double DRAFT_FINENESS = 640;

    private BackdropTuning() {}
}
