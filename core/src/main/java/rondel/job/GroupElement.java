package rondel.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Elements that move as one, back to front. What lies outside the clip, or where the mask is clear, is kept but not shown.
 *
 * @param window for a window, a slot for a picture: how the picture lies in its clip. A window may be empty */
public record GroupElement(
        Traits traits, List<Element> children, Optional<Clip> clip, Optional<Mask> mask, Optional<Fit> window)
        implements Element {

    public GroupElement {
        children = List.copyOf(children);
    }

    public GroupElement(Traits traits, List<Element> children, Optional<Clip> clip, Optional<Mask> mask) {
        this(traits, children, clip, mask, Optional.empty());
    }

    public static GroupElement of(Traits traits, List<Element> children) {
        return new GroupElement(traits, children, Optional.empty(), Optional.empty());
    }

    public GroupElement withChildren(List<Element> other) {
        return new GroupElement(traits, other, clip, mask, window);
    }

    public GroupElement withWindow(Fit fit) {
        return new GroupElement(traits, children, clip, mask, Optional.of(fit));
    }

    /** Whether leaving the group would change how its children look. */
    public boolean veiled() {
        return clip.isPresent() || mask.isPresent();
    }

    /** Whether it is a slot for a picture that holds none yet. */
    public boolean isEmptyWindow() {
        return window.isPresent() && children.isEmpty();
    }

    /** This group and everything inside it. */
    public static Stream<Element> everything(Element element) {
        return Stream.concat(Stream.of(element), element.children().stream().flatMap(GroupElement::everything));
    }

    @Override
    public GroupElement withTraits(Traits other) {
        return new GroupElement(other, children, clip, mask, window);
    }

    @Override
    public String kind() {
        return window.isPresent() ? "window" : "group";
    }
}
