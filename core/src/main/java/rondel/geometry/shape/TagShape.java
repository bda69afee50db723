package rondel.geometry.shape;

import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** A tag: a box with two corners cut at the top and a hole between them.
 *
 * @param cut how much of the top and of the sides the corners take
 * @param hole the diameter of the hole; 0 for none
 * @param holeFromTop from the top to the middle of the hole */
public record TagShape(
        @Mm double width,
        @Mm double height,
        @Mm @LeftOut("0") double cut,
        @Mm @LeftOut("0") double hole,
        @Mm @LeftOut("0") double holeFromTop)
        implements PlainShape {

    public TagShape {
        ShapeLimits.size(width, height);
        ShapeLimits.length("cut", cut);
        ShapeLimits.length("hole", hole);
        ShapeLimits.length("hole_from_top", holeFromTop);
    }

    @Override
    public Outline outline() {
        double c = Math.min(cut, Math.min(width / 2, height));
        OutlineBuilder out = new OutlineBuilder().moveTo(c, 0);
        if (width - c > c) {
            out.lineTo(width - c, 0);
        }
        if (c > 0) {
            out.lineTo(width, c);
        }
        out.lineTo(width, height).lineTo(0, height);
        if (c > 0) {
            out.lineTo(0, c);
        }
        out.close();
        double r = Math.min(hole, Math.min(width, height)) / 2;
        if (r > 0) {
            OvalShape.ellipse(out, width / 2, Math.clamp(holeFromTop, r, height - r), r, r, false);
        }
        return out.build();
    }

    @Override
    public TagShape sized(double sx, double sy, double lengths) {
        return new TagShape(width * sx, height * sy, cut * lengths, hole * lengths, holeFromTop * lengths);
    }
}
