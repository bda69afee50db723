package rondel.gang.nest;

import java.util.List;

/** A piece to be packed, in the turns that it may have.
 *
 * @param turns in degrees, clockwise; none where any turn will do
 * @param shapes the shape in each of these turns, or unturned */
record NestPiece(List<Double> turns, List<NestShape> shapes) {

    static NestPiece of(NestShape unturned, List<Double> turns) {
        return new NestPiece(
                turns,
                turns.isEmpty()
                        ? List.of(unturned)
                        : turns.stream().map(unturned::turned).toList());
    }

    boolean free() {
        return turns.isEmpty();
    }

    NestShape unturned() {
        return shapes.getFirst();
    }

    double area() {
        return unturned().area;
    }
}
