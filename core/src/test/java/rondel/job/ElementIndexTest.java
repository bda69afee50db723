package rondel.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.units.LengthUnit;

/** Elements are found by their ids as one would find them by looking through the sheet, after any edits. */
class ElementIndexTest {

    private final Random random = new Random(11);
    private int made;

    private Element shape() {
        return new ShapeElement(
                Traits.named("shape").withId(id()),
                Outline.rectangle(new Box(0, 0, 10, 10)),
                FillRule.NON_ZERO,
                Paint.solid(Rgba.BLACK),
                Optional.empty());
    }

    /** Most are new; some are there twice, as in a file that somebody has edited by hand. */
    private ElementId id() {
        return new ElementId("e" + (random.nextInt(40) == 0 && made > 0 ? random.nextInt(made) : made++));
    }

    private Element some(int depth) {
        if (depth == 0 || random.nextInt(3) > 0) {
            return shape();
        }
        List<Element> children = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            children.add(some(depth - 1));
        }
        return GroupElement.of(Traits.named("group").withId(id()).withPlacement(shifted()), children);
    }

    private Affine shifted() {
        return Affine.translate(random.nextInt(50), random.nextInt(50)).times(Affine.rotate(random.nextInt(360)));
    }

    private List<Element> edited(List<Element> elements, int depth) {
        List<Element> now = new ArrayList<>(elements);
        int which = now.isEmpty() ? 0 : random.nextInt(now.size());
        switch (now.isEmpty() ? 0 : random.nextInt(6)) {
            case 0 -> now.add(which, some(depth));
            case 1 -> now.remove(which);
            case 2 -> now.add(random.nextInt(now.size()), now.remove(which));
            case 3 -> now.set(which, now.get(which).with(t -> t.withPlacement(shifted())));
            case 4 -> now.set(which, now.get(which).with(t -> t.withId(id())));
            default -> {
                if (now.get(which) instanceof GroupElement g && depth > 0) {
                    now.set(which, g.withChildren(edited(g.children(), depth - 1)));
                } else {
                    now.replaceAll(e -> e.with(t -> t.withName("renamed")));
                }
            }
        }
        return now;
    }

    private static Optional<Located> lookedFor(
            ElementId id, Sheet sheet, List<Element> elements, List<GroupElement> around, Affine toSheet) {
        for (Element e : elements) {
            if (e.id().equals(id)) {
                return Optional.of(new Located(sheet, around, e, toSheet));
            }
            if (e instanceof GroupElement g) {
                List<GroupElement> path = new ArrayList<>(around);
                path.add(g);
                Optional<Located> inside = lookedFor(id, sheet, g.children(), path, toSheet.times(g.placement()));
                if (inside.isPresent()) {
                    return inside;
                }
            }
        }
        return Optional.empty();
    }

    @Test
    void afterAnyEditsEachIsWhereItStands() {
        Sheet sheet = Sheet.of(new SheetId("s"), "Page", 100, 100);
        for (int step = 0; step < 400; step++) {
            sheet = sheet.withElements(edited(sheet.elements(), 3));
            for (int i = -1; i <= made; i++) {
                ElementId id = new ElementId("e" + i);
                Optional<Located> found = sheet.find(id);
                Optional<Located> expected = lookedFor(id, sheet, sheet.elements(), List.of(), Affine.IDENTITY);
                assertThat(found.map(Located::element).orElse(null))
                        .isSameAs(expected.map(Located::element).orElse(null));
                assertThat(found.map(Located::ancestors)).isEqualTo(expected.map(Located::ancestors));
                assertThat(found.map(Located::toSheet)).isEqualTo(expected.map(Located::toSheet));
            }
        }
    }

    @Test
    void theOutermostAreThoseWithNoneOfThemAround() {
        for (int run = 0; run < 50; run++) {
            List<Element> elements = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                elements.add(some(4));
            }
            Job blank = Job.blank("Page", LengthUnit.MM, 100, 100);
            Job job = blank.withSheet(blank.sheets().getFirst().id(), s -> s.withElements(elements));
            Set<ElementId> wanted = new HashSet<>();
            job.everything().filter(e -> random.nextInt(3) == 0).forEach(e -> wanted.add(e.id()));
            wanted.add(new ElementId("nowhere"));
            Set<ElementId> expected = new HashSet<>();
            for (ElementId id : wanted) {
                job.find(id)
                        .filter(l -> l.ancestors().stream().noneMatch(g -> wanted.contains(g.id())))
                        .ifPresent(l -> expected.add(id));
            }
            assertThat(Tree.outermost(job, wanted)).isEqualTo(expected);
        }
    }

    @Test
    void whatStandsAlikeIsNotIndexedAgain() {
        List<Element> elements =
                List.of(shape(), GroupElement.of(Traits.named("g").withId(id()), List.of(shape())));
        List<Element> moved = elements.stream()
                .map(e -> e.with(t -> t.withPlacement(shifted())))
                .toList();
        assertThat(ElementIndex.alike(elements, moved)).isTrue();
        assertThat(ElementIndex.alike(elements, elements.reversed())).isFalse();
        assertThat(ElementIndex.alike(elements, List.of(elements.getFirst(), elements.getFirst())))
                .isFalse();
        assertThat(ElementIndex.alike(
                        elements,
                        List.of(elements.getFirst(), ((GroupElement) elements.getLast()).withChildren(List.of()))))
                .isFalse();
    }
}
