package rondel.job;

import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Box;
import rondel.words.Refusal;

/** What holds cloth while it is sewn, by the field that a needle reaches in it.
 *
 * @param name as it is sold, or as the person calls it
 * @param width of the field
 * @param height of the field
 * @param round whether the field is an oval, else a rectangle */
public record Hoop(
        String name,
        @Mm double width,
        @Mm double height,
        @LeftOut("false") boolean round) {

    private static final double SMALLEST = 20;
    private static final double LARGEST = 1000;

    /** @throws Refusal if no hoop is so large, or it has no name */
    public Hoop {
        name = name.strip();
        if (name.isEmpty()) {
            throw Refusal.of("hoop.noName");
        }
        if (!(width >= SMALLEST && width <= LARGEST && height >= SMALLEST && height <= LARGEST)) {
            throw Refusal.of("hoop.size", name, SMALLEST, LARGEST);
        }
    }

    /** Whether a box lies inside its field, whose top left corner is at the origin. */
    public boolean holds(Box box) {
        return holds(box.x(), box.y())
                && holds(box.x() + box.width(), box.y())
                && holds(box.x(), box.y() + box.height())
                && holds(box.x() + box.width(), box.y() + box.height());
    }

    /** Whether a place lies inside its field. */
    public boolean holds(double x, double y) {
        if (!round) {
            return x >= 0 && y >= 0 && x <= width && y <= height;
        }
        return Math.hypot((x - width / 2) / (width / 2), (y - height / 2) / (height / 2)) <= 1;
    }
}
