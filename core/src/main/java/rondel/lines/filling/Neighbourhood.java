package rondel.lines.filling;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;

/** The copies of a filling as they are parted by a change at a place.
 *
 * @param out those of before that are there no more, or that may move
 * @param stay those of before that stay as they are
 * @param added those put in too far away to move
 * @param moving those near enough to move
 * @param still those that don't move, near enough to be in the way */
record Neighbourhood(
        List<CopyDistances> out,
        List<CopyDistances> stay,
        List<Placement> added,
        List<Placement> moving,
        List<Placement> still) {

    /** @param after the very same copies as before, in the same order, but for those taken out; then those put in
     *  @param left how many of them were there before
     *  @param reach how far around the place copies may move
     *  @param beyond how much farther away they may be in the way */
    static Neighbourhood of(
            List<CopyDistances> before, List<CopyDistances> after, int left, Point at, double reach, double beyond) {
        List<CopyDistances> stay = new ArrayList<>();
        List<Placement> added = new ArrayList<>();
        List<Placement> moving = new ArrayList<>();
        List<Placement> still = new ArrayList<>();
        for (int i = 0; i < after.size(); i++) {
            Placement placement = after.get(i).placement();
            double distance = placement.distance(at.x(), at.y());
            if (distance < reach) {
                moving.add(placement);
                continue;
            }
            if (i < left) {
                stay.add(after.get(i));
            } else {
                added.add(placement);
            }
            if (distance < reach + beyond) {
                still.add(placement);
            }
        }
        return new Neighbourhood(without(before, stay), stay, added, moving, still);
    }

    /** Those that are not the very same: what a copy is far from is not compared.
     *
     * @param some of all, in the same order */
    private static List<CopyDistances> without(List<CopyDistances> all, List<CopyDistances> some) {
        List<CopyDistances> left = new ArrayList<>();
        int next = 0;
        for (CopyDistances p : all) {
            if (next < some.size() && some.get(next) == p) {
                next++;
            } else {
                left.add(p);
            }
        }
        return left;
    }
}
