package rondel.compose.spacing;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Box;
import rondel.geometry.Point;

/** The free distance from a box to the nearest neighbour in each direction, or to the sheet's edge where nothing stands
 *  between. Only neighbours that face the box count. In mm; negative towards an edge that the box reaches past. */
public record Gaps(Gap left, Gap right, Gap above, Gap below) {

    /** One distance, and the line on the sheet along which it is measured. */
    public record Gap(double distance, Point from, Point to, boolean toEdge) {}

    public static Gaps of(Box box, List<Box> neighbours, Box sheet) {
        return new Gaps(
                horizontal(
                        box,
                        neighbours.stream()
                                .filter(n -> facesAcross(box, n) && n.right() <= box.x())
                                .max(java.util.Comparator.comparingDouble(Box::right)),
                        sheet,
                        true),
                horizontal(
                        box,
                        neighbours.stream()
                                .filter(n -> facesAcross(box, n) && n.x() >= box.right())
                                .min(java.util.Comparator.comparingDouble(Box::x)),
                        sheet,
                        false),
                vertical(
                        box,
                        neighbours.stream()
                                .filter(n -> facesDown(box, n) && n.bottom() <= box.y())
                                .max(java.util.Comparator.comparingDouble(Box::bottom)),
                        sheet,
                        true),
                vertical(
                        box,
                        neighbours.stream()
                                .filter(n -> facesDown(box, n) && n.y() >= box.bottom())
                                .min(java.util.Comparator.comparingDouble(Box::y)),
                        sheet,
                        false));
    }

    public Gap on(Side side) {
        return switch (side) {
            case LEFT -> left;
            case RIGHT -> right;
            case ABOVE -> above;
            case BELOW -> below;
        };
    }

    public List<Gap> all() {
        return List.of(left, right, above, below);
    }

    /** The smallest gap to a neighbour, where there is a neighbour at all. */
    public Optional<Gap> nearest() {
        return all().stream().filter(g -> !g.toEdge).min(java.util.Comparator.comparingDouble(Gap::distance));
    }

    private static Gap horizontal(Box box, Optional<Box> neighbour, Box sheet, boolean left) {
        double level = neighbour
                .map(n -> overlapMiddle(box.y(), box.bottom(), n.y(), n.bottom()))
                .orElse(box.centre().y());
        double from = left ? box.x() : box.right();
        double edge = left ? sheet.x() : sheet.right();
        double to = neighbour.map(n -> left ? n.right() : n.x()).orElse(edge);
        return new Gap(left ? from - to : to - from, new Point(from, level), new Point(to, level), neighbour.isEmpty());
    }

    private static Gap vertical(Box box, Optional<Box> neighbour, Box sheet, boolean above) {
        double level = neighbour
                .map(n -> overlapMiddle(box.x(), box.right(), n.x(), n.right()))
                .orElse(box.centre().x());
        double from = above ? box.y() : box.bottom();
        double edge = above ? sheet.y() : sheet.bottom();
        double to = neighbour.map(n -> above ? n.bottom() : n.y()).orElse(edge);
        return new Gap(
                above ? from - to : to - from, new Point(level, from), new Point(level, to), neighbour.isEmpty());
    }

    private static double overlapMiddle(double a1, double a2, double b1, double b2) {
        return (Math.max(a1, b1) + Math.min(a2, b2)) / 2;
    }

    private static boolean facesAcross(Box a, Box b) {
        return a.y() < b.bottom() && b.y() < a.bottom();
    }

    private static boolean facesDown(Box a, Box b) {
        return a.x() < b.right() && b.x() < a.right();
    }
}
