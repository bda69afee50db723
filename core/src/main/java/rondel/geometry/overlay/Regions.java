package rondel.geometry.overlay;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** An outline whose contours do not cross, parted into its pieces: each an outer contour with the holes in it. */
public final class Regions {

    private Regions() {}

    /** @param outline as an overlay makes it: outer contours run one way, holes the other */
    public static List<Outline> of(Outline outline) {
        List<Contour> outers = new ArrayList<>();
        List<Contour> holes = new ArrayList<>();
        for (Contour c : Contour.of(outline)) {
            (c.area() > 0 ? outers : holes).add(c);
        }
        if (outers.size() == 1) {
            return List.of(outline);
        }
        STRtree tree = new STRtree();
        List<List<Contour>> regions = new ArrayList<>();
        for (int i = 0; i < outers.size(); i++) {
            regions.add(new ArrayList<>(List.of(outers.get(i))));
            tree.insert(envelope(outers.get(i).outline().bounds().orElseThrow()), i);
        }
        for (Contour hole : holes) {
            owner(hole, outers, tree).ifPresent(o -> regions.get(o).add(hole));
        }
        return regions.stream().map(Contour::outline).toList();
    }

    /** The smallest outer contour around a hole. */
    @SuppressWarnings("unchecked")
    private static java.util.Optional<Integer> owner(Contour hole, List<Contour> outers, STRtree tree) {
        Bezier first = hole.segments().getFirst();
        Point p = first.at(0.5);
        Point t = first.tangent(0.5);
        Point inHole = p.plus(t.y() * 1e-5, -t.x() * 1e-5);
        List<Integer> around = tree.query(new Envelope(p.x(), p.x(), p.y(), p.y()));
        return around.stream()
                .filter(i -> outers.get(i).outline().toShape(FillRule.NON_ZERO).contains(inHole.x(), inHole.y())
                        || outers.get(i).outline().toShape(FillRule.NON_ZERO).contains(p.x(), p.y()))
                .min(java.util.Comparator.comparingDouble(i -> outers.get(i).area()));
    }

    static Envelope envelope(Box b) {
        return new Envelope(b.x(), b.right(), b.y(), b.bottom());
    }
}
