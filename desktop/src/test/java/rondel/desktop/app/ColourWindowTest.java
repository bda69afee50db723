package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.desktop.compose.colour.RecolourForm;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;

/** Colours in the real window: picked from the sheet, put in the place of others, kept as a palette. */
class ColourWindowTest extends BenchFixture {

    private static final Rgba SEA = new Rgba(0x1f, 0x6f, 0x6b, 255);
    private static final Rgba GOLD = new Rgba(220, 170, 60, 255);

    @BeforeEach
    void theSample() throws Exception {
        calm();
        onFx(() -> bench.open(SampleJob.make(), Optional.empty()));
        calm();
    }

    private void fire(String button) {
        onFx(lookup(button).queryButton()::fire);
        settle();
    }

    private Paint fill(String id) {
        return ((ShapeElement) bench.job().located(new ElementId(id)).element()).fill();
    }

    @Test
    void aClickOnTheSheetTakesItsColour() throws Exception {
        select("leaf");
        answers.recolour = Optional.of(now -> new RecolourForm(now, GOLD, 0, false));
        run("recolour");
        assertThat(fill("leaf")).isEqualTo(Paint.solid(GOLD));
        assertThat(fill("stem")).isEqualTo(Paint.solid(SEA));
        run("pickColour");
        clickOn(screen(new Point(27, 32)));
        calm();
        assertThat(fill("leaf")).isEqualTo(Paint.solid(SEA));
        assertThat(bench.selectedIds()).containsExactly(new ElementId("leaf"));
    }

    @Test
    void escapeLeavesThePicking() throws Exception {
        select("leaf");
        Paint before = fill("leaf");
        run("pickColour");
        push(KeyCode.ESCAPE);
        clickOn(screen(new Point(250, 250)));
        calm();
        assertThat(fill("leaf")).isEqualTo(before);
        assertThat(bench.selection()).isEmpty();
    }

    @Test
    void everyMatchInTheJobIsRecolouredAndThePaletteIsKept() throws Exception {
        select("leaf");
        answers.recolour = Optional.of(now -> new RecolourForm(now, GOLD, 0.01, true));
        fire("#do-recolour");
        calm();
        assertThat(fill("stem")).isEqualTo(Paint.solid(GOLD));
        assertThat(bench.selectedIds()).containsExactly(new ElementId("leaf"));
        fire("#do-keepColours");
        assertThat(bench.job().palette()).extracting(s -> s.colour()).contains(GOLD);
        select("stem");
        onFx(() -> bench.perform(new rondel.compose.arrange.SetFill(bench.selectedIds(), Paint.solid(SEA))));
        onFx(() -> lookup("#swatch-dcaa3c").queryButton().requestFocus());
        push(KeyCode.ENTER);
        assertThat(fill("stem")).isEqualTo(Paint.solid(GOLD));
    }
}
