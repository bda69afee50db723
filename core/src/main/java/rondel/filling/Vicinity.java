package rondel.filling;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/** The copies of a filling as they are parted by a change at a place.
 *
 * @param out those of before that are there no more, or that may move
 * @param stay those of before that stay as they are
 * @param added those put in too far away to move
 * @param moving those near enough to move
 * @param still those that don't move, near enough to be in the way */
record Vicinity(List<Placed> out, List<Placed> stay, List<Spot> added, List<Spot> moving, List<Spot> still) {

    /** @param after the very same copies as before but for those taken out and put in
     *  @param reach how far around the place copies may move
     *  @param beyond how much farther away they may be in the way */
    static Vicinity of(List<Placed> before, List<Placed> after, double[] at, double reach, double beyond) {
        Set<Placed> there = same(before);
        List<Placed> stay = new ArrayList<>();
        List<Spot> added = new ArrayList<>();
        List<Spot> moving = new ArrayList<>();
        List<Spot> still = new ArrayList<>();
        for (Placed p : after) {
            double distance = p.spot().distance(at[0], at[1]);
            if (distance < reach) {
                moving.add(p.spot());
                continue;
            }
            if (there.contains(p)) {
                stay.add(p);
            } else {
                added.add(p.spot());
            }
            if (distance < reach + beyond) {
                still.add(p.spot());
            }
        }
        return new Vicinity(without(before, stay), stay, added, moving, still);
    }

    /** Those that are not the very same: what a copy is far from is not compared. */
    static List<Placed> without(List<Placed> all, List<Placed> some) {
        Set<Placed> others = same(some);
        return all.stream().filter(p -> !others.contains(p)).toList();
    }

    private static Set<Placed> same(List<Placed> some) {
        Set<Placed> set = Collections.newSetFromMap(new IdentityHashMap<>());
        set.addAll(some);
        return set;
    }
}
