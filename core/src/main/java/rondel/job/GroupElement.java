package rondel.job;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Elements that move as one, back to front. What lies outside the clip, or where the mask is clear, is kept but not shown. */
public record GroupElement(
        Traits traits, List<Element> children, Optional<Clip> clip, Optional<Mask> mask, GroupUse use)
        implements Element {

    /** How many groups may stand in each other: far more than anybody makes, and few enough for every reader and painter. */
    public static final int DEEPEST = 400;

    public GroupElement {
        children = List.copyOf(children);
    }

    public GroupElement(Traits traits, List<Element> children, Optional<Clip> clip, Optional<Mask> mask) {
        this(traits, children, clip, mask, GroupUse.TOGETHER);
    }

    public static GroupElement of(Traits traits, List<Element> children) {
        return new GroupElement(traits, children, Optional.empty(), Optional.empty());
    }

    public GroupElement withChildren(List<Element> other) {
        return new GroupElement(traits, other, clip, mask, use);
    }

    public GroupElement withUse(GroupUse other) {
        return new GroupElement(traits, children, clip, mask, other);
    }

    /** With each of its children, and what its clip was made of, changed; the same object where nothing is another. What its mask shows is left alone. */
    public GroupElement each(UnaryOperator<Element> change) {
        List<Element> now = Tree.each(children, change);
        Optional<Element> outline = clip.flatMap(Clip::from);
        Optional<Element> other = outline.map(change);
        boolean same = outline.isEmpty() || outline.get() == other.get();
        if (now == children && same) {
            return this;
        }
        return new GroupElement(traits, now, same ? clip : clip.map(c -> c.withFrom(other.get())), mask, use);
    }

    /** For a window, a slot for a picture: how the picture lies in its clip. */
    public Optional<Fit> slot() {
        return use instanceof GroupUse.Slot w ? Optional.of(w.fit()) : Optional.empty();
    }

    public boolean isTryOut() {
        return use instanceof GroupUse.TryOut;
    }

    /** Whether leaving the group would change how its children look. */
    public boolean veiled() {
        return clip.isPresent() || mask.isPresent();
    }

    /** Whether it is a slot for a picture that holds none yet. */
    public boolean isEmptySlot() {
        return slot().isPresent() && children.isEmpty();
    }

    /** How many groups stand in each other at most, in these elements. */
    public static int depth(List<Element> elements) {
        int depth = 0;
        List<Element> level = elements;
        while (!level.isEmpty()) {
            level = level.stream().flatMap(e -> e.children().stream()).toList();
            depth++;
        }
        return depth;
    }

    /** This group and everything inside it. */
    public static Stream<Element> everything(Element element) {
        Stream<Element> itself = Stream.of(element);
        return element.children().isEmpty()
                ? itself
                : Stream.concat(itself, element.children().stream().flatMap(GroupElement::everything));
    }

    @Override
    public GroupElement withTraits(Traits other) {
        return new GroupElement(other, children, clip, mask, use);
    }

    @Override
    public String kind() {
        return switch (use) {
            case GroupUse.Together t -> "group";
            case GroupUse.Slot s -> "window";
            case GroupUse.TryOut t -> "try-out";
            case GroupUse.Added a -> "marks";
        };
    }
}
