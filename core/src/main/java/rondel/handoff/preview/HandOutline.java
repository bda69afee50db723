package rondel.handoff.preview;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.Corners;
import rondel.geometry.shape.Edge;

/** A hand as everybody knows the size of one: {@link #WIDTH} across the palm, {@link #LENGTH} from the wrist to the tip of the longest finger; the
 *  middle of what grown people have, men and women (DIN 33402-2: hand breadth without thumb, hand length). */
final class HandOutline {

    static final double WIDTH = 82;
    static final double LENGTH = 184;

    /** With the thumb. */
    static final double REACH = 112;

    /** Each finger: its middle at the knuckle from the left edge of the palm, how wide, how long from the wrist, how far it is spread, in degrees. */
    private static final double[][] FINGERS = {
        {10.5, 18.5, 143, -6.5}, {31, 20, 170, -2}, {51.5, 20.5, LENGTH, 1.5}, {72, 20, 171, 5}
    };

    private static final double PALM = 104;

    private HandOutline() {}

    /** A left hand with its back to us; from (0, 0) at its upper left to the wrist below. */
    static Outline outline() {
        List<Outline> parts = new ArrayList<>();
        parts.add(box(WIDTH, PALM, 24, Affine.translate(0, LENGTH - PALM)));
        for (double[] f : FINGERS) {
            parts.add(finger(f[0], f[1], f[2], f[3], LENGTH - 40));
        }
        parts.add(finger(WIDTH - 15, 23, 92, 36, LENGTH - 22));
        List<Operand> all =
                parts.stream().map(p -> new Operand(p, FillRule.NON_ZERO)).toList();
        return Overlay.of(all).unite();
    }

    /** @param pivot how far down it turns */
    private static Outline finger(double middle, double wide, double length, double turn, double pivot) {
        double top = LENGTH - length;
        Affine turned = Affine.translate(middle, pivot)
                .times(Affine.rotate(turn))
                .times(Affine.translate(-wide / 2, top - pivot));
        return box(wide, pivot - top + wide / 2, wide / 2, turned);
    }

    private static Outline box(double w, double h, double radius, Affine at) {
        return new BoxShape(w, h, Corners.all(Corners.Style.ROUND, radius), Edge.USUAL)
                .outline()
                .transformed(at);
    }
}
