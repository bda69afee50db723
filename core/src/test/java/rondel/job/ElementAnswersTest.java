package rondel.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;

/** What is known of an element stays known while versions of its sheet have it. */
class ElementAnswersTest {

    private final List<String> asked = new ArrayList<>();

    private static Element shape(String name) {
        return new ShapeElement(
                Traits.named(name),
                Outline.rectangle(new Box(0, 0, 10, 10)),
                FillRule.NON_ZERO,
                Paint.solid(Rgba.BLACK),
                Optional.empty());
    }

    private static Sheet sheet(Element... elements) {
        return Sheet.of(new SheetId("s"), "Page", 100, 100).withElements(List.of(elements));
    }

    private void ask(Sheet sheet) {
        for (Element e : sheet.elements()) {
            assertThat(sheet.<String>once(e, "name", () -> {
                        asked.add(e.name());
                        return e.name();
                    }))
                    .isEqualTo(e.name());
        }
    }

    @Test
    void anEditAsksOnlyOfWhatItChanged() {
        Element shell = shape("shell");
        Element crab = shape("crab");
        Sheet first = sheet(shell, crab);
        ask(first);
        ask(first);
        assertThat(asked).containsExactly("shell", "crab");

        Sheet second = first.withElements(List.of(shell, shape("starfish"), crab));
        ask(second);
        assertThat(asked).containsExactly("shell", "crab", "starfish");

        Sheet third = second.withName("Other").withSize(50, 50).withElements(List.of(crab));
        ask(third);
        ask(first);
        assertThat(asked).hasSize(3);
    }

    @Test
    void oneThatLooksTheSameIsAskedForItself() {
        Element shell = shape("shell");
        Element twin = shell.with(t -> t);
        assertThat(twin).isEqualTo(shell).isNotSameAs(shell);
        ask(sheet(shell, twin));
        assertThat(asked).containsExactly("shell", "shell");
    }

    @Test
    void aLongHistoryKeepsWhatItStillHasAndForgetsWhatIsLongGone() {
        Element kept = shape("kept");
        Element gone = shape("gone");
        Sheet sheet = sheet(kept, gone);
        ask(sheet);
        for (int i = 0; i < 30; i++) {
            sheet = sheet.withElements(List.of(kept, shape("new " + i)));
            ask(sheet);
        }
        assertThat(asked).hasSize(32).doesNotHaveDuplicates();
        ask(sheet.withElements(List.of(kept, gone)));
        assertThat(asked).hasSize(33).last().isEqualTo("gone");
    }

    @Test
    void versionsThatNobodyAskedAreSkipped() {
        Element kept = shape("kept");
        Sheet sheet = sheet(kept);
        ask(sheet);
        for (int i = 0; i < 100; i++) {
            sheet = sheet.withElements(List.of(kept, shape("new " + i)));
        }
        ask(sheet);
        assertThat(asked).containsExactly("kept", "new 99");
    }

    /** While none is found, only what an edit changed is tested; over edits of every sort the answer is that of looking through all. */
    @Test
    void whetherThereIsAnyIsWhatOneWouldFindByLooking() {
        Random random = new Random(3);
        List<Element> tested = new ArrayList<>();
        Predicate<Element> locked = e -> {
            tested.add(e);
            return e.locked();
        };
        List<Element> elements = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            elements.add(shape("shape " + i));
        }
        Sheet sheet = sheet(elements.toArray(Element[]::new));
        for (int step = 0; step < 500; step++) {
            boolean none = sheet.elements().stream().noneMatch(Element::locked);
            assertThat(sheet.any(locked)).isEqualTo(!none);
            List<Element> next = new ArrayList<>(sheet.elements());
            int which = random.nextInt(next.size());
            switch (random.nextInt(6)) {
                case 0 -> next.add(which, shape("new"));
                case 1 -> next.add(random.nextInt(next.size()), next.remove(which));
                case 2 -> next.set(which, next.get(which).with(t -> t.withLocked(random.nextBoolean())));
                case 3 -> next.replaceAll(e -> e.locked() ? e.with(t -> t.withLocked(false)) : e);
                case 4 -> next.remove(next.size() > 20 ? which : next.size() - 1);
                default -> next.set(which, next.get(which).with(t -> t.withName("renamed")));
            }
            sheet = sheet.withElements(next).withName("step " + step);
        }
        Sheet unlocked = sheet(elements.toArray(Element[]::new));
        assertThat(unlocked.any(locked)).isFalse();
        tested.clear();
        List<Element> one = new ArrayList<>(elements);
        one.set(7, one.get(7).with(t -> t.withName("other")));
        assertThat(unlocked.withElements(one).any(locked)).isFalse();
        assertThat(tested).containsExactly(one.get(7));
    }
}
