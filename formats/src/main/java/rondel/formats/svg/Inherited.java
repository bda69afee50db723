package rondel.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;

/** The attributes of a gradient or pattern, its own first, then those of the one it refers to, and so on. */
final class Inherited {

    private static final int LONGEST = 64;

    private final SvgReading reading;
    private final List<SvgNode> chain = new ArrayList<>();

    Inherited(SvgReading reading, SvgNode first) {
        this.reading = reading;
        Optional<SvgNode> node = Optional.of(first);
        while (node.isPresent() && chain.size() < LONGEST && !chain.contains(node.get())) {
            chain.add(node.get());
            node = node.get().href().flatMap(reading::byId);
        }
    }

    String get(String attribute, String otherwise) {
        return of(attribute).map(n -> n.attributes.get(attribute)).orElse(otherwise);
    }

    double length(String attribute, double whole, double otherwise) {
        return of(attribute)
                .map(n -> reading.length(n, attribute, whole, otherwise))
                .orElse(otherwise);
    }

    Affine transform(String attribute) {
        Optional<SvgNode> node = of(attribute);
        if (node.isEmpty()) {
            return Affine.IDENTITY;
        }
        try {
            return TransformData.parse(node.get().attributes.get(attribute)).orElse(Affine.IDENTITY);
        } catch (Numbers.NotFinite e) {
            throw reading.notFinite(node.get());
        }
    }

    Optional<Box> viewBox() {
        return of("viewBox").flatMap(SvgViewport::viewBox);
    }

    /** The nearest in the chain with elements inside. */
    SvgNode holder() {
        return chain.stream()
                .filter(n -> n.children.stream().anyMatch(c -> !c.is(SvgNode.TEXT)))
                .findFirst()
                .orElse(chain.getFirst());
    }

    List<SvgNode> childrenNamed(String tag) {
        return chain.stream()
                .map(n -> n.children.stream().filter(c -> c.is(tag)).toList())
                .filter(l -> !l.isEmpty())
                .findFirst()
                .orElse(List.of());
    }

    private Optional<SvgNode> of(String attribute) {
        return chain.stream().filter(n -> n.attributes.containsKey(attribute)).findFirst();
    }
}
