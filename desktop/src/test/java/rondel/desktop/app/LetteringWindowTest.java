package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import rondel.desktop.compose.glyphs.GlyphPick;
import rondel.desktop.compose.glyphs.GlyphSheet;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.FontChoice;
import rondel.job.TextElement;

/** Text set in the real window, by keyboard. */
class LetteringWindowTest extends BenchFixture {

    private TextElement text() {
        return (TextElement) only();
    }

    @Test
    void aPersonWritesSizesArchesAndUndoesALine() throws Exception {
        calm();
        keys(KeyCode.SHORTCUT, KeyCode.T);
        calm();
        assertThat(text().content()).isNotBlank();
        Box first = boxOf(only().id());

        onFx(() -> lookup("#text-content").<TextArea>query().requestFocus());
        push(KeyCode.SHORTCUT, KeyCode.A).write("Saltmarsh").push(KeyCode.SHORTCUT, KeyCode.ENTER);
        calm();
        assertThat(text().content()).isEqualTo("Saltmarsh");
        assertThat(boxOf(only().id()).centre().x()).isCloseTo(first.centre().x(), within(2.0));

        type("#text-size", "1 in");
        calm();
        assertThat(text().lettering().size()).isCloseTo(25.4, within(1e-9));
        Box straight = boxOf(only().id());

        type("#text-arc", "8 in");
        calm();
        Box arched = boxOf(only().id());
        assertThat(arched.height()).isGreaterThan(straight.height() + 5);

        FontChoice script = new FontChoice("Great Vibes", 400, false);
        clickOn("#text-font");
        calm();
        write("great");
        push(KeyCode.DOWN);
        calm();
        assertThat(text().font()).isNotEqualTo(script);
        push(KeyCode.ENTER);
        calm();
        assertThat(text().font()).isEqualTo(script);

        type("#text-features", "-liga, ss01");
        calm();
        assertThat(text().lettering().features()).isEqualTo(List.of("-liga", "ss01"));
        type("#text-features", "no such thing");
        calm();
        assertThat(notice()).contains("thing");

        for (int i = 0; i < 5; i++) {
            keys(KeyCode.SHORTCUT, KeyCode.Z);
        }
        assertThat(boxOf(only().id())).isEqualTo(first);
    }

    @Test
    void aFontFileIsAddedAndItsFamilyCanBeChosen() throws Exception {
        calm();
        Path font = ownFonts.resolve("shared").resolve("Mine.ttf");
        Files.createDirectories(font.getParent());
        try (InputStream in = getClass().getResourceAsStream("/rondel/demo/fonts/Playball_400Regular.ttf")) {
            Files.write(font, in.readAllBytes());
        }
        answers.fonts = List.of(font);
        onFx(() -> window.commands().get("addFonts").run());
        calm();
        assertThat(notice()).startsWith("1 ");
        assertThat(ownFonts.resolve("Mine.ttf")).exists();
    }

    @Test
    void aLetterIsDrawnByAnotherGlyphAndAnOrnamentIsAdded() throws Exception {
        calm();
        keys(KeyCode.SHORTCUT, KeyCode.T);
        calm();
        String before = text().content();
        answers.glyph =
                Optional.of(sheet -> new GlyphPick(sheet.catalogue().glyphs().get(40), OptionalInt.of(2)));
        run("glyphs");
        calm();
        assertThat(text().content()).isEqualTo(before);
        assertThat(text().lettering().letters()).singleElement().satisfies(l -> {
            assertThat(l.at()).isEqualTo(2);
            assertThat(l.glyph()).contains(40);
        });
        answers.glyph = Optional.of(sheet -> new GlyphPick(
                sheet.found(new GlyphSheet.Filter(Optional.empty(), OptionalInt.empty(), "U+0026"))
                        .getFirst(),
                OptionalInt.empty()));
        run("glyphs");
        calm();
        assertThat(text().content()).isEqualTo(before + "&");
    }

    @Test
    void aUnionFollowsItsWordingUntilItIsMadePermanent() throws Exception {
        keys(KeyCode.SHORTCUT, KeyCode.T);
        calm();
        ElementId text = only().id();
        onFx(() -> window.commands().get("uniteLive").run());
        calm();
        ElementId group = only().id();
        double width = boxOf(group).width();
        onFx(() -> bench.stepInto(group));
        onFx(() -> bench.select(java.util.List.of(text)));
        onFx(() -> lookup("#text-content").<TextArea>query().requestFocus());
        onFx(() -> lookup("#text-content").<TextArea>query().setText("Welcome ashore, all of you"));
        onFx(() -> window.sheet().requestFocus());
        calm();
        assertThat(boxOf(group).width()).isGreaterThan(1.5 * width);
        onFx(() -> bench.stepOut(0));
        onFx(() -> bench.select(java.util.List.of(group)));
        onFx(() -> window.commands().get("makePermanent").run());
        assertThat(only().kind()).isEqualTo("shape");
        assertThat(only().id()).isEqualTo(group);
    }
}
