package rondel.formats.fonts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.Fixtures;
import rondel.text.FontFace;
import rondel.words.Refusal;

class FontsAtHandTest {

    @TempDir
    private Path folder;

    private Path font(String name) throws Exception {
        byte[] bytes = Fixtures.resource("/rondel/demo/fonts/Playball_400Regular.ttf");
        return Files.write(folder.resolve(name), bytes);
    }

    @Test
    void anAddedFontIsAtHandNowAndInTheNextSession() throws Exception {
        Path own = folder.resolve("own");
        FontsAtHand fonts = new FontsAtHand(own);
        int before = fonts.get().faces().size();
        assertThat(fonts.add(font("mine.ttf")).family()).isEqualTo("Playball");
        assertThat(fonts.get().faces()).hasSize(before + 1);
        assertThat(new FontsAtHand(own).get().faces()).hasSize(before + 1);
        assertThat(new FontsAtHand(own).get().faces().stream().map(FontFace::family))
                .contains("Nunito");
    }

    @Test
    void whatIsNoFontIsRefusedAndNothingIsKept() throws Exception {
        Path own = folder.resolve("own");
        FontsAtHand fonts = new FontsAtHand(own);
        Path text = Files.writeString(folder.resolve("notes.ttf"), "a shopping list");
        assertThatThrownBy(() -> fonts.add(text)).isInstanceOf(Refusal.class).hasMessageContaining("notes.ttf");
        Path named = font("mine.zip");
        assertThatThrownBy(() -> fonts.add(named)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> fonts.add(folder.resolve("none.otf"))).isInstanceOf(Refusal.class);
        assertThat(own).doesNotExist();
    }

    @Test
    void aFileThatWentBadIsLeftOutAndTheOthersStay() throws Exception {
        Path own = Files.createDirectories(folder.resolve("own"));
        Files.writeString(own.resolve("torn.ttf"), "torn");
        assertThat(new FontsAtHand(own).get().faces()).isNotEmpty();
    }
}
