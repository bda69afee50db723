package rondel.run.route;

import java.util.List;
import rondel.geometry.Point;

/** Something that the tool comes to, does, and leaves: where it may come and where it then leaves. A closed line is left where it was come
 *  to; an open one at its other end.
 *
 * @param ways at least one */
record Stop(List<Way> ways) {

    /** One way to do it.
     *
     * @param at the number of the point it is begun at */
    record Way(Point in, Point out, int at) {
        Way turned() {
            return new Way(out, in, at);
        }
    }

    /** Whether it is an open line, which can be gone along from either end. */
    boolean open() {
        return !ways.getFirst().in().equals(ways.getFirst().out());
    }
}
