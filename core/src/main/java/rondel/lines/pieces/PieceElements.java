package rondel.lines.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import rondel.job.Element;
import rondel.job.Located;

/** The elements that fall off the cutter with an outline. */
public final class PieceElements {

    private PieceElements() {}

    /** What belongs to the same piece as an outline, from back to front, in the space of the sheet: the outline and all that lies inside
     *  it, whatever groups that is in. */
    public static List<Element> of(Located outline) {
        List<Element> leaves = Leaves.of(outline.sheet().elements());
        List<Line> lines = Leaves.lines(leaves);
        Nesting nesting = new Nesting(lines);
        int piece = -1;
        for (int i = 0; i < lines.size() && piece < 0; i++) {
            if (leaves.get(lines.get(i).leaf()).id().equals(outline.element().id())) {
                piece = nesting.piece(i, false);
            }
        }
        if (piece < 0) {
            return List.of(outline.element().with(t -> t.withPlacement(outline.ownToSheet())));
        }
        Set<Integer> own = new TreeSet<>();
        for (int i = 0; i < lines.size(); i++) {
            if (nesting.piece(i, false) == piece) {
                own.add(lines.get(i).leaf());
            }
        }
        List<Element> elements = new ArrayList<>();
        own.forEach(leaf -> elements.add(leaves.get(leaf)));
        return elements;
    }
}
