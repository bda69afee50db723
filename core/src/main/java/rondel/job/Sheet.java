package rondel.job;

import java.lang.ref.SoftReference;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import rondel.geometry.Affine;
import rondel.geometry.Box;

/** One surface of fixed size, immutable. Lengths in mm; the origin is the top left corner of the trim. */
public final class Sheet {

    /** The longest side a sheet may have, in mm: five metres. */
    public static final double LONGEST = 5000;

    private static final Predicate<Element> LINKED =
            e -> Tree.any(e, x -> x.traits().link().isPresent());

    private final SheetId id;
    private final String name;
    private final double width;
    private final double height;
    private final Optional<Rgba> paper;
    private final double bleed;
    private final double safeMargin;
    private final List<Guide> guides;
    private final List<Element> elements;
    private final Optional<PlannedSheet> planned;
    private final Extras extras;

    /** What is known of it, worked out again whenever it has been dropped: a long history of a large sheet must not hold all of it. */
    private volatile SoftReference<Map<Object, Object>> known = new SoftReference<>(null);

    /** What is known of its elements, dropped likewise. */
    private volatile SoftReference<ElementAnswers> ofElements = new SoftReference<>(null);

    /** @param paper its colour, or nothing for a transparent one
     *  @param bleed how far print runs past the trim
     *  @param safeMargin how far from the trim things should stay
     *  @param elements back to front
     *  @param planned what it has from a plan, where it is a sheet of stock */
    public Sheet(
            SheetId id,
            String name,
            double width,
            double height,
            Optional<Rgba> paper,
            double bleed,
            double safeMargin,
            List<Guide> guides,
            List<Element> elements,
            Optional<PlannedSheet> planned,
            Extras extras) {
        this.id = id;
        this.name = name;
        this.width = width;
        this.height = height;
        this.paper = paper;
        this.bleed = bleed;
        this.safeMargin = safeMargin;
        this.guides = List.copyOf(guides);
        this.elements = List.copyOf(elements);
        this.planned = planned;
        this.extras = extras;
    }

    public static Sheet of(SheetId id, String name, double width, double height) {
        return new Sheet(
                id,
                name,
                width,
                height,
                Optional.of(Rgba.WHITE),
                0,
                0,
                List.of(),
                List.of(),
                Optional.empty(),
                Extras.NONE);
    }

    public SheetId id() {
        return id;
    }

    public String name() {
        return name;
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }

    /** Its colour, or nothing for a transparent one. */
    public Optional<Rgba> paper() {
        return paper;
    }

    public double bleed() {
        return bleed;
    }

    public double safeMargin() {
        return safeMargin;
    }

    public List<Guide> guides() {
        return guides;
    }

    /** Back to front. */
    public List<Element> elements() {
        return elements;
    }

    /** What it has from a plan, where it is a sheet of stock. */
    public Optional<PlannedSheet> planned() {
        return planned;
    }

    public Extras extras() {
        return extras;
    }

    /** The element with an id and its place in the tree; where several have the same, the backmost. */
    public Optional<Located> find(ElementId wanted) {
        return index().find(wanted, this);
    }

    /** Its elements at any depth that follow others or are kept alike, in the order of the tree. They are few, and asked for at every edit. */
    List<Element> linked() {
        if (!any(LINKED)) {
            return List.of();
        }
        return once("linked", sheet -> {
            List<Element> found = new ArrayList<>();
            linked(sheet.elements, found);
            return List.copyOf(found);
        });
    }

    private static void linked(List<Element> elements, List<Element> found) {
        for (Element e : elements) {
            if (e.traits().link().isPresent()) {
                found.add(e);
            }
            if (e instanceof GroupElement g) {
                linked(g.children(), found);
            }
        }
    }

    private ElementIndex index() {
        return ofElements().index(elements);
    }

    /** The next version of a sheet: what is known of where elements stand is kept if they stand alike, and what is known of those that both have. */
    private Sheet knowing(Sheet before) {
        ElementAnswers shared = before.ofElements.get();
        if (shared != null) {
            ofElements = new SoftReference<>(shared.next(before.elements, elements));
        }
        return this;
    }

    /** What {@code question} tells of one of its elements and of nothing around it, which is asked once for as long as there is memory for the answer and
     *  versions of the sheet have the element. Safe on any thread.
     *
     * @param element at any depth, in copies too
     * @param about tells questions apart */
    @SuppressWarnings("unchecked")
    public <T> T once(Element element, Object about, Supplier<T> question) {
        return (T) ofElements().once(element, about, question);
    }

    private ElementAnswers ofElements() {
        ElementAnswers answers = ofElements.get();
        if (answers == null) {
            answers = ElementAnswers.none();
            ofElements = new SoftReference<>(answers);
        }
        return answers;
    }

    /** Whether any of its elements passes a test. While none does, only those that an edit has changed are tested again.
     *
     * @param test of an element and of nothing around it, always the same object */
    public boolean any(Predicate<Element> test) {
        return ofElements().any(elements, test);
    }

    /** What {@code question} tells of it, which is asked once for as long as there is memory for the answer. Safe on any thread.
     *
     * @param about tells questions apart */
    @SuppressWarnings("unchecked")
    public <T> T once(Object about, Function<Sheet, T> question) {
        Map<Object, Object> answers = known.get();
        if (answers == null) {
            answers = new ConcurrentHashMap<>();
            known = new SoftReference<>(answers);
        }
        Object answer = answers.get(about);
        if (answer == null) {
            answer = question.apply(this);
            answers.put(about, answer);
        }
        return (T) answer;
    }

    /** Whether one of its elements lies wholly off it: such a one is kept, but never made. */
    public boolean parks(Element e) {
        return Extent.of(e, Affine.IDENTITY).filter(b -> !b.intersects(trim())).isPresent();
    }

    public Box trim() {
        return new Box(0, 0, width, height);
    }

    public Sheet withElements(List<Element> other) {
        return new Sheet(id, name, width, height, paper, bleed, safeMargin, guides, other, planned, extras)
                .knowing(this);
    }

    /** The sheet with more elements in front of all that it has.
     *
     * @param more back to front */
    public Sheet withInFront(List<Element> more) {
        return withElements(Stream.concat(elements.stream(), more.stream()).toList());
    }

    /** Whether a plan has made it. */
    public boolean isOf(PlanId plan) {
        return planned.filter(p -> p.plan().equals(plan)).isPresent();
    }

    public Sheet withSize(double w, double h) {
        return new Sheet(id, name, w, h, paper, bleed, safeMargin, guides, elements, planned, extras).knowing(this);
    }

    public Sheet withMargins(double newBleed, double newSafeMargin) {
        return new Sheet(id, name, width, height, paper, newBleed, newSafeMargin, guides, elements, planned, extras)
                .knowing(this);
    }

    public Sheet withPaper(Optional<Rgba> other) {
        return new Sheet(id, name, width, height, other, bleed, safeMargin, guides, elements, planned, extras)
                .knowing(this);
    }

    public Sheet withGuides(List<Guide> other) {
        return new Sheet(id, name, width, height, paper, bleed, safeMargin, other, elements, planned, extras)
                .knowing(this);
    }

    public Sheet withPlanned(Optional<PlannedSheet> other) {
        return new Sheet(id, name, width, height, paper, bleed, safeMargin, guides, elements, other, extras)
                .knowing(this);
    }

    public Sheet withName(String other) {
        return new Sheet(id, other, width, height, paper, bleed, safeMargin, guides, elements, planned, extras)
                .knowing(this);
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Sheet s && parts().equals(s.parts());
    }

    @Override
    public int hashCode() {
        return Objects.hash(id, name, width, height, elements.size());
    }

    @Override
    public String toString() {
        return "Sheet" + parts();
    }

    private List<Object> parts() {
        return List.of(id, name, width, height, paper, bleed, safeMargin, guides, elements, planned, extras);
    }
}
