package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.TextElement;
import rondel.units.LengthUnit;

/** What is copied is pasted again, here, in another job, and from other programs. */
class ClipboardWindowTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    private void onBoard(String text) {
        onFx(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            Clipboard.getSystemClipboard().setContent(content);
        });
    }

    @Test
    void aHaloFollowsItsArtworkIntoAnotherJob() throws Exception {
        dragFromShelf("anchor", 100, 100);
        run("halo");
        calm();
        onFx(() -> bench.selectAll());
        Box before = boxOf(bench.selectedIds().getFirst());
        keys(KeyCode.SHORTCUT, KeyCode.C);
        calm();
        onFx(() -> bench.open(Job.blank("Other", LengthUnit.MM, 200, 200), Optional.empty()));
        calm();
        keys(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.V);
        calm();
        assertThat(bench.sheet().elements()).hasSize(2);
        assertThat(boxOf(bench.sheet().elements().getFirst().id()).x()).isCloseTo(before.x(), within(1e-6));
        ElementId artwork = bench.sheet().elements().stream()
                .filter(e -> e.traits().link().isEmpty())
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(bench.sheet().elements())
                .filteredOn(e -> e.traits().link().isPresent())
                .singleElement()
                .satisfies(e -> assertThat(((Link.Around) e.traits().link().orElseThrow()).toString())
                        .contains(artwork.value()));
        keys(KeyCode.SHORTCUT, KeyCode.V);
        calm();
        assertThat(bench.sheet().elements()).hasSize(4);
    }

    @Test
    void whatIsCutGoesAndOtherProgramsGetTextADrawingAndAPicture() throws Exception {
        calm();
        run("addStar");
        keys(KeyCode.ENTER);
        calm();
        keys(KeyCode.SHORTCUT, KeyCode.X);
        calm();
        assertThat(bench.sheet().elements()).isEmpty();
        onFx(() -> {
            Clipboard board = Clipboard.getSystemClipboard();
            assertThat(board.getString()).contains("<svg");
            assertThat(board.getImage().getWidth()).isBetween(565.0, 575.0);
        });
    }

    @Test
    void drawingsAndWordsOfOtherProgramsArePasted() throws Exception {
        calm();
        onBoard("<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='20mm' viewBox='0 0 40 20'>"
                + "<rect width='40' height='20' fill='#336699'/></svg>");
        keys(KeyCode.SHORTCUT, KeyCode.V);
        calm();
        assertThat(boxOf(bench.selectedIds().getFirst()).width()).isCloseTo(40, within(1e-6));
        onBoard("Spring tide");
        keys(KeyCode.SHORTCUT, KeyCode.V);
        calm();
        assertThat(((TextElement) only()).content()).isEqualTo("Spring tide");
        assertThat(List.copyOf(bench.sheet().elements())).hasSize(2);
    }
}
