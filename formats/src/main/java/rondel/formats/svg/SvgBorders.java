package rondel.formats.svg;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.ShapeElement;
import rondel.job.Stroke;

/** Lines inside or outside of an edge, which SVG has no attribute for: a group with a clipped line of twice the width, which every
 *  reader shows right, marked by an attribute of our own so that it comes back as one shape. */
final class SvgBorders {

    static final String ATTRIBUTE = "data-border";

    private SvgBorders() {}

    static String word(Stroke.Position position) {
        return position.name().toLowerCase(Locale.ROOT);
    }

    /** The one shape that a marked group stands for; nothing where it was changed since. */
    static Optional<Element> read(String side, List<Element> made) {
        Optional<Stroke.Position> position = Arrays.stream(Stroke.Position.values())
                .filter(p -> word(p).equals(side))
                .findFirst();
        boolean clipped = made.getLast() instanceof GroupElement g
                && g.children().size() == 1
                && g.children().getFirst() instanceof ShapeElement;
        if (position.isEmpty() || !clipped || made.size() > 2) {
            return Optional.empty();
        }
        ShapeElement line = (ShapeElement) made.getLast().children().getFirst();
        Paint fill = made.size() == 2 && made.getFirst() instanceof ShapeElement area ? area.fill() : Paint.NONE;
        boolean apart = made.size() == 2
                && !(made.getFirst() instanceof ShapeElement area
                        && area.outline().equals(line.outline()));
        return apart || line.stroke().isEmpty()
                ? Optional.empty()
                : Optional.of(line.withFill(fill).withStroke(line.stroke().map(s -> s.withWidth(s.width() / 2)
                        .withPosition(position.get()))));
    }
}
