package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.Test;
import rondel.desktop.help.GuidePage;
import rondel.desktop.model.Stage;
import rondel.desktop.stage.StageView;

/** A stage with a middle of its own, in the place of Lines: what is selected on the hidden sheet is out of reach there. */
class StageWithoutSheetTest extends BenchFixture {

    private record Bare(Region left, Region middle, Region right) implements StageView {}

    @Override
    List<StageEntry> stages() {
        return List.of(
                StageEntry.ALL.getFirst(),
                new StageEntry(
                        new Stage("Lines", false),
                        GuidePage.LINES,
                        parts -> new Bare(new Label("left"), new Label("middle"), new Label("right")),
                        List.of()));
    }

    @Test
    void keysAndCommandsDoNotReachTheHiddenSheet() throws Exception {
        openDemo("sticker-sheet");
        int placed = bench.sheet().elements().size();
        onFx(bench::selectAll);
        push(KeyCode.CONTROL, KeyCode.F2);
        settle();
        assertThat(lookup("middle").tryQuery()).isPresent();
        for (String command : List.of("delete", "group", "duplicate", "toFront", "makeWindows")) {
            assertThat(window.commands().get(command).enabled().getAsBoolean())
                    .as(command)
                    .isFalse();
        }
        assertThat(window.commands().get("save").enabled().getAsBoolean()).isTrue();
        push(KeyCode.DELETE);
        settle();
        assertThat(bench.sheet().elements()).hasSize(placed);
        push(KeyCode.CONTROL, KeyCode.F1);
        keys(KeyCode.DELETE);
        calm();
        assertThat(bench.sheet().elements()).isEmpty();
    }
}
