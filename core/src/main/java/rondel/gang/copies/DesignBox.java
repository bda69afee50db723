package rondel.gang.copies;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.ShapeElement;

/** The size by which a design is laid out: the box around its cut lines, where it has any, else around all it shows. */
final class DesignBox {

    /** Cut lines that take less of all there is are holes, and do not go around it. */
    private static final double AROUND = 0.5;

    private final List<Box> cuts = new ArrayList<>();

    private DesignBox() {}

    static Optional<Box> of(List<Element> elements) {
        DesignBox box = new DesignBox();
        elements.forEach(e -> box.take(e, Affine.IDENTITY));
        Optional<Box> all = Box.around(elements.stream()
                .flatMap(e -> Extent.of(e, Affine.IDENTITY).stream())
                .toList());
        return Box.around(box.cuts)
                .filter(c -> all.isEmpty() || area(c) >= AROUND * area(all.get()))
                .or(() -> all);
    }

    private static double area(Box b) {
        return b.width() * b.height();
    }

    private void take(Element e, Affine around) {
        if (e.hidden()) {
            return;
        }
        Affine own = around.times(e.placement());
        switch (e) {
            case ShapeElement s when s.role().isCut() -> s.outline().bounds(own).ifPresent(cuts::add);
            case GroupElement g -> g.children().forEach(c -> take(c, own));
            case CopyElement c -> c.content().group().children().forEach(x -> take(x, own));
            default -> {}
        }
    }
}
