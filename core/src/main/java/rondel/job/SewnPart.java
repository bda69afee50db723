package rondel.job;

import java.util.List;
import rondel.fields.LeftOut;

/** The fill or the line of one element, which is sewn in one go.
 *
 * @param path the elements from the sheet to it: in a copy, first that
 * @param line whether it is its line */
public record SewnPart(
        List<ElementId> path, @LeftOut("false") boolean line) {

    public SewnPart {
        path = List.copyOf(path);
    }

    /** What it is a part of. */
    public ElementId element() {
        return path.getLast();
    }
}
