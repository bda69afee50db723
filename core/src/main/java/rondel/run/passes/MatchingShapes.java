package rondel.run.passes;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.curve.Contour;

/** Two small shapes beside what is made, at the same place in each layer: laid over each other they bring the layers into register. A
 *  square and a triangle, so that no layer is laid on turned. */
final class MatchingShapes {

    /** How large they are, in mm. */
    private static final double SIZE = 6;

    /** How far they stand off what is made, in mm. */
    private static final double DISTANCE = 4;

    private MatchingShapes() {}

    /** @param lines the box around all lines of the sheet
     *  @param trim of the sheet: they stand below the lines, or above or in their corners where there is no room */
    static List<Contour> around(Box lines, Box trim) {
        double below = lines.bottom() + DISTANCE;
        double above = lines.y() - DISTANCE - SIZE;
        double y = below + SIZE <= trim.bottom() || above < trim.y() ? Math.min(below, trim.bottom() - SIZE) : above;
        double left = Math.max(trim.x(), lines.x());
        double right = Math.min(trim.right(), lines.right()) - SIZE;
        List<Contour> all = new ArrayList<>(Contour.of(Outline.rectangle(new Box(left, y, SIZE, SIZE))));
        all.addAll(Contour.of(new OutlineBuilder()
                .moveTo(right, y + SIZE)
                .lineTo(right + SIZE / 2, y)
                .lineTo(right + SIZE, y + SIZE)
                .close()
                .build()));
        return all;
    }
}
