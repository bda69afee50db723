package rondel.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Elements that move as one, back to front. What lies outside the clip, or where the mask is clear, is kept but not shown. */
public record GroupElement(Traits traits, List<Element> children, Optional<Clip> clip, Optional<Mask> mask)
        implements Element {

    public GroupElement {
        children = List.copyOf(children);
    }

    public static GroupElement of(Traits traits, List<Element> children) {
        return new GroupElement(traits, children, Optional.empty(), Optional.empty());
    }

    public GroupElement withChildren(List<Element> other) {
        return new GroupElement(traits, other, clip, mask);
    }

    /** Whether leaving the group would change how its children look. */
    public boolean veiled() {
        return clip.isPresent() || mask.isPresent();
    }

    /** This group and everything inside it. */
    public static Stream<Element> everything(Element element) {
        return Stream.concat(Stream.of(element), element.children().stream().flatMap(GroupElement::everything));
    }

    @Override
    public GroupElement withTraits(Traits other) {
        return new GroupElement(other, children, clip, mask);
    }

    @Override
    public String kind() {
        return "group";
    }
}
