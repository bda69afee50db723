package rondel.desktop.sheet;

import java.util.function.Supplier;
import rondel.compose.snap.Snap;
import rondel.compose.snap.Snapper;
import rondel.geometry.Box;
import rondel.geometry.Point;

/** What a drag snaps to: made when the drag first asks, as most presses drag nothing.
 *
 * @param box around what is dragged, as it stood
 * @param reach how near is near, in mm */
record Snapping(Supplier<Snapper> among, Box box, double reach) {

    private static final double REACH_PX = 6;

    /** The same among for every question of a drag. */
    static Snapping of(Supplier<Snapper> among, Box box, double scale) {
        return new Snapping(new Once(among), box, REACH_PX / scale);
    }

    Snap moved(double dx, double dy) {
        return among.get().box(box.moved(dx, dy), reach);
    }

    Snap at(Point p) {
        return among.get().point(p, reach);
    }

    /** Asks once and remembers. */
    private static final class Once implements Supplier<Snapper> {
        private final Supplier<Snapper> source;
        private Snapper made;

        Once(Supplier<Snapper> source) {
            this.source = source;
        }

        @Override
        public Snapper get() {
            if (made == null) {
                made = source.get();
            }
            return made;
        }
    }
}
