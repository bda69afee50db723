package rondel.filling;

import java.util.ArrayList;
import java.util.List;

/** Copies taken out of a room and put in, until it is undone. */
final class Changing {

    private final FreeSpace space;
    private final List<FreeSpace.Placed> out = new ArrayList<>();
    private final List<FreeSpace.Placed> in = new ArrayList<>();

    Changing(FreeSpace space) {
        this.space = space;
    }

    List<FreeSpace.Placed> out() {
        return out;
    }

    List<FreeSpace.Placed> in() {
        return in;
    }

    void takeOut(FreeSpace.Placed copy) {
        space.takeOut(copy);
        if (!in.remove(copy)) {
            out.add(copy);
        }
    }

    void put(Spot spot) {
        in.add(space.put(spot));
    }

    /** How much more is covered than before. */
    double area() {
        return FreeSpace.area(in) - FreeSpace.area(out);
    }

    void undo() {
        in.forEach(space::takeOut);
        out.forEach(space::putBack);
    }
}
