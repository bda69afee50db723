package rondel.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Stream;
import rondel.geometry.Affine;
import rondel.geometry.Box;

/** What copies of one design show: one object for all of them, about the middle of the design's box. Immutable; what has been worked out
 *  about it once is kept. Safe on any thread.  */
public final class CopyContent {

    /** What a design shows that is not there. */
    public static final CopyContent NOTHING = new CopyContent(List.of(), Optional.empty(), new Box(0, 0, 0, 0));

    private final GroupElement group;
    private final Box box;
    private final Map<Object, Object> known = new ConcurrentHashMap<>();

    /** @param elements back to front
     *  @param clip what is shown of them
     *  @param box the design's size, by which it is laid out: its cut line where it has one, else the trim of a sheet, else its extent */
    public CopyContent(List<Element> elements, Optional<Clip> clip, Box box) {
        this.group = new GroupElement(Traits.named(""), elements, clip, Optional.empty());
        this.box = box;
    }

    /** The same with other elements in it. */
    public CopyContent withElements(List<Element> others) {
        return new CopyContent(others, group.clip(), box);
    }

    /** As a group in the design's own space. */
    public GroupElement group() {
        return group;
    }

    public Box box() {
        return box;
    }

    /** All that it shows, copies in it with what they show. */
    public Stream<Element> everything() {
        return everything(group);
    }

    private static Stream<Element> everything(Element e) {
        Stream<Element> inside =
                e instanceof CopyElement c ? c.content().group().children().stream() : e.children().stream();
        return Stream.concat(Stream.of(e), inside.flatMap(CopyContent::everything));
    }

    /** Whether anything that it shows casts a shadow: that belongs to the sheet, where its light comes from one side. */
    public boolean hasShadow() {
        return once(
                "shadows", g -> everything().anyMatch(e -> e.traits().shadow().isPresent()));
    }

    /** What {@code question} tells of it, which is asked once only.
     *
     * @param about tells questions apart */
    @SuppressWarnings("unchecked")
    public <T> T once(Object about, Function<GroupElement, T> question) {
        Object answer = known.get(about);
        if (answer == null) {
            answer = question.apply(group);
            known.put(about, answer);
        }
        return (T) answer;
    }

    /** A box around what it shows, in a space that {@code own} leads to. For turns by quarters the box of the design is turned; else
     *  all is measured.
     *
     * @param measure the box around the group in the space that a map leads to */
    public Optional<Box> measured(
            Object about, Affine own, java.util.function.BiFunction<GroupElement, Affine, Optional<Box>> measure) {
        return own.keepsBoxes()
                ? once(about, g -> measure.apply(g, Affine.IDENTITY)).map(b -> b.transformed(own))
                : measure.apply(group, own);
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof CopyContent c && box.equals(c.box) && group.equals(c.group);
    }

    @Override
    public int hashCode() {
        return box.hashCode();
    }

    @Override
    public String toString() {
        return "CopyContent[" + group.children().size() + " elements, " + box + "]";
    }
}
