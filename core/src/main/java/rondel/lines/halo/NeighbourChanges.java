package rondel.lines.halo;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Located;
import rondel.job.SheetId;

/** Where halos that keep a gap came, went or changed their artwork between two states of a job: of thousands of halos, an edit
 *  concerns those that reach there. */
final class NeighbourChanges {

    private final Neighbours was;
    private final Neighbours is;
    private final Map<SheetId, Optional<Changed>> changed = new ConcurrentHashMap<>();

    /** What changed of others, as it was and as it is. */
    private record Changed(List<Neighbours.Kept> before, List<Neighbours.Kept> after) {}

    NeighbourChanges(Neighbours was, Neighbours is) {
        this.was = was;
        this.is = is;
    }

    /** Whether none of those that changed is or was near to a halo, and the others are in the same order.
     *
     * @param zone how far the halo may reach: what is not there is not asked about */
    boolean noneNear(Box zone, SheetId sheet, Predicate<Neighbours.Kept> wasNear, Predicate<Neighbours.Kept> isNear) {
        Predicate<Neighbours.Kept> within = k -> zone.intersects(k.zone());
        return changed.computeIfAbsent(sheet, this::on)
                .filter(c -> c.before.stream().noneMatch(within.and(wasNear))
                        && c.after.stream().noneMatch(within.and(isNear)))
                .isPresent();
    }

    /** Nothing where the order of the others is another. */
    private Optional<Changed> on(SheetId sheet) {
        List<Neighbours.Kept> before = kept(was, sheet);
        List<Neighbours.Kept> after = kept(is, sheet);
        Map<ElementId, Neighbours.Kept> earlier = new HashMap<>();
        before.forEach(k -> earlier.put(k.halo(), k));
        Set<ElementId> same = new HashSet<>();
        for (Neighbours.Kept k : after) {
            Neighbours.Kept then = earlier.get(k.halo());
            if (then != null && isSame(then, k)) {
                same.add(k.halo());
            }
        }
        return order(before, same).equals(order(after, same))
                ? Optional.of(new Changed(without(before, same), without(after, same)))
                : Optional.empty();
    }

    private static List<Neighbours.Kept> without(List<Neighbours.Kept> all, Set<ElementId> same) {
        return all.stream().filter(k -> !same.contains(k.halo())).toList();
    }

    private static List<Neighbours.Kept> kept(Neighbours neighbours, SheetId id) {
        return neighbours.job().sheets().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .map(neighbours::on)
                .orElse(List.of());
    }

    private static List<ElementId> order(List<Neighbours.Kept> all, Set<ElementId> among) {
        return all.stream().map(Neighbours.Kept::halo).filter(among::contains).toList();
    }

    private boolean isSame(Neighbours.Kept a, Neighbours.Kept b) {
        return a.zone().equals(b.zone())
                && a.elements().equals(b.elements())
                && isSame(Halos.located(was.job(), a.elements()), Halos.located(is.job(), b.elements()));
    }

    /** Whether elements are the very same in the same places. */
    static boolean isSame(List<Located> some, List<Located> others) {
        boolean same = some.size() == others.size();
        for (int i = 0; same && i < some.size(); i++) {
            same = isSame(some.get(i), others.get(i));
        }
        return same;
    }

    static boolean isSame(Located a, Located b) {
        return a.element() == b.element() && a.toSheet().equals(b.toSheet());
    }
}
