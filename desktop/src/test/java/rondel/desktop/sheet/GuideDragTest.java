package rondel.desktop.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.compose.sheets.AddGuide;
import rondel.compose.sheets.MoveGuide;
import rondel.compose.sheets.RemoveGuide;
import rondel.geometry.Axis;
import rondel.job.Guide;
import rondel.job.Sheet;
import rondel.job.SheetId;

class GuideDragTest {

    private static final SheetId ID = new SheetId("s");
    private static final Viewport VIEW = new Viewport(2, 100, 50);
    private static final Sheet SHEET = Sheet.of(ID, "S", 200, 100)
            .withGuides(List.of(new Guide(Axis.HORIZONTAL, 30), new Guide(Axis.VERTICAL, 40)));

    @Test
    void aNewOneComesOutOfARuler() {
        GuideDrag top = GuideDrag.at(SHEET, VIEW, 300, 5, true).orElseThrow();
        assertThat(top.finish(VIEW, 300, 150)).contains(new AddGuide(ID, Axis.VERTICAL, 50));
        assertThat(top.preview(VIEW, 300, 150)).hasSize(3).contains(new Guide(Axis.VERTICAL, 50));
        assertThat(top.finish(VIEW, 300, 8)).isEmpty();
        GuideDrag left = GuideDrag.at(SHEET, VIEW, 5, 300, false).orElseThrow();
        assertThat(left.finish(VIEW, 140, 300)).contains(new AddGuide(ID, Axis.HORIZONTAL, 20));
        assertThat(GuideDrag.at(SHEET, VIEW, 5, 5, false)).isEmpty();
    }

    @Test
    void oneThatLiesIsMovedOrTakenBack() {
        GuideDrag upright = GuideDrag.at(SHEET, VIEW, 162, 90, false).orElseThrow();
        assertThat(upright.finish(VIEW, 180, 90)).contains(new MoveGuide(ID, 0, 40));
        assertThat(upright.preview(VIEW, 10, 90)).containsExactly(new Guide(Axis.VERTICAL, 40));
        assertThat(upright.finish(VIEW, 10, 90)).contains(new RemoveGuide(ID, 0));
        assertThat(GuideDrag.at(SHEET, VIEW, 162, 90, true))
                .as("a thing over it comes first")
                .isEqualTo(Optional.empty());
        assertThat(GuideDrag.at(SHEET, VIEW, 180, 90, false)).isEmpty();
    }
}
