package rondel.lines.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Located;
import rondel.job.Role;

/** What pieces consist of, part by part. */
public final class Parts {

    private Parts() {}

    /** The parts of elements, with what they hold to any depth: outlines before what lies in them, then what is no outline, each
     *  kind the longest first. Guides are no part of anything. */
    public static List<Part> of(List<Located> elements) {
        List<Element> onSheet = elements.stream()
                .map(l -> l.element().with(t -> t.withPlacement(l.ownToSheet())))
                .toList();
        List<Element> leaves = Leaves.joined(Leaves.of(onSheet)).stream()
                .filter(e -> e.role() != Role.GUIDE)
                .toList();
        List<Line> lines = Leaves.lines(leaves);
        Nesting nesting = new Nesting(lines);
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            Element leaf = leaves.get(line.leaf());
            int depth = depth(nesting, i);
            Box box = new Box(
                    line.box().getMinX(),
                    line.box().getMinY(),
                    line.box().getWidth(),
                    line.box().getHeight());
            parts.add(new Part(leaf.id(), kind(nesting, lines, leaves, i), leaf.role(), depth, box, line.length()));
        }
        parts.sort(Comparator.comparing(Part::kind)
                .thenComparing(Part::depth)
                .thenComparing(Part::role)
                .thenComparing(Part::length, Comparator.reverseOrder()));
        return parts;
    }

    private static int depth(Nesting nesting, int line) {
        int depth = 0;
        for (int at = nesting.around(nesting.first(line)); at >= 0; at = nesting.around(at)) {
            depth++;
        }
        return depth;
    }

    private static Part.Kind kind(Nesting nesting, List<Line> lines, List<Element> leaves, int i) {
        Role role = leaves.get(lines.get(i).leaf()).role();
        if (!lines.get(i).bounds()) {
            return role == Role.PRINT ? Part.Kind.ART : Part.Kind.LINE;
        }
        if (nesting.first(i) != i) {
            return Part.Kind.DOUBLED;
        }
        return isWithin(nesting, lines, leaves, i) ? Part.Kind.OUTLINE : Part.Kind.HOLE;
    }

    /** Whether there is something just inside an outline. Each one leads into what the one around it leaves, or out of it; but
     *  a kiss cut in a piece that is cut through lies on a backing, and leaves nothing open. */
    private static boolean isWithin(Nesting nesting, List<Line> lines, List<Element> leaves, int line) {
        int around = nesting.around(nesting.first(line));
        if (around < 0) {
            return true;
        }
        boolean peeled = leaves.get(lines.get(line).leaf()).role() == Role.KISS_CUT
                && leaves.get(lines.get(around).leaf()).role() == Role.CUT;
        return peeled || !isWithin(nesting, lines, leaves, around);
    }

    /** Whether anything in an element is made otherwise than printed. */
    private static boolean hasLines(Element element) {
        return GroupElement.everything(element).anyMatch(e -> e.role() != Role.PRINT && e.role() != Role.GUIDE);
    }

    /** The parts of an element that is a group with lines to be made. */
    public static Optional<List<Part>> ofPiece(Located at) {
        return at.element() instanceof GroupElement && hasLines(at.element())
                ? Optional.of(of(List.of(at)))
                : Optional.empty();
    }
}
