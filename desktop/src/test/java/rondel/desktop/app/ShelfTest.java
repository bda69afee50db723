package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import rondel.desktop.compose.thing.ThingForm;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Licence;
import rondel.job.Provenance;

/** The shelf as a person uses it: looking for things, keeping them, putting work back on it. */
class ShelfTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    private int found() {
        return lookup("#shelf-rows").<ListView<List<?>>>query().getItems().stream()
                .mapToInt(List::size)
                .sum();
    }

    private void look(String words) throws Exception {
        clickOn("#find").push(KeyCode.SHORTCUT, KeyCode.A).write(words);
        calm();
    }

    private void choose(String thing, String item) throws Exception {
        clickOn("#shelf-" + thing, MouseButton.SECONDARY);
        clickOn("#" + item);
        calm();
    }

    @Test
    void thingsAreFoundAsOneTypesAndOthersOfTheSetAreAClickAway() throws Exception {
        calm();
        int all = found();
        look("bir");
        assertThat(found()).isEqualTo(2);
        choose("gull", "item-thingsOfSet");
        assertThat(found()).isEqualTo(12).isLessThan(all);
        choose("crab", "item-thingLike");
        assertThat(lookup("#shelf-rows")
                        .<ListView<List<?>>>query()
                        .getItems()
                        .getFirst()
                        .getFirst()
                        .toString())
                .contains("crab.svg");
        look("zebra");
        assertThat(lookup(".empty-state").<javafx.scene.Node>queryAll()).anyMatch(javafx.scene.Node::isVisible);
    }

    @Test
    void aSelectionDroppedOnTheShelfStaysOnTheSheetAndBecomesAThing() throws Exception {
        dragFromShelf("crab", 60, 60);
        dragFromShelf("starfish", 160, 60);
        keys(KeyCode.SHORTCUT, KeyCode.A);
        keys(KeyCode.SHORTCUT, KeyCode.G);
        answers.thing = Optional.of(now -> {
            assertThat(now.licence()).isEqualTo(Licence.OWN);
            return new ThingForm("Shore pair", "Mine", "corner, red", "", "Saltmarsh Studio", Licence.OWN);
        });
        Element before = only();
        drag(screen(new Point(60, 60)));
        moveTo("#shelf-hint-place");
        drop();
        calm();
        assertThat(only()).isSameAs(before);
        assertThat(notice()).contains("Shore pair");
        look("corner");
        assertThat(found()).isEqualTo(1);
        clickOn("#shelf-shore-pair");
        push(KeyCode.ENTER);
        calm();
        GroupElement placed = (GroupElement) only();
        assertThat(placed.name()).isEqualTo("Shore pair");
        assertThat(boxOf(placed.id()).width()).isCloseTo(boxOf(before.id()).width(), within(1e-9));
    }

    @Test
    void filesAreKeptAndWhatIsToldOfThemGoesWithThemOntoTheSheet() throws Exception {
        calm();
        Path file = Files.writeString(
                ownFonts.resolve("driftwood.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='30mm'><path d='M0 0h50v50z'/></svg>");
        onFx(() -> window.shelf().keep(List.of(file)));
        calm();
        look("drift");
        answers.thing = Optional.of(
                now -> new ThingForm("Driftwood", "Found", "wood", "Beach market", "A. Avocet", Licence.PERSONAL_USE));
        choose("driftwood", "item-thingDescribe");
        look("avocet");
        assertThat(found()).isEqualTo(1);
        clickOn("#shelf-driftwood");
        push(KeyCode.ENTER);
        calm();
        assertThat(only().traits().provenance())
                .contains(new Provenance("Beach market", "A. Avocet", Licence.PERSONAL_USE));
        choose("driftwood", "item-thingTakeOff");
        assertThat(found()).isZero();
        assertThat(notice()).contains("Driftwood");
    }
}
