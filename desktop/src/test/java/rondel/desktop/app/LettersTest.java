package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Place;
import rondel.compose.lettering.AddText;
import rondel.compose.lettering.SetText;
import rondel.formats.fonts.ShippedFonts;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.TextAlign;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.text.PlacedLetter;
import rondel.text.Typesetter;

/** Single letters by mouse and by numbers, text on an outline, fonts that are not at hand. */
class LettersTest extends BenchFixture {

    private static final double SIZE = 40;
    private final Typesetter typesetter = new Typesetter(new ShippedFonts());

    private void text(Lettering lettering) throws Exception {
        onFx(() -> bench.perform(new AddText(
                bench.sheet().id(),
                150,
                150,
                lettering,
                Paint.solid(Rgba.BLACK),
                Optional.of(typesetter.outline(lettering)))));
        calm();
    }

    private static Lettering tide() {
        return Lettering.plain("Tide", new FontChoice("Nunito", 400, false), SIZE)
                .withAlign(TextAlign.MIDDLE);
    }

    private Lettering now() {
        return ((TextElement) only()).lettering();
    }

    private Point middleOf(int letter) {
        PlacedLetter l = typesetter.letters(now()).get(letter);
        return Affine.translate(150, 150)
                .apply(l.inText().bounds().orElseThrow().centre());
    }

    @Test
    void aLetterIsDraggedTurnedAndSizedAndTheTextStaysLive() throws Exception {
        text(tide());
        run("letters");
        calm();
        Point d = middleOf(2);
        drag(screen(d));
        moveTo(screen(d.plus(4, -10)));
        drop();
        calm();
        Lettering.Letter moved = now().letters().getFirst();
        assertThat(moved.at()).isEqualTo(2);
        assertThat(moved.dx() * SIZE).isCloseTo(4, within(0.6));
        assertThat(moved.dy() * SIZE).isCloseTo(-10, within(0.6));
        type("#letter-turn", "-15°");
        calm();
        type("#letter-size", "150 %");
        calm();
        type("#letter-across", "5 mm");
        calm();
        Lettering.Letter typed = now().letter(2);
        assertThat(typed.turn()).isEqualTo(-15);
        assertThat(typed.scale()).isEqualTo(1.5);
        assertThat(typed.dx() * SIZE).isCloseTo(5, within(1e-9));
        assertThat(now().content()).isEqualTo("Tide");
        onFx(() -> lookup("#letter-next").queryAs(Button.class).fire());
        assertThat(lookup("#letter-which").queryAs(Labeled.class).getText())
                .contains("e")
                .contains("4");
        onFx(() -> lookup("#letter-previous").queryAs(Button.class).fire());
        onFx(() -> lookup("#letter-back").queryAs(Button.class).fire());
        calm();
        assertThat(now().letters()).isEmpty();
        keys(KeyCode.ESCAPE);
        assertThat(lookup("#letter-which").query().isVisible()
                        && lookup("#letter-which")
                                .query()
                                .getParent()
                                .getParent()
                                .isVisible())
                .isFalse();
        assertThat(bench.selectedIds()).hasSize(1);
    }

    @Test
    void textStandsOnTheOutlineOfAShapeAndStraightAgain() throws Exception {
        ShapeElement disc = new ShapeElement(
                Traits.named("Disc").withId(new ElementId("disc")).withPlacement(Affine.translate(40, 0)),
                Outline.of(new java.awt.geom.Ellipse2D.Double(90, 90, 120, 120)),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.empty());
        onFx(() -> bench.perform(new Place(bench.sheet().id(), List.of(disc), List.of())));
        text(tide());
        ElementId text = bench.selectedIds().getFirst();
        onFx(() -> bench.select(List.of(new ElementId("disc"), text)));
        onFx(() -> window.commands().get("textOnOutline").run());
        calm();
        TextElement set = (TextElement) bench.job().located(text).element();
        Box path = set.lettering()
                .path()
                .orElseThrow()
                .transformed(set.placement())
                .bounds()
                .orElseThrow();
        assertThat(path.centre().x()).isCloseTo(190, within(1e-9));
        Point middle = set.outline()
                .transformed(set.placement())
                .bounds()
                .orElseThrow()
                .centre();
        assertThat(middle.distanceTo(new Point(190, 150))).isBetween(40.0, 90.0);
        onFx(() -> bench.select(List.of(text)));
        onFx(() -> window.commands().get("textStraight").run());
        calm();
        assertThat(now().path()).isEmpty();
    }

    private void switchFeature(String id) throws Exception {
        calm();
        onFx(() -> lookup("#text-feature-menu").<MenuButton>query().getItems().stream()
                .filter(i -> id.equals(i.getId()))
                .map(CheckMenuItem.class::cast)
                .forEach(i -> {
                    i.setSelected(!i.isSelected());
                    i.fire();
                }));
    }

    @Test
    void kerningHasASwitchAndAMissingFontIsSaidWhileItsOutlinesStay() throws Exception {
        text(Lettering.plain("AVATAR", new FontChoice("EB Garamond", 400, false), SIZE));
        double kerned = boxOf(bench.selectedIds().getFirst()).width();
        switchFeature("feature-kern");
        calm();
        assertThat(now().features()).containsExactly("-kern");
        assertThat(boxOf(bench.selectedIds().getFirst()).width()).isGreaterThan(kerned + 1);
        Outline seen = ((TextElement) only()).outline();
        Lettering lost = now().withFont(new FontChoice("Selkie Script", 400, false));
        onFx(() -> bench.perform(new SetText(bench.selectedIds().getFirst(), lost, Optional.of(seen))));
        calm();
        Labeled told = lookup("#text-missing").queryAs(Labeled.class);
        assertThat(told.isVisible()).isTrue();
        assertThat(told.getText()).contains("Selkie Script");
        assertThat(((TextElement) only()).outline()).isEqualTo(seen);
    }
}
