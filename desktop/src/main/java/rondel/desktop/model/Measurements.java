package rondel.desktop.model;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Located;
import rondel.job.Paint;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;

/** What is true of the selection, in mm and degrees; what differs among several elements is left empty. */
public record Measurements(
        int count,
        Optional<Box> upright,
        OptionalDouble width,
        OptionalDouble height,
        OptionalDouble turn,
        Optional<Role> role,
        Optional<Paint> fill,
        Optional<Stroke> stroke,
        OptionalDouble strokeWidth,
        OptionalDouble opacity,
        Optional<String> name) {

    public static Measurements of(List<Located> selected) {
        Optional<Extent.TurnedBox> box = SelectionBox.of(selected);
        Optional<Located> one = selected.size() == 1 ? Optional.of(selected.getFirst()) : Optional.empty();
        List<Leaf> leaves = selected.stream()
                .flatMap(l -> leaves(l.element(), l.toSheet()).stream())
                .toList();
        Optional<Stroke> stroke = same(leaves.stream().map(Leaf::stroke).collect(Collectors.toSet()))
                .flatMap(s -> s);
        Optional<Double> width = same(leaves.stream().map(Leaf::strokeWidth).collect(Collectors.toSet()));
        return new Measurements(
                selected.size(),
                SelectionBox.upright(selected),
                box.map(b -> OptionalDouble.of(b.width())).orElse(OptionalDouble.empty()),
                box.map(b -> OptionalDouble.of(b.height())).orElse(OptionalDouble.empty()),
                one.map(l -> OptionalDouble.of(l.ownToSheet().rotation())).orElse(OptionalDouble.empty()),
                same(selected.stream().map(l -> l.element().role()).collect(Collectors.toSet())),
                same(leaves.stream().map(Leaf::fill).collect(Collectors.toSet())),
                stroke,
                width.filter(w -> w > 0).map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                same(selected.stream().map(l -> l.element().opacity()).collect(Collectors.toSet()))
                        .map(OptionalDouble::of)
                        .orElse(OptionalDouble.empty()),
                one.map(l -> l.element().name()));
    }

    /** Where an anchor of the upright box is. */
    public Optional<Point> at(Anchor anchor) {
        return upright.map(b -> b.at(anchor));
    }

    private record Leaf(Paint fill, Optional<Stroke> stroke, double strokeWidth) {}

    private static List<Leaf> leaves(Element e, rondel.geometry.Affine toSheet) {
        double scale = toSheet.times(e.placement()).meanScale();
        return switch (e) {
            case ShapeElement s -> List.of(leaf(s.fill(), s.stroke(), scale));
            case TextElement t -> List.of(leaf(t.fill(), t.stroke(), scale));
            case GroupElement g ->
                g.children().stream()
                        .flatMap(c -> leaves(c, toSheet.times(g.placement())).stream())
                        .toList();
            default -> List.of();
        };
    }

    private static Leaf leaf(Paint fill, Optional<Stroke> stroke, double scale) {
        return new Leaf(
                fill, stroke, Math.rint(stroke.map(s -> s.width() * scale).orElse(0.0) * 1e6) / 1e6);
    }

    private static <T> Optional<T> same(Set<T> values) {
        return values.size() == 1 ? Optional.of(values.iterator().next()) : Optional.empty();
    }
}
