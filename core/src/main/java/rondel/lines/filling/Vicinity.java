package rondel.lines.filling;

import java.util.ArrayList;
import java.util.List;

/** The copies of a filling as they are parted by a change at a place.
 *
 * @param out those of before that are there no more, or that may move
 * @param stay those of before that stay as they are
 * @param added those put in too far away to move
 * @param moving those near enough to move
 * @param still those that don't move, near enough to be in the way */
record Vicinity(List<Placed> out, List<Placed> stay, List<Spot> added, List<Spot> moving, List<Spot> still) {

    /** @param after the very same copies as before, in the same order, but for those taken out; then those put in
     *  @param left how many of them were there before
     *  @param reach how far around the place copies may move
     *  @param beyond how much farther away they may be in the way */
    static Vicinity of(List<Placed> before, List<Placed> after, int left, double[] at, double reach, double beyond) {
        List<Placed> stay = new ArrayList<>();
        List<Spot> added = new ArrayList<>();
        List<Spot> moving = new ArrayList<>();
        List<Spot> still = new ArrayList<>();
        for (int i = 0; i < after.size(); i++) {
            Spot spot = after.get(i).spot();
            double distance = spot.distance(at[0], at[1]);
            if (distance < reach) {
                moving.add(spot);
                continue;
            }
            if (i < left) {
                stay.add(after.get(i));
            } else {
                added.add(spot);
            }
            if (distance < reach + beyond) {
                still.add(spot);
            }
        }
        return new Vicinity(without(before, stay), stay, added, moving, still);
    }

    /** Those that are not the very same: what a copy is far from is not compared.
     *
     * @param some of all, in the same order */
    private static List<Placed> without(List<Placed> all, List<Placed> some) {
        List<Placed> left = new ArrayList<>();
        int next = 0;
        for (Placed p : all) {
            if (next < some.size() && some.get(next) == p) {
                next++;
            } else {
                left.add(p);
            }
        }
        return left;
    }
}
