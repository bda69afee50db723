package rondel.job;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;

/** How much room elements take: the exact bounds of their visible geometry, without stroke. */
public final class Extent {

    private Extent() {}

    /** The box around {@code element} once {@code toTarget} has taken its parent's space somewhere. A shape without fill
     *  and stroke counts only where nothing else in its group is visible; a group shows no more than its clip. */
    public static Optional<Box> of(Element element, Affine toTarget) {
        return visible(element, toTarget).or(() -> of(element, toTarget, false));
    }

    public static Optional<Box> onSheet(Located located) {
        return of(located.element(), located.toSheet());
    }

    /** The bounds of visible things only: nothing for a shape without paint, or hidden inside a group. */
    static Optional<Box> visible(Element element, Affine toTarget) {
        return of(element, toTarget, true);
    }

    /** The box in a frame turned by {@code degrees}, as wide and as high as the person sees the turned thing.
     *  Its centre is given on the sheet. */
    public static Optional<TurnedBox> turned(Element element, Affine toSheet, double degrees) {
        return of(element, Affine.rotate(-degrees).times(toSheet)).map(box -> {
            Point centre = Affine.rotate(degrees).apply(box.centre());
            return new TurnedBox(centre, box.width(), box.height(), degrees);
        });
    }

    /** A box about {@code centre}, turned clockwise. */
    public record TurnedBox(Point centre, double width, double height, double degrees) {

        /** Where a place of the box stands, given as fractions of its width and height. */
        public Point at(double across, double down) {
            return Affine.rotate(degrees, centre)
                    .apply(centre.x() + (across - 0.5) * width, centre.y() + (down - 0.5) * height);
        }
    }

    private static Optional<Box> of(Element element, Affine toTarget, boolean visibleOnly) {
        Affine own = toTarget.times(element.placement());
        return switch (element) {
            case ShapeElement s ->
                visibleOnly && invisible(s) ? Optional.empty() : s.outline().bounds(own);
            case TextElement t -> t.outline().bounds(own);
            case PictureElement p -> Optional.of(p.measured().transformed(own));
            case GroupElement g -> group(g, own, visibleOnly);
            case CopyElement c
            when c.of().isPaper() -> Optional.of(c.content().box().transformed(own));
            case CopyElement c ->
                c.content()
                        .measured(visibleOnly ? "visible extent" : "extent", own, (g, to) -> group(g, to, visibleOnly));
        };
    }

    private static boolean invisible(ShapeElement s) {
        return s.role() == Role.PRINT
                && !s.fill().visible()
                && s.stroke().filter(Stroke::visible).isEmpty();
    }

    private static Optional<Box> group(GroupElement g, Affine own, boolean visibleOnly) {
        List<Box> boxes = g.children().stream()
                .filter(c -> !visibleOnly || !c.hidden())
                .flatMap(c -> of(c, own, visibleOnly).stream())
                .toList();
        Optional<Box> all = Box.around(boxes);
        if (g.isEmptySlot()) {
            return g.clip().flatMap(c -> c.outline().bounds(own));
        }
        if (g.clip().isEmpty()) {
            return all;
        }
        return all.flatMap(b -> g.clip().get().outline().bounds(own).flatMap(b::intersection));
    }
}
