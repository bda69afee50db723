package rondel.filling;

import java.util.ArrayList;
import java.util.List;

/** Copies taken out of a room and put in, until it is undone. */
final class Changing {

    private final FreeSpace space;
    private final Mark start;
    private List<FreeSpace.Placed> out = new ArrayList<>();
    private List<FreeSpace.Placed> in = new ArrayList<>();

    /** How far things had come. */
    record Mark(FreeSpace.State room, List<FreeSpace.Placed> out, List<FreeSpace.Placed> in) {}

    Changing(FreeSpace space) {
        this.space = space;
        this.start = mark();
    }

    List<FreeSpace.Placed> out() {
        return out;
    }

    List<FreeSpace.Placed> in() {
        return in;
    }

    void takeOut(List<FreeSpace.Placed> copies) {
        space.takeOut(copies);
        for (FreeSpace.Placed copy : copies) {
            if (!in.remove(copy)) {
                out.add(copy);
            }
        }
    }

    void put(Spot spot) {
        in.add(space.put(spot));
    }

    /** How much more is covered than before. */
    double area() {
        return FreeSpace.area(in) - FreeSpace.area(out);
    }

    Mark mark() {
        return new Mark(space.state(), List.copyOf(out), List.copyOf(in));
    }

    /** What was changed since then is undone. */
    void backTo(Mark mark) {
        space.becomes(mark.room);
        out = new ArrayList<>(mark.out);
        in = new ArrayList<>(mark.in);
    }

    void undo() {
        backTo(start);
    }
}
