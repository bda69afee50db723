package rondel.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
}
